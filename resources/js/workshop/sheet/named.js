import { list } from '../editor/ways.js';

/**
 * The columns of the table of tokens and tallies: what they are called, what kind they are, where they are given and
 * asked for.
 */
const set = (part, field, to) => [{ set: part.id, field, to }];

const NAMED = [
    { id: 'name', width: 200, read: ({ part }) => part.name ?? '', write: ({ part }, text) => set(part, 'name', text) },
    {
        id: 'sort',
        width: 130,
        read: ({ part, isToken }, { words }) =>
            words.sheet.sorts[isToken ? (part.kind ?? 'item') : part.shown ? 'shown' : 'hidden'] ?? part.kind,
        write({ part, isToken }, text, { words }) {
            const kind = Object.entries(words.sheet.sorts).find(
                ([, word]) => word.toLowerCase() === text.trim().toLowerCase(),
            )?.[0];
            if (!kind || ['shown', 'hidden'].includes(kind) === isToken)
                return { refusal: isToken ? 'token' : 'tally' };

            return isToken ? set(part, 'kind', kind) : set(part, 'shown', kind === 'shown');
        },
    },
    {
        id: 'about',
        width: 260,
        blank: '',
        read: ({ part, isToken }) => (isToken ? (part.md ?? '') : null),
        write: ({ part }, text) => set(part, 'md', text),
    },
    {
        id: 'begins',
        width: 90,
        blank: '',
        read: ({ part, isToken }) => (isToken ? null : String(part.start ?? 0)),
        write({ part }, text) {
            const start = Number(text.replace(',', '.'));

            return Number.isFinite(start) ? set(part, 'start', start) : { refusal: 'number' };
        },
    },
    { id: 'given', width: 230, read: ({ given }) => given.join(', '), write: null },
    { id: 'asked', width: 230, read: ({ asked }) => asked.join(', '), write: null },
];

function namedRows(game) {
    const { given, asked } = usesIn(game);
    const row = (isToken) => (part) => ({
        id: part.id,
        part,
        isToken,
        given: [...(given.get(part.id) ?? [])],
        asked: [...(asked.get(part.id) ?? [])],
    });

    return [...(game.tokens ?? []).map(row(true)), ...(game.tallies ?? []).map(row(false))];
}

/** Titles of the scenes in which each part is changed by an effect, and of those in which a condition names it. */
function usesIn(game) {
    const uses = { given: new Map(), asked: new Map() };
    for (const scene of game.scenes)
        walk(scene, 'asked', (where, id) =>
            uses[where].set(id, (uses[where].get(id) ?? new Set()).add(scene.title || scene.id)),
        );

    return uses;
}

/** Keys under which a condition or an effect names tokens and tallies. */
const NAMING = new Set([
    'has',
    'hasOf',
    'tally',
    'leads',
    'among',
    'tied',
    'give',
    'take',
    'add',
    'set',
    'must',
    'never',
]);

function walk(part, where, note) {
    for (const [key, inner] of Object.entries(part)) {
        if (NAMING.has(key))
            list(inner)
                .filter((id) => typeof id === 'string')
                .forEach((id) => note(where, id));
        if (inner && typeof inner === 'object') walk(inner, key === 'do' ? 'given' : where, note);
    }
}

export { NAMED, namedRows };
