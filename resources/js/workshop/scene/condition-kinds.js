import { list } from '../editor/ways.js';
import { whole } from '../editor/whole.js';
import { boards, covers, locks, scenes, tallies, tokens } from './parts.js';

const COMPARISONS = ['>=', '<', '=', '<=', '>', '!='];

/** One part or several of them, of which so many must hold. */
const several = (choices, one, many) => ({
    choices,
    isMany: true,
    read: (condition) =>
        typeof condition[one] === 'string'
            ? { ids: [condition[one]], atLeast: 1 }
            : condition[many]
              ? { ids: list(condition[many]), atLeast: whole('condition', many, condition).atLeast }
              : null,
    write: ({ ids, atLeast }) => (ids.length === 1 && one ? { [one]: ids[0] } : { [many]: ids, atLeast }),
});

/** Exactly one part, or that it does not hold. */
const single = (choices, read, write) => ({
    choices,
    isMany: false,
    read: (condition) => (typeof read(condition) === 'string' ? { ids: [read(condition)], atLeast: 1 } : null),
    write: ({ ids }) => write(ids.at(-1)),
});

const comparing = (ids, { is, value }) => (COMPARISONS.includes(is) ? { ids, atLeast: 1, is, value } : null);

/** A number that belongs to a part, compared with another. */
const compared = (choices, field) => ({
    choices,
    isNumber: true,
    read: (condition) =>
        typeof condition[field] === 'string'
            ? comparing([condition[field]], whole('condition', field, condition))
            : null,
    write: ({ ids, is = '>=', value = 1 }) => ({ [field]: ids.at(-1), is, value }),
});

/**
 * What a condition can say in parts. Each kind has the parts it is made from (`choices`), reads them out of a condition
 * (`{ids, atLeast}`, null when the condition is another) and writes them into one.
 */
const KINDS = {
    hold: several(tokens, 'has', 'hasOf'),
    lack: single(
        tokens,
        (condition) => condition.not?.has,
        (id) => ({ not: { has: id } }),
    ),
    open: several(locks, 'open', 'openOf'),
    shut: single(
        locks,
        (condition) => condition.not?.open,
        (id) => ({ not: { open: id } }),
    ),
    first: several(locks, null, 'firstTry'),
    visited: single(
        scenes,
        (condition) => condition.visited,
        (id) => ({ visited: id }),
    ),
    unseen: single(
        scenes,
        (condition) => condition.not?.visited,
        (id) => ({ not: { visited: id } }),
    ),
    lifted: several(covers, 'lifted', 'liftedOf'),
    covered: single(
        covers,
        (condition) => condition.not?.lifted,
        (id) => ({ not: { lifted: id } }),
    ),
    found: single(
        boards,
        (condition) => condition.found,
        (id) => ({ found: id }),
    ),
    points: compared(tallies, 'tally'),
    tries: compared(locks, 'tries'),
    minutes: {
        choices: () => [['minutes', '']],
        isNumber: true,
        isTime: true,
        read: (condition) =>
            typeof condition.minutes === 'number'
                ? comparing(['minutes'], { ...whole('condition', 'minutes', condition), value: condition.minutes })
                : null,
        write: ({ is = '>=', value = 10 }) => ({ minutes: value, is }),
    },
    leads: {
        choices: tallies,
        isRanking: true,
        read(condition) {
            const { leads, among, ties } = whole('condition', 'leads', condition);

            return leads ? { ids: [leads], atLeast: 1, among: list(among), ties } : null;
        },
        write({ ids, among, ties: wanted }, game) {
            const ties = wanted ?? tieRuleOf(game);
            const rivals = among ?? tallies(game).map(([id]) => id);
            const all = rivals.length === 0 || rivals.includes(ids.at(-1)) ? rivals : [...rivals, ids.at(-1)];

            return { leads: ids.at(-1), among: all, ...(ties === 'first' ? {} : { ties }) };
        },
    },
    tied: {
        choices: tallies,
        isMany: true,
        isWhole: true,
        read: ({ tied }) => (tied ? { ids: list(tied), atLeast: 1 } : null),
        write: ({ ids }, game) => ({ tied: ids.length > 1 ? ids : tallies(game).map(([id]) => id) }),
    },
};

/** As which rule the game settles ties already: a new condition goes by the same. */
function tieRuleOf(game) {
    const rules = new Set();
    JSON.stringify(game.scenes ?? [], (_, value) => {
        if (typeof value?.leads === 'string') rules.add(value.ties ?? 'first');

        return value;
    });

    return rules.size === 1 ? [...rules][0] : 'first';
}

/** The kind a condition is of with its parts; `other` for those that can't be said so, '' for none. */
function readCondition(condition) {
    if (condition === null || condition === undefined) return { kind: '', ids: [], atLeast: 0 };
    for (const [kind, { read }] of Object.entries(KINDS)) {
        const said = read(condition);
        if (said) return { kind, ...said };
    }

    return { kind: 'other', ids: [], atLeast: 0 };
}

function writeCondition(said, game) {
    return said.ids.length === 0 ? undefined : KINDS[said.kind].write(said, game);
}

export { KINDS, readCondition, writeCondition };
