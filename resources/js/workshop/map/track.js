/** The path through some points with every corner cut at 45°, as on a transit diagram. */
function path(points, cut = 14) {
    if (points.length === 0) return '';
    const parts = [`M${round(points[0])}`];
    for (let place = 1; place < points.length - 1; place++) {
        const [before, corner, after] = [points[place - 1], points[place], points[place + 1]];
        const reach = Math.min(cut, distance(before, corner) / 2, distance(corner, after) / 2);
        parts.push(`L${round(toward(corner, before, reach))}`, `L${round(toward(corner, after, reach))}`);
    }
    parts.push(`L${round(points.at(-1))}`);

    return parts.join('');
}

/** A place on the longest straight part, with its direction in degrees: there a gate or an arrow stands free. */
function restOn(points, share = 0.5) {
    let best = [points[0], points[1] ?? points[0]];
    for (let place = 1; place < points.length; place++) {
        if (distance(points[place - 1], points[place]) > distance(...best) + 1) best = [points[place - 1], points[place]];
    }
    const [from, to] = best;

    return { x: from[0] + (to[0] - from[0]) * share, y: from[1] + (to[1] - from[1]) * share, turn: (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI };
}

/**
 * The layout with stations where a hand has put them (`at` of a scene); tracks that end there go there by one straight
 * stretch and one slanting.
 */
function handPlaced(laid, scenes, tracks) {
    const at = new Map(scenes.filter((scene) => Array.isArray(scene.at) && laid.stations.has(scene.id)).map((scene) => [scene.id, scene.at]));
    if (at.size === 0) return laid;
    const stations = new Map([...laid.stations].map(([id, station]) => [id, at.has(id) ? { ...station, x: at.get(id)[0], y: at.get(id)[1] } : station]));
    const middle = (id) => [stations.get(id).x + stations.get(id).width / 2, stations.get(id).y + stations.get(id).height / 2];
    const loose = tracks.filter((track) => at.has(track.from) || at.has(track.to));
    const reach = (side, far) => Math.max(far, ...[...at.keys()].map((id) => stations.get(id)[side] + 120));

    return { width: reach('x', laid.width), height: reach('y', laid.height), stations, tracks: new Map([...laid.tracks, ...loose.map((track) => [track.id, bent(middle(track.from), middle(track.to))])]) };
}

function bent([x, y], [toX, toY]) {
    const slant = Math.min(Math.abs(toX - x), Math.abs(toY - y));
    const isWide = Math.abs(toX - x) > Math.abs(toY - y);
    const corner = isWide ? [toX - Math.sign(toX - x) * slant, y] : [x, toY - Math.sign(toY - y) * slant];

    return [[x, y], corner, [toX, toY]];
}

const distance = (a, b) => Math.hypot(a[0] - b[0], a[1] - b[1]);
const round = ([x, y]) => `${Math.round(x * 10) / 10} ${Math.round(y * 10) / 10}`;

function toward(from, to, reach) {
    const length = distance(from, to) || 1;

    return [from[0] + ((to[0] - from[0]) * reach) / length, from[1] + ((to[1] - from[1]) * reach) / length];
}

export { bent, handPlaced, path, restOn };
