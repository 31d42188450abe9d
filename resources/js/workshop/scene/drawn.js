/**
 * Which lock each cell of a mosaic was drawn for: a sign for each cell, row by row, that names a lock by its place;
 * `.` where none was.
 */

/** Signs of colours and of locks in their order, as the engine's Reduction names them. */
const SIGNS = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789+/';

const NOBODY = '.';

/** What is drawn, with a sign for every cell. */
function drawnOf({ drawn = '', columns, rows }) {
    return drawn.length === columns * rows ? drawn : NOBODY.repeat(columns * rows);
}

/** The sign of a lock by its place; of nobody for -1. */
const signOf = (place) => SIGNS[place] ?? NOBODY;

/**
 * The cells around one, as far as a brush reaches.
 *
 * @returns {number[]}
 */
function cellsAround({ columns, rows }, [column, row], reach) {
    const span = (middle, most) =>
        Array.from({ length: 2 * reach + 1 }, (_, at) => middle - reach + at).filter((at) => at >= 0 && at < most);

    return span(row, rows).flatMap((down) => span(column, columns).map((across) => down * columns + across));
}

/** What is drawn after some cells were given to a lock. */
function painted(thing, cells, place) {
    const signs = [...drawnOf(thing)];
    for (const cell of cells) signs[cell] = signOf(place);

    return signs.join('');
}

/** The same drawing on another grid. */
function resized(thing, columns, rows) {
    const drawn = drawnOf(thing);
    const from = (at, now, before) => Math.floor(((at + 0.5) * before) / now);

    return Array.from({ length: columns * rows }, (_, cell) => {
        const [column, row] = [cell % columns, Math.floor(cell / columns)];

        return drawn[from(row, rows, thing.rows) * thing.columns + from(column, columns, thing.columns)];
    }).join('');
}

/** The drawing once a lock is gone: its cells are nobody's, and those behind it move up. */
function withoutLock(thing, place) {
    return [...drawnOf(thing)]
        .map((sign) => {
            const at = SIGNS.indexOf(sign);

            return at === place ? NOBODY : signOf(at > place ? at - 1 : at);
        })
        .join('');
}

export { SIGNS, cellsAround, drawnOf, painted, resized, signOf, withoutLock };
