/** How much of a corner is cut at most, in units of the map. */
const CUT = 14;

/** Paths by their points, which are never changed: most tracks stay as they are while others change. */
const known = new WeakMap();

/** The path through some points with every corner cut at 45°, as on a transit diagram. */
function path(points) {
    if (!known.has(points)) known.set(points, cut(points));

    return known.get(points);
}

function cut(points) {
    if (points.length === 0) return '';
    const parts = [`M${round(points[0])}`];
    for (let place = 1; place < points.length - 1; place++) {
        const [before, corner, after] = [points[place - 1], points[place], points[place + 1]];
        const reach = Math.min(CUT, distance(before, corner) / 2, distance(corner, after) / 2);
        parts.push(`L${round(toward(corner, before, reach))}`, `L${round(toward(corner, after, reach))}`);
    }
    parts.push(`L${round(points.at(-1))}`);

    return parts.join('');
}

/** A place on the longest straight part, with its direction in degrees: there a gate or an arrow stands free. */
function restOn(points, share = 0.5) {
    let best = [points[0], points[1] ?? points[0]];
    for (let place = 1; place < points.length; place++) {
        if (distance(points[place - 1], points[place]) > distance(best[0], best[1]) + 1)
            best = [points[place - 1], points[place]];
    }
    const [from, to] = best;

    return {
        x: from[0] + (to[0] - from[0]) * share,
        y: from[1] + (to[1] - from[1]) * share,
        turn: (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI,
    };
}

/**
 * @param {number[]} a
 * @param {number[]} b
 */
const distance = (a, b) => Math.hypot(a[0] - b[0], a[1] - b[1]);
/** @param {number[]} point */
const round = ([x, y]) => `${Math.round(x * 10) / 10} ${Math.round(y * 10) / 10}`;

function toward(from, to, reach) {
    const length = distance(from, to) || 1;

    return [from[0] + ((to[0] - from[0]) * reach) / length, from[1] + ((to[1] - from[1]) * reach) / length];
}

export { path, restOn };
