import { list } from '../../editor/ways.js';

/**
 * The answers that a rule takes as words, as far as words can say them: what a lock of another kind can go on with.
 *
 * @returns {string[]}
 */
function wordsOf(match, input) {
    if (match?.any) return match.any.flatMap((one) => wordsOf(one, input));
    if (match?.equals !== undefined) return list(match.equals).map(String);
    if (match?.close !== undefined) return [match.close];
    if (match?.has !== undefined) return list(match.has);
    if (match?.mathematics !== undefined) return [match.mathematics];
    if (match?.number !== undefined) return [String(match.number)];
    if (match?.options) return namesOf(match.options, input.options);
    if (match?.gaps) return Object.values(match.gaps).flatMap((one) => wordsOf(one, input).slice(0, 1));
    if (!match?.order) return [];
    if (input.type === 'colours') return match.order;

    return input.type === 'keys'
        ? [namesOf(match.order, input.keys).join('')]
        : namesOf(match.order, input.items).filter(Boolean);
}

const namesOf = (ids, items) => ids.map((id) => list(items).find((item) => item.id === id)?.md ?? '');

/** What a match says when parts of the answer are gone: what named them names them no longer. */
function without(match, gone) {
    const left = (ids) => ids.filter((id) => !gone.has(id));
    if (match?.options) return { ...match, options: left(match.options) };
    if (match?.order) return { ...match, order: left(match.order) };
    if (match?.right) return { right: { ...match.right, of: without(match.right.of, gone) } };
    if (match?.pairs) return { pairs: mapWithout(match.pairs, ([one, other]) => gone.has(one) || gone.has(other)) };
    if (match?.gaps) return { gaps: mapWithout(match.gaps, ([id]) => gone.has(id)) };

    return match;
}

const mapWithout = (map, isGone) => Object.fromEntries(Object.entries(map).filter((entry) => !isGone(entry)));

/** Whether two matches say the same, in whatever order their parts are named. */
const isSame = (one, other) => inOrder(one) === inOrder(other);

const inOrder = (value) =>
    JSON.stringify(value, (key, part) =>
        part && typeof part === 'object' && !Array.isArray(part)
            ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
            : part,
    );

export { isSame, without, wordsOf };
