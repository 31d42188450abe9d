import { t } from '../../../../lib/catalogue.js';
import { line, now, pick, tick } from '../../../editor/fields.js';
import { list } from '../../../editor/ways.js';

/** A text that is asked for is at least so long where nothing else is said. */
const ASKED = { min: 20, max: null, of: 'words' };

const text = {
    matches: [
        'equals',
        'has',
        'hasAll',
        'close',
        'like',
        'mathematics',
        'form',
        'pattern',
        'number',
        'between',
        'anything',
    ],
    begin: () => ({ type: 'text' }),
    match: (words) => ({ equals: words }),
};

const long = {
    matches: ['length', 'has', 'hasAll', 'equals', 'pattern', 'anything'],
    begin: () => ({ type: 'long', count: ASKED }),
    match: () => ({ length: ASKED }),
    fields: ({ lock, input, set }) =>
        tick({
            key: `${lock.id}.count`,
            label: t('cards.lock.countsWhileWriting'),
            value: Boolean(input.count),
            take: (on) => set({ count: on ? lengthOf(lock) : undefined }),
        }),
};

/** The length that opens it, for its counter. */
const lengthOf = (lock) => list(lock.rules).find((rule) => rule.match?.length)?.match.length ?? ASKED;

const number = {
    matches: ['number', 'between', 'form', 'anything'],
    begin: () => ({ type: 'number' }),
    match: (words) => ({ number: Number(String(words[0] ?? '').replace(',', '.')) || 0 }),
    beside: ({ lock, input, editor }) =>
        line({
            key: `${lock.id}.unit`,
            label: t('cards.lock.unit'),
            value: input.unit ?? '',
            hint: t('cards.lock.none'),
            take: (unit) => changeUnit(lock, unit, editor),
        }),
};

function changeUnit(lock, unit, editor) {
    const withUnit = (match) => {
        if (match?.any) return { ...match, any: match.any.map(withUnit) };
        if (match?.number === undefined) return match;
        const { unit: old, ...rest } = match;

        return unit ? { ...rest, unit } : rest;
    };
    const rules = list(now(editor, lock).rules).map((rule) => ({ ...rule, match: withUnit(rule.match) }));
    editor.store.edit(
        [
            { set: lock.id, field: 'input', to: unit ? { ...lock.input, unit } : { type: 'number' } },
            { set: lock.id, field: 'rules', to: rules },
        ],
        t('edits.labels.unit'),
    );
}

const isCode = (word) => /^\d{1,20}$/.test(word);

const digits = {
    matches: ['equals', 'anything'],
    begin: (words) => ({ type: 'digits', length: words.find(isCode)?.length ?? 4 }),
    match: (words) => ({ equals: words.filter(isCode) }),
    beside: ({ lock, input, set }) => places(lock, input, set, 'cards.lock.digits', 20),
};

/** How many places a code has. */
function places(lock, input, set, label, most) {
    return line({
        key: `${lock.id}.length`,
        label: t(label),
        type: 'number',
        width: 'tiny',
        value: input.length ?? 4,
        take: (length) => set({ length: Math.min(most, Math.max(1, Number(length) || 4)) }),
    });
}

/** In which of two ways a text is measured. */
function measure(key, of, take) {
    return pick({
        key,
        label: t('cards.rules.howMany'),
        shown: false,
        value: of,
        options: ['words', 'characters'].map((unit) => [unit, t(`cards.rules.of.${unit}`)]),
        take,
    });
}

const TYPED = { text, long, number, digits };

export { TYPED, measure, places };
