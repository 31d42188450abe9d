import { el, svg } from '../../../lib/tree.js';
import { list } from '../../editor/ways.js';
import { firstPrompt } from '../find.js';

/** Height of the band with the prompt and the room below it, as students see it, and the gap between boxes. */
const BAND = 128;
const GAP = 20;

/** The best shape of a box, across to down. */
const SHAPE = 1.5;

/**
 * A find-it board as it stands begun: the first prompt, and boxes in a grid.
 *
 * @param {any} thing
 * @param {number} width
 * @param {number} height
 * @param {{address: (id: string) => string | null, words: (md: string) => string}} shows
 */
function findFace(thing, width, height, { address, words }) {
    const boxes = list(thing.boxes);
    const room = Math.max(1, height - BAND - GAP);
    const columns = columnsFor(boxes.length, width, room);
    const rows = Math.ceil(boxes.length / columns);
    const [across, down] = [(width - GAP * (columns - 1)) / columns, (room - GAP * (rows - 1)) / rows];
    const plate = (box, inner, kind) => [svg('rect', { ...box, rx: 5, class: kind }), svg('foreignObject', box, inner)];

    return [
        plate(
            { width, height: BAND },
            el('div', { class: 'placed-find-prompt' }, words(firstPrompt(thing))),
            'placed-find',
        ),
        boxes.map((box, place) => {
            const at = {
                x: (place % columns) * (across + GAP),
                y: BAND + GAP + Math.floor(place / columns) * (down + GAP),
                width: Math.max(1, across),
                height: Math.max(1, down),
            };
            const href = address(box.asset);

            return [
                plate(at, el('div', { class: 'placed-find-words' }, href ? '' : words(box.md)), 'placed-find'),
                href ? svg('image', { href, ...at }) : null,
            ];
        }),
    ];
}

/** All words that are seen on it, in their order. */
const findWords = (thing) => [
    firstPrompt(thing),
    ...list(thing.boxes)
        .filter(({ asset, md }) => !asset && md)
        .map(({ md }) => md),
];

/** The number of columns whose boxes are nearest to their best shape. */
function columnsFor(count, width, height) {
    const bad = (columns) => Math.abs(Math.log(width / columns / (height / Math.ceil(count / columns)) / SHAPE));
    const all = Array.from({ length: Math.max(1, Math.min(count, 14)) }, (_, at) => at + 1);

    return all.sort((one, other) => bad(one) - bad(other))[0];
}

export { findFace, findWords };
