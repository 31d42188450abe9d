import FlatQueue from 'flatqueue';
import { grown, stretchesOf } from './boxes.js';

/**
 * Breadth of a cell, how near a track comes to what it goes around, and the rim to go around everything, in units of
 * the map.
 */
const CELL = 10;
const NEAR = 8;
const RIM = 120;

/** So many cells at most: on a map that is larger they are broader. */
const MOST = 1_500_000;

/** After so many cells it is given up: there is no way around, or none worth the wait. */
const PATIENCE = 400_000;

/** What a bend costs, and a cell along another track, in cells. */
const BEND = 5;
const BESIDE = 2;

/** How much more the way that is left counts than that which was come: near by the best way, afar a good one soon. */
const haste = (cells) => Math.min(4, 1.1 + cells / 60);

/** Right, down, left, up. */
const ACROSS = [1, 0, -1, 0];
const DOWN = [0, 1, 0, -1];

/** Whose a cell is: anybody's, nobody's (words), or that of the station of this number. */
const FREE = 0;
const WORDS = -1;

/**
 * Finds tracks around the boxes of a map, upright and level, with few bends. `boxes` and `stretches` of tracks that lie
 * there already are those of boxes.js; with a `region` no track leaves it.
 *
 * A* over square cells (Hart, Nilsson, Raphael, A Formal Basis for the Heuristic Determination of Minimum Cost Paths,
 * 1968), where a cell counts once for each direction in which it is entered.
 */
function openRouter(boxes, stretches, region = null) {
    const edge = region ?? grown(boxes.reduce(around, { minX: 0, minY: 0, maxX: 0, maxY: 0 }), RIM);
    const [left, top] = [edge.minX, edge.minY];
    const cellSize = Math.max(CELL, Math.sqrt(((edge.maxX - left) * (edge.maxY - top)) / MOST));
    const columns = Math.ceil((edge.maxX - left) / cellSize);
    const rows = Math.ceil((edge.maxY - top) / cellSize);
    const owners = new Int32Array(columns * rows);
    const crossed = [new Uint8Array(columns * rows), new Uint8Array(columns * rows)];
    const numbers = new Map();
    const costs = new Float32Array(columns * rows * 4);
    const came = new Int32Array(columns * rows * 4);
    const rounds = new Uint32Array(columns * rows * 4);
    let round = 0;
    const column = (x) => Math.min(columns - 1, Math.max(0, Math.floor((x - left) / cellSize)));
    const row = (y) => Math.min(rows - 1, Math.max(0, Math.floor((y - top) / cellSize)));
    boxes.filter((box) => box.isBody).forEach((box) => fill(box, numberOf(box.id)));
    boxes.filter((box) => !box.isBody).forEach((box) => fill(box, WORDS));
    stretches.forEach(lay);

    function numberOf(id) {
        if (!numbers.has(id)) numbers.set(id, numbers.size + 1);

        return numbers.get(id);
    }

    function fill(box, owner) {
        const { minX, minY, maxX, maxY } = grown(box, NEAR);
        for (let y = row(minY); y <= row(maxY); y++)
            owners.fill(owner, y * columns + column(minX), y * columns + column(maxX) + 1);
        // The middle of a station is its own, however near the words of another come.
        if (owner > 0) owners[row((box.minY + box.maxY) / 2) * columns + column((box.minX + box.maxX) / 2)] = owner;
    }

    /** Notes where a stretch of a track lies, so that others keep off it. */
    function lay({ minX, minY, maxX, maxY }) {
        const isLevel = maxX - minX >= maxY - minY;
        for (let at = column(minX); isLevel && at <= column(maxX); at++) crossed[0][row(minY) * columns + at] = 1;
        for (let at = row(minY); !isLevel && at <= row(maxY); at++) crossed[1][at * columns + column(minX)] = 1;
    }

    /** A track from the middle of a station to that of another; null where there is no way around. */
    function route(from, [x, y], to, [toX, toY]) {
        const end = search(
            row(y) * columns + column(x),
            row(toY) * columns + column(toX),
            numberOf(from),
            numberOf(to),
        );
        if (end === null) return null;
        const points = straightened(corners(end), [x, y], [toX, toY]);
        stretchesOf('', points).forEach(lay);

        return points;
    }

    /** Cells are looked at in a plain loop: there are many. */
    function search(start, goal, own, other) {
        const [goalX, goalY] = [goal % columns, Math.floor(goal / columns)];
        const weight = haste(Math.abs((start % columns) - goalX) + Math.abs(Math.floor(start / columns) - goalY));
        const queue = new FlatQueue();
        round++;
        const reach = (state, cost, before, x, y) => {
            if (rounds[state] === round && costs[state] <= cost) return;
            rounds[state] = round;
            costs[state] = cost;
            came[state] = before;
            queue.push(state, cost + weight * (Math.abs(x - goalX) + Math.abs(y - goalY)));
        };
        for (let way = 0; way < 4; way++) reach(start * 4 + way, 0, -1, start % columns, Math.floor(start / columns));
        for (let looked = 0; queue.length > 0 && looked < PATIENCE; looked++) {
            const state = queue.pop();
            const cell = state >> 2;
            if (cell === goal) return state;
            const way = state & 3;
            const x = cell % columns;
            const y = (cell - x) / columns;
            for (let next = 0; next < 4; next++) {
                const [nextX, nextY] = [x + ACROSS[next], y + DOWN[next]];
                if (next === (way ^ 2) || nextX < 0 || nextY < 0 || nextX >= columns || nextY >= rows) continue;
                const reached = nextY * columns + nextX;
                const owner = owners[reached];
                if (owner !== FREE && owner !== own && owner !== other && reached !== goal) continue;
                reach(
                    reached * 4 + next,
                    costs[state] + 1 + (next === way ? 0 : BEND) + crossed[next & 1][reached] * BESIDE,
                    state,
                    nextX,
                    nextY,
                );
            }
        }

        return null;
    }

    /** The places where a way that was found begins, bends and ends. */
    function corners(end) {
        const found = [];
        for (let state = end, after = -1; state >= 0; after = state, state = came[state]) {
            if (after < 0 || came[state] < 0 || (state & 3) !== (after & 3))
                found.unshift([
                    left + (((state >> 2) % columns) + 0.5) * cellSize,
                    top + (Math.floor((state >> 2) / columns) + 0.5) * cellSize,
                ]);
        }

        return found;
    }

    return { route };
}

const around = (all, box) => ({
    minX: Math.min(all.minX, box.minX),
    minY: Math.min(all.minY, box.minY),
    maxX: Math.max(all.maxX, box.maxX),
    maxY: Math.max(all.maxY, box.maxY),
});

/** The way with its ends in the middle of their stations, and the first and last stretch in line with them. */
function straightened(points, start, end) {
    const found = points.length < 2 ? [start, end] : [start, ...points.slice(1, -1), end];
    if (found.length === 2) return found;
    align(found, 0, 1, points[0], points[1]);
    align(found, found.length - 1, found.length - 2, points.at(-1), points.at(-2));

    return found;
}

function align(found, end, beside, was, was2) {
    const axis = was[1] === was2[1] ? 1 : 0;
    found[beside] = axis === 1 ? [found[beside][0], found[end][1]] : [found[end][0], found[beside][1]];
}

export { openRouter };
