import { t } from '../../../../lib/catalogue.js';
import { el, mark } from '../../../../lib/tree.js';
import { freshId } from '../../../editor/document.js';
import { line, now, tick } from '../../../editor/fields.js';
import { list } from '../../../editor/ways.js';
import { effectsField } from '../../effects.js';
import { itemList } from '../items.js';

const LETTERS = ['A', 'B', 'C'];

const lettered = (letter) => t('made.new.option', { letter });

const options = {
    matches: ['options', 'right', 'anything'],
    /** Right answers become options, and so do the wrong ones that rules know. */
    begin(words, others) {
        // Several right words are spellings of one answer: the first of them is the option.
        const known = [...new Set([...words.slice(0, 1), ...others])].slice(0, 40);
        const filled = known.length > 1 ? known : [...known, ...LETTERS.slice(known.length, 3).map(lettered)];

        return {
            type: 'options',
            options: filled.map((md) => ({ id: freshId('option'), md })),
            many: false,
            shuffle: true,
        };
    },
    match(words, input, place) {
        const picked = input.options.find((option) => words.includes(option.md));
        if (picked) return { options: [picked.id] };

        return { options: [input.options[Math.min(place, input.options.length - 1)].id] };
    },
    whole: (input, match) => match,
    fields: ({ lock, input, set, setAll, editor }) => [
        itemList({
            key: lock.id,
            items: input.options,
            name: t('cards.lock.oneOption'),
            prefix: 'option',
            least: 2,
            editor,
            more: t('cards.lock.anotherOption'),
            begun: LETTERS.map(lettered),
            lead: (option) => rightMark(lock, input, option, setAll, editor),
            below: (option) => feedbackTo(lock, input, option, setAll, editor),
            take: (items, made) => set({ options: items }, made),
        }),
        el('div', { class: 'offered', 'data-key': `${lock.id}.offered` }),
        el(
            'details',
            { class: 'card-more', 'data-key': `${lock.id}.options.do` },
            el('summary', {}, t('workshop.optionsDo')),
            input.options.map((one) => does(lock, one, set, editor)),
        ),
        tick({
            key: `${lock.id}.many`,
            label: t('cards.lock.severalMayBePicked'),
            value: Boolean(input.many),
            take: (many) => setAll({ ...asPicked(lock, many), input: { ...input, many } }),
        }),
        tick({
            key: `${lock.id}.shuffle`,
            label: t('cards.lock.inAnotherOrderEachTime'),
            value: Boolean(input.shuffle),
            take: (shuffle) => set({ shuffle }),
        }),
    ],
};

/** Where only one may be picked, only one of the right ones can be asked for: the first. */
function asPicked(lock, many) {
    const open = openRule(lock);
    if (many || !open || open.match.options.length < 2) return {};
    const match = { options: open.match.options.slice(0, 1) };

    return { rules: list(lock.rules).map((rule) => (rule === open ? { ...rule, match } : rule)) };
}

/** Whether it is right, on the line of the option itself. */
function rightMark(lock, input, option, setAll, editor) {
    const right = openRule(lock)?.match.options ?? [];
    const isRight = right.includes(option.id);
    const others = right.filter((id) => id !== option.id);
    const picked = () => (input.many ? [...others, ...(isRight ? [] : [option.id])] : [option.id]);
    const take = () => {
        const rules = list(now(editor, lock).rules).filter((rule) => !isAbout(rule, option.id));
        const open = openRule({ rules });
        const match = { options: picked() };
        setAll({
            rules: open
                ? rules.map((rule) => (rule === open ? { ...rule, match } : rule))
                : [{ match, verdict: 'open', say: '' }, ...rules],
        });
    };

    return el(
        'button',
        {
            class: 'right-mark',
            'data-key': `${lock.id}.${option.id}.right`,
            'aria-pressed': String(isRight),
            'aria-label': t('cards.lock.isRight', { option: option.md }),
            title: t('cards.lock.isRight', { option: option.md }),
            onclick: take,
        },
        isRight ? mark('open') : null,
    );
}

const openRule = (lock) => list(lock.rules).find((rule) => rule.verdict === 'open' && rule.match?.options);

/** Whether a rule only says something to one wrong option: that stands at the option then. */
const isAbout = (rule, id) => isSaidAtOption(rule) && rule.match.options[0] === id;

function isSaidAtOption(rule) {
    return rule.verdict === 'wrong' && rule.match?.options?.length === 1 && !rule.go && list(rule.do).length === 0;
}

/** What those read who pick a wrong option. */
function feedbackTo(lock, input, option, setAll, editor) {
    if (input.many || openRule(lock)?.match.options.includes(option.id)) return null;
    const take = (say) => {
        const rules = list(now(editor, lock).rules);
        const others = rules.filter((rule) => !isAbout(rule, option.id));
        const own = { match: { options: [option.id] }, verdict: 'wrong', say };
        const place = rules.findIndex((rule) => isAbout(rule, option.id));
        setAll({
            rules:
                say.trim() === ''
                    ? others
                    : place < 0
                      ? [...others, own]
                      : rules.map((rule, at) => (at === place ? own : rule)),
        });
    };

    return line({
        key: `${lock.id}.${option.id}.say`,
        label: t('cards.lock.feedbackTo', { option: option.md }),
        shown: false,
        width: 'option-say',
        hint: t('cards.lock.feedbackIfPicked'),
        value: list(lock.rules).find((rule) => isAbout(rule, option.id))?.say ?? '',
        take,
    });
}

/** What picking an option does, whatever the verdict. */
function does(lock, one, set, editor) {
    const held = () => now(editor, lock).input.options;

    return el(
        'div',
        { class: 'card-part', 'data-key': `${one.id}.does` },
        el('strong', {}, one.md),
        effectsField({
            reaction: one,
            editor,
            key: one.id,
            gives: false,
            set: (fields, made) =>
                set({ options: held().map((other) => (other.id === one.id ? { ...other, ...fields } : other)) }, made),
        }),
    );
}

export { isSaidAtOption, options };
