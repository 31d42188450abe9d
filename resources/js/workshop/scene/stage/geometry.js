/** Boxes are `[x, y, width, height]` on a stage of 1600 × 900 units. */
const STAGE = [0, 0, 1600, 900];

/** Smallest side of a thing, in units. */
const LEAST = 16;

/** @param {number[]} box */
const right = ([x, , width]) => x + width;
/** @param {number[]} box */
const bottom = ([, y, , height]) => y + height;
/** @param {number[]} box */
const middle = ([x, y, width, height]) => [x + width / 2, y + height / 2];

function moved([x, y, width, height], dx, dy) {
    return [x + dx, y + dy, width, height];
}

function rounded(box) {
    return box.map(Math.round);
}

function between([x, y], [toX, toY]) {
    return [Math.min(x, toX), Math.min(y, toY), Math.abs(toX - x), Math.abs(toY - y)];
}

/** The box around all of them. */
function around(boxes) {
    const x = Math.min(...boxes.map((box) => box[0]));
    const y = Math.min(...boxes.map((box) => box[1]));

    return [x, y, Math.max(...boxes.map(right)) - x, Math.max(...boxes.map(bottom)) - y];
}

function overlap(one, other) {
    return one[0] < right(other) && other[0] < right(one) && one[1] < bottom(other) && other[1] < bottom(one);
}

/**
 * The box with the grip (`n`, `se`, …) drawn to a point; proportions kept when asked, by the corner grips only.
 */
function resized(box, grip, [px, py], keep) {
    let [left, top, rightEdge, low] = [box[0], box[1], right(box), bottom(box)];
    if (grip.includes('w')) left = Math.min(px, rightEdge - LEAST);
    if (grip.includes('e')) rightEdge = Math.max(px, left + LEAST);
    if (grip.includes('n')) top = Math.min(py, low - LEAST);
    if (grip.includes('s')) low = Math.max(py, top + LEAST);
    if (keep && grip.length === 2) {
        const scale = Math.max((rightEdge - left) / box[2], (low - top) / box[3]);
        const [width, height] = [box[2] * scale, box[3] * scale];
        if (grip.includes('w')) left = rightEdge - width;
        else rightEdge = left + width;
        if (grip.includes('n')) top = low - height;
        else low = top + height;
    }

    return [left, top, rightEdge - left, low - top];
}

/** A box that stood in one frame, standing in another the same way. */
function within(box, from, to) {
    const [sx, sy] = [to[2] / from[2], to[3] / from[3]];

    return [to[0] + (box[0] - from[0]) * sx, to[1] + (box[1] - from[1]) * sy, box[2] * sx, box[3] * sy];
}

/**
 * How far a box must still go to lie on an edge or the middle of the stage or of another box, or midway between its
 * neighbours; with the lines to show.
 */
function snap(box, others, reach) {
    const lines = [];
    const shift = [0, 1].map((axis) => {
        const own = [box[axis], box[axis] + box[axis + 2] / 2, box[axis] + box[axis + 2]];
        const marks = [STAGE, ...others].flatMap((other) => [
            other[axis],
            other[axis] + other[axis + 2] / 2,
            other[axis] + other[axis + 2],
        ]);
        let best = null;
        for (const mark of marks) {
            for (const edge of own) {
                if (Math.abs(mark - edge) <= reach && (best === null || Math.abs(mark - edge) < Math.abs(best.by)))
                    best = { by: mark - edge, at: mark };
            }
        }
        const gap = best ?? midway(box, others, axis, reach);
        if (gap) lines.push({ axis, at: gap.at });

        return gap?.by ?? 0;
    });

    return { dx: shift[0], dy: shift[1], lines };
}

/** Equal spacing: as far from the one before as from the one behind. */
function midway(box, others, axis, reach) {
    const across = 1 - axis;
    const row = others.filter(
        (other) => other[across] < box[across] + box[across + 2] && box[across] < other[across] + other[across + 2],
    );
    const before = row
        .filter((other) => other[axis] + other[axis + 2] <= box[axis] + reach)
        .sort((a, b) => b[axis] + b[axis + 2] - a[axis] - a[axis + 2])[0];
    const behind = row
        .filter((other) => other[axis] >= box[axis] + box[axis + 2] - reach)
        .sort((a, b) => a[axis] - b[axis])[0];
    if (!before || !behind) return null;
    const at = (before[axis] + before[axis + 2] + behind[axis] - box[axis + 2]) / 2;

    return Math.abs(at - box[axis]) <= reach ? { by: at - box[axis], at: at + box[axis + 2] / 2 } : null;
}

