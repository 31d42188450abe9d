import { t } from '../../../lib/catalogue.js';
import { dragOn } from '../../../lib/drag.js';
import { el, icon, svg } from '../../../lib/tree.js';
import { fileOf } from '../../editor/files.js';
import { line } from '../../editor/fields.js';

/** Fewer corners are no area. */
const LEAST = 3;

/**
 * An area on a picture, drawn on it: dragged as a rectangle, pressed corner by corner, or given in numbers.
 *
 * @param {{key: string, asset: string | null, corners: number[][], editor: any,
 *     take: (corners: number[][]) => void}} options
 */
function areaOnPicture({ key, asset, corners, editor, take }) {
    const file = fileOf(editor.store.game, asset);
    if (!file) return null;
    const points = corners.map(([x, y]) => `${x * 100},${y * 100}`).join(' ');

    return el(
        'div',
        { class: 'area-board', 'data-key': key },
        el(
            'div',
            { class: 'area-picture', ref: (board) => board && drawable(board, take) },
            el('img', { src: file, alt: '', draggable: 'false' }),
            svg(
                'svg',
                { viewBox: '0 0 100 100', preserveAspectRatio: 'none', 'aria-hidden': 'true' },
                corners.length >= LEAST ? svg('polygon', { points, class: 'area-drawn' }) : null,
                corners.length < LEAST ? svg('polyline', { points, class: 'area-begun' }) : null,
                svg('polyline', { class: 'area-drawing', points: '' }),
            ),
        ),
        el('p', { class: 'help' }, t('cards.area.help')),
        el(
            'div',
            { class: 'small-line' },
            ['left', 'top', 'width', 'height'].map((side, place) =>
                line({
                    key: `${key}.${side}`,
                    label: t(`cards.area.${side}`),
                    width: 'tiny',
                    type: 'number',
                    value: corners.length >= LEAST ? Math.round(boxOf(corners)[place] * 100) : '',
                    take: (value) => take(withSide(corners, place, Number(value) / 100)),
                }),
            ),
            corners.length > 0
                ? el(
                      'button',
                      {
                          class: 'mover',
                          'data-key': `${key}.clear`,
                          'aria-label': t('cards.area.clear'),
                          onclick: () => take([]),
                      },
                      icon('eraser'),
                  )
                : null,
        ),
    );
}

/** What is drawn on each board; a board is drawn again and again and stays the same element. */
const boards = new WeakMap();

function drawable(board, take) {
    const isNew = !boards.has(board);
    boards.set(board, { ...boards.get(board), take });
    if (isNew) dragOn(board, (press) => draw(board, press));
}

/** A drag makes a rectangle, a tap one corner more; the first corner closes it. */
function draw(board, from) {
    const line = board.querySelector('.area-drawing');
    const start = placeOn(board, from);

    return {
        move: (press) => line.setAttribute('points', text(rectangle(start, placeOn(board, press)))),
        end(press) {
            line.setAttribute('points', '');
            begun.delete(board);
            boards.get(board).take(rectangle(start, placeOn(board, press)));
        },
        tap() {
            const corners = begun.get(board) ?? [];
            const isClosed =
                corners.length >= LEAST && Math.hypot(corners[0][0] - start[0], corners[0][1] - start[1]) < 0.03;
            const next = isClosed ? corners : [...corners, start];
            if (isClosed) begun.delete(board);
            else begun.set(board, next);
            line.setAttribute('points', isClosed ? '' : text(next));
            if (next.length >= LEAST) boards.get(board).take(next);
        },
        cancel: () => line.setAttribute('points', ''),
    };
}

/** Corners that were pressed one by one so far. */
const begun = new WeakMap();

/** @returns {[number, number]} */
function placeOn(board, { clientX, clientY }) {
    const { left, top, width, height } = board.querySelector('img').getBoundingClientRect();
    const part = (value) => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000;

    return [part((clientX - left) / width), part((clientY - top) / height)];
}

/** @returns {number[][]} */
const rectangle = ([x, y], [toX, toY]) => [
    [x, y],
    [toX, y],
    [toX, toY],
    [x, toY],
];

const text = (corners) => corners.map(([x, y]) => `${x * 100},${y * 100}`).join(' ');

/** @returns {number[]} left, top, width, height */
function boxOf(corners) {
    const [across, down] = [0, 1].map((side) => corners.map((corner) => corner[side]));
    const [left, top] = [Math.min(...across), Math.min(...down)];

    return [left, top, Math.max(...across) - left, Math.max(...down) - top];
}

/** A rectangle with one of its sides as it was typed. */
function withSide(corners, place, value) {
    const box = corners.length >= LEAST ? boxOf(corners) : [0.4, 0.4, 0.2, 0.2];
    const [left, top, width, height] = box.map((old, at) =>
        at === place ? Math.min(1, Math.max(0, value || 0)) : old,
    );

    return rectangle([left, top], [Math.min(1, left + width), Math.min(1, top + height)]);
}

export { areaOnPicture };
