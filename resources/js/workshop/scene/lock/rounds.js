import { t } from '../../../lib/catalogue.js';
import { answersIn } from '../../../lib/cells.js';
import { el, icon, mark } from '../../../lib/tree.js';
import { area, destination, line, now } from '../../editor/fields.js';
import { freshId } from '../../editor/document.js';
import { list } from '../../editor/ways.js';

/**
 * Rounds of a lock as one text: blocks with an empty line between; in each the right statement first and wrong ones
 * under it. A first line that asks, with a question mark or a colon at its end, stands above; then one line alone under
 * it is typed.
 */
function roundsIn(text, before = []) {
    const blocks = text
        .split(/\n\s*\n/)
        .map((block) =>
            block
                .split('\n')
                .map((words) => words.trim())
                .filter(Boolean),
        )
        .filter((block) => block.length > 0);

    return blocks.map((block, place) => roundOf(block, before[place]));
}

function roundOf(block, before) {
    const asks = block.length > 1 && /[?:]$/.test(block[0]);
    const [ask, lines] = asks ? [block[0], block.slice(1)] : ['', block];
    const id = before?.id ?? freshId('round');
    if (lines.length === 1) return { id, ask, input: { type: 'text' }, match: { equals: answersIn(lines[0]) } };
    const held = before?.input?.options ?? [];
    const options = lines.map((md) => ({ id: held.find((one) => one.md === md)?.id ?? freshId('option'), md }));

    return { id, ask, input: { type: 'options', options, shuffle: true }, match: { options: [options[0].id] } };
}

/** The text of rounds; null where one of them is more than such a text can say. */
function textOf(rounds) {
    const blocks = rounds.map(({ ask, input, match }) => {
        const lines =
            input?.type === 'options' && list(match?.options).length === 1
                ? rightFirst(input.options, match.options[0])
                : input?.type === 'text' && match?.equals
                  ? [list(match.equals).join(' | ')]
                  : null;

        return lines && [...(ask ? [ask] : []), ...lines].join('\n');
    });

    return blocks.includes(null) ? null : blocks.join('\n\n');
}

const rightFirst = (options, right) =>
    [...options].sort((one, other) => Number(other.id === right) - Number(one.id === right)).map(({ md }) => md);

/** What is asked about a lock that asks in rounds. */
function roundsFields(lock, editor) {
    const rounds = list(lock.rounds);
    const text = textOf(rounds);
    const open = list(lock.rules).find(({ verdict }) => verdict === 'open') ?? {};
    const put = (fields, label = t('edits.labels.rounds'), made = []) =>
        editor.store.edit(
            [
                ...made,
                ...Object.entries(fields).map(([field, to]) =>
                    to === undefined ? { set: lock.id, field } : { set: lock.id, field, to },
                ),
            ],
            label,
        );
    const lead = (fields, made) =>
        put(
            { rules: [{ ...open, match: { anything: true }, verdict: 'open', ...fields }] },
            t('edits.labels.rounds'),
            made,
        );

    return el(
        'div',
        { class: 'card-part', 'data-key': `${lock.id}.rounds` },
        el('h3', { class: 'caps' }, t('cards.rounds.heading')),
        el('p', { class: 'help' }, t('cards.rounds.help')),
        text === null
            ? el('p', { class: 'help' }, t('cards.rounds.kept', { count: rounds.length }))
            : area({
                  key: `${lock.id}.rounds.text`,
                  label: t('cards.rounds.text'),
                  rows: 8,
                  value: text,
                  take: (to) => {
                      const next = roundsIn(to, list(now(editor, lock).rounds));
                      put({ rounds: next, enough: Math.min(lock.enough ?? next.length, next.length) || undefined });
                  },
              }),
        el(
            'ol',
            { class: 'rounds-read' },
            rounds.map((round) => el('li', { 'data-key': round.id }, readRound(round))),
        ),
        el(
            'div',
            { class: 'small-line' },
            t('cards.rounds.enough'),
            line({
                key: `${lock.id}.enough`,
                label: t('cards.rounds.howMany'),
                shown: false,
                type: 'number',
                width: 'tiny',
                value: lock.enough ?? rounds.length,
                take: (count) => put({ enough: Math.min(rounds.length, Math.max(1, Number(count) || 1)) }),
            }),
            t('cards.rounds.of', { count: rounds.length }),
        ),
        area({
            key: `${lock.id}.rounds.say`,
            says: editor,
            label: t('cards.rounds.then'),
            hint: t('cards.rules.feedbackIfYouLike'),
            value: open.say ?? '',
            take: (say) => lead({ say }),
        }),
        destination({
            key: `${lock.id}.rounds.go`,
            value: open.go ?? '',
            editor,
            take: (go, made) => lead({ go }, made),
        }),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${lock.id}.rounds.off`,
                onclick: () =>
                    put({ rounds: undefined, enough: undefined, rules: [{ ...open, match: { equals: [] } }] }),
            },
            icon('x'),
            t('cards.rounds.off'),
        ),
    );
}

function readRound({ ask, input, match }) {
    const right = new Set([...list(match?.options), ...list(match?.equals)]);
    const parts = input?.options ?? list(match?.equals).map((words) => ({ id: words, md: words }));

    return [
        ask ? el('strong', {}, ask) : null,
        parts.map((one) =>
            el('span', { class: 'round-line' }, right.has(one.id) ? mark('open') : mark('wrong'), one.md),
        ),
    ];
}

/** Begins to ask in rounds, with the options there are as the first one. */
function roundsOffer(lock, editor) {
    const options = lock.input?.type === 'options' ? list(lock.input.options) : [];
    const right = list(list(lock.rules).find(({ verdict }) => verdict === 'open')?.match?.options)[0] ?? options[0]?.id;
    const begun = options.length > 1 ? rightFirst(options, right).join('\n') : t('made.new.rounds');
    const open = list(lock.rules).find(({ verdict }) => verdict === 'open') ?? {};

    return el(
        'button',
        {
            class: 'link',
            'data-key': `${lock.id}.rounds.on`,
            onclick: () =>
                editor.store.edit(
                    [
                        { set: lock.id, field: 'rounds', to: roundsIn(begun) },
                        { set: lock.id, field: 'enough', to: Math.min(3, roundsIn(begun).length) },
                        { set: lock.id, field: 'input', to: { type: 'text' } },
                        {
                            set: lock.id,
                            field: 'rules',
                            to: [{ say: '', ...open, match: { anything: true }, verdict: 'open' }],
                        },
                    ],
                    t('edits.labels.rounds'),
                ),
        },
        icon('repeat'),
        t('cards.rounds.on'),
    );
}

export { roundsFields, roundsIn, roundsOffer, textOf };