/** Boxes lined up by an edge or middle of the box around them: `left`, `centre`, `right`, `top`, `middle`, `bottom`. */
function aligned(boxes, by) {
    const frame = around(boxes);
    const place = {
        left: ([, y, width, height]) => [frame[0], y, width, height],
        centre: ([, y, width, height]) => [frame[0] + (frame[2] - width) / 2, y, width, height],
        right: ([, y, width, height]) => [right(frame) - width, y, width, height],
        top: ([x, , width, height]) => [x, frame[1], width, height],
        middle: ([x, , width, height]) => [x, frame[1] + (frame[3] - height) / 2, width, height],
        bottom: ([x, , width, height]) => [x, bottom(frame) - height, width, height],
    }[by];

    return boxes.map(place);
}

/** Boxes with the same room between each two, along an axis (0 across, 1 down); the outer two stay. */
function spread(boxes, axis) {
    const order = boxes.map((box, place) => ({ box, place })).sort((a, b) => a.box[axis] - b.box[axis]);
    const frame = around(boxes);
    const gap = (frame[axis + 2] - boxes.reduce((sum, box) => sum + box[axis + 2], 0)) / Math.max(1, boxes.length - 1);
    const result = [];
    let at = frame[axis];
    for (const { box, place } of order) {
        result[place] = axis === 0 ? [at, box[1], box[2], box[3]] : [box[0], at, box[2], box[3]];
        at += box[axis + 2] + gap;
    }

    return result;
}

/** Where things that flowed on a page may stand on a stage: in columns, none over another. */
function laidOut(count) {
    const columns = Math.ceil(Math.sqrt(count)) || 1;
    const rows = Math.ceil(count / columns) || 1;
    const [width, height] = [Math.min(640, 1480 / columns - 40), Math.min(260, 800 / rows - 30)];

    return Array.from({ length: count }, (_, place) =>
        rounded([
            60 + (place % columns) * (1480 / columns),
            60 + Math.floor(place / columns) * (800 / rows),
            width,
            height,
        ]),
    );
}

/** Free room around a new thing, and how far apart the places are that are tried, in units. */
const ROOM = 10;
const STRIDE = 40;

/** Of the whole stage: what is larger is something to stand on. */
const GROUND = 0.5;

/**
 * A place for something of this size: the one nearest to a point at which nothing else stands, else the one that covers
 * least.
 *
 * @param {number[]} size width and height
 * @param {number[][]} taken boxes of what is there
 * @param {number[]} near
 */
function freePlace([width, height], taken, [nearX, nearY]) {
    const obstacles = taken
        .filter((box) => box[2] * box[3] < GROUND * STAGE[2] * STAGE[3])
        .map(([x, y, w, h]) => [x - ROOM, y - ROOM, w + 2 * ROOM, h + 2 * ROOM]);
    let best = { covered: Infinity, distance: Infinity, box: [0, 0, width, height] };
    for (const x of places(nearX - width / 2, STAGE[2] - width))
        for (const y of places(nearY - height / 2, STAGE[3] - height)) {
            const box = [x, y, width, height];
            const covered = obstacles.reduce((sum, other) => sum + shared(box, other), 0);
            const distance = Math.hypot(x + width / 2 - nearX, y + height / 2 - nearY);
            if (covered < best.covered || (covered === best.covered && distance < best.distance))
                best = { covered, distance, box };
        }

    return rounded(best.box);
}

/** Where something may begin along one side of the stage: at the wished place, and in strides from it. */
function places(wished, most) {
    const first = Math.min(Math.max(ROOM, wished), Math.max(ROOM, most - ROOM));
    const found = [first];
    for (let step = STRIDE; step < STAGE[2]; step += STRIDE)
        found.push(...[first - step, first + step].filter((at) => at >= ROOM && at <= most - ROOM));

    return found;
}

/** The area that two boxes have in common. */
function shared(one, other) {
    const width = Math.min(right(one), right(other)) - Math.max(one[0], other[0]);
    const height = Math.min(bottom(one), bottom(other)) - Math.max(one[1], other[1]);

    return width > 0 && height > 0 ? width * height : 0;
}

export {
    LEAST,
    STAGE,
    aligned,
    around,
    between,
    freePlace,
    laidOut,
    middle,
    moved,
    overlap,
    resized,
    rounded,
    snap,
    spread,
    within,
};
