import { t } from '../../lib/catalogue.js';
import { dragOn } from '../../lib/drag.js';
import { el, svg } from '../../lib/tree.js';
import { now, pick } from '../editor/fields.js';
import { list } from '../editor/ways.js';
import { cellsAround, drawnOf, painted, signOf } from './drawn.js';
import { lockNames } from './shares.js';

/** How far brushes reach around their middle, in cells. */
const BRUSHES = { fine: 0, usual: 1, broad: 3 };

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** For each mosaic: the lock that is drawn for, the brush, and where the keyboard is. */
const held = new Map();

/** The picture of a mosaic, on which cells are given to locks by drawing: by finger, mouse, or arrows and space. */
function drawingOf(thing, editor, picture, set) {
    const hand = handOf(thing);
    const names = lockNames(editor.store.game);
    const locks = list(thing.by).map(({ lock }, place) => [
        String(place),
        `${place + 1} · ${names.get(lock) ?? t('cards.mosaic.noSuchLock')}`,
    ]);
    const choose = (fields) => {
        Object.assign(hand, fields);
        editor.draw();
    };
    const take = (cells) => set({ drawn: painted(now(editor, thing), cells, hand.lock) });
    const own = [...drawnOf(thing)].filter((sign) => sign === signOf(hand.lock)).length;

    return el(
        'div',
        { class: 'mosaic-drawing', 'data-key': `${thing.id}.drawing` },
        pick({
            key: `${thing.id}.draws`,
            label: t('cards.mosaic.drawFor'),
            value: String(hand.lock),
            options: [...locks, ['-1', t('cards.mosaic.drawForNobody')]],
            take: (lock) => choose({ lock: Number(lock) }),
        }),
        pick({
            key: `${thing.id}.brush`,
            label: t('cards.mosaic.brush'),
            value: hand.brush,
            options: Object.keys(BRUSHES).map((brush) => [brush, t(`cards.mosaic.brushes.${brush}`)]),
            take: (brush) => choose({ brush }),
        }),
        el(
            'div',
            {
                class: 'mosaic-preview mosaic-board',
                'data-key': `${thing.id}.board`,
                tabindex: 0,
                role: 'application',
                'aria-label': t('cards.mosaic.drawOn', { column: hand.at[0] + 1, row: hand.at[1] + 1 }),
                onkeydown: (event) => byKeys(event, thing, hand, choose, take),
                ref: (board) => board && drawable(board, { thing, hand, take }),
            },
            svg(
                'svg',
                { viewBox: `0 0 ${thing.columns} ${thing.rows}`, 'aria-hidden': 'true' },
                picture,
                svg('path', { class: 'drawn-others', d: outline(thing, (sign) => isOther(sign, hand)) }),
                svg('path', { class: 'drawn-own', d: outline(thing, (sign) => sign === signOf(hand.lock)) }),
                svg('path', { class: 'drawn-own drawn-now', d: '' }),
                svg('rect', { class: 'drawn-cursor', x: hand.at[0], y: hand.at[1], width: 1, height: 1 }),
            ),
        ),
        el('p', { class: 'help' }, t('cards.mosaic.drawHelp')),
        el('p', { class: 'help', role: 'status' }, t('cards.mosaic.drawnCells', { count: hand.lock < 0 ? 0 : own })),
    );
}

function handOf({ id, by }) {
    if (!held.has(id)) held.set(id, { lock: 0, brush: 'usual', at: [0, 0] });
    const hand = held.get(id);
    if (hand.lock >= list(by).length) hand.lock = list(by).length - 1;

    return hand;
}

const isOther = (sign, hand) => sign !== '.' && sign !== signOf(hand.lock);

/** The cells whose sign fits, as a path. */
function outline(thing, fits) {
    return pathOf(
        thing,
        [...drawnOf(thing)].flatMap((sign, cell) => (fits(sign) ? [cell] : [])),
    );
}

const pathOf = ({ columns }, cells) =>
    cells.map((cell) => `M${cell % columns} ${Math.floor(cell / columns)}h1v1h-1z`).join('');

function byKeys(event, thing, hand, choose, take) {
    const way = ARROWS[event.key];
    if (way) {
        const most = [thing.columns - 1, thing.rows - 1];
        choose({ at: hand.at.map((at, side) => Math.min(most[side], Math.max(0, at + way[side]))) });
    } else if (event.key === ' ' || event.key === 'Enter') take(cellsAround(thing, hand.at, BRUSHES[hand.brush]));
    else return;
    event.preventDefault();
    event.stopPropagation();
}

/** What is drawn on each board; a board is drawn again and again and stays the same element. */
const boards = new WeakMap();

function drawable(board, drawing) {
    const isNew = !boards.has(board);
    boards.set(board, drawing);
    if (isNew) dragOn(board, (press) => draw(board, press), 0);
}

/** Cells follow the finger in its own frame, and are one edit when it is let go. */
function draw(board, from) {
    const { thing, hand, take } = boards.get(board);
    const cells = new Set();
    let last = null;
    const now = board.querySelector('.drawn-now');
    const touch = (press) => {
        const { left, top, width, height } = board.querySelector('svg').getBoundingClientRect();
        const column = Math.floor(((press.clientX - left) / width) * thing.columns);
        const row = Math.floor(((press.clientY - top) / height) * thing.rows);
        for (const at of between(last ?? [column, row], [column, row]))
            cellsAround(thing, at, BRUSHES[hand.brush]).forEach((cell) => cells.add(cell));
        last = [column, row];
        now.setAttribute('d', pathOf(thing, [...cells]));
    };
    const done = () => {
        now.setAttribute('d', '');
        take([...cells]);
    };
    touch(from);

    return { move: touch, end: done, tap: done, cancel: () => now.setAttribute('d', '') };
}

/**
 * Every place on the way: a quick stroke has no gaps.
 *
 * @returns {[number, number][]}
 */
function between([fromColumn, fromRow], [column, row]) {
    const steps = Math.max(1, Math.abs(column - fromColumn), Math.abs(row - fromRow));
    const part = (from, to, step) => Math.round(from + ((to - from) * step) / steps);

    return Array.from({ length: steps + 1 }, (_, step) => [part(fromColumn, column, step), part(fromRow, row, step)]);
}

export { drawingOf };
