import { bent } from './track.js';

/** Room for a station with its words, in units of the map. */
const ACROSS = 130;
const DOWN = 110;

const SIZE = { width: 22, height: 22 };

/**
 * A layout at once, for as long as a better one is being worked out: what stood somewhere stays there, what is new stands
 * beside where it is reached from, or in rows when nothing stood anywhere yet.
 */
function provisionalLayout({ stations, tracks }, before) {
    const placed = new Map();
    const taken = new Set();
    const put = (id, x, y, size = SIZE) => {
        taken.add(`${Math.round(x / ACROSS)},${Math.round(y / DOWN)}`);
        placed.set(id, { x, y, ...size });
    };
    for (const { id } of stations) {
        const had = before?.stations.get(id);
        if (had) put(id, had.x, had.y, { width: had.width, height: had.height });
    }
    const from = new Map(tracks.map((track) => [track.to, track.from]));
    const inRow = Math.max(1, Math.ceil(Math.sqrt(stations.length * 1.6)));
    stations.forEach(({ id }, place) => {
        if (placed.has(id)) return;
        const source = placed.get(from.get(id));
        put(id, ...(before && source ? beside(source, taken) : [60 + (place % inRow) * ACROSS, 60 + Math.floor(place / inRow) * DOWN + (before?.height ?? 0)]));
    });
    const middle = (id) => [placed.get(id).x + placed.get(id).width / 2, placed.get(id).y + placed.get(id).height / 2];
    const drawn = tracks.map((track) => [track.id, before?.tracks.get(track.id) ?? bent(middle(track.from), middle(track.to))]);

    return { width: Math.max(...[...placed.values()].map((one) => one.x)) + ACROSS, height: Math.max(...[...placed.values()].map((one) => one.y)) + DOWN, stations: placed, tracks: new Map(drawn) };
}

/** The nearest free place to the right of a station, then below. */
function beside({ x, y }, taken) {
    for (let step = 0; step < 40; step++) {
        const place = [x + ACROSS * (1 + (step % 2)), y + DOWN * Math.ceil(step / 2)];
        if (!taken.has(`${Math.round(place[0] / ACROSS)},${Math.round(place[1] / DOWN)}`)) return place;
    }

    return [x + ACROSS, y + DOWN];
}

export { provisionalLayout };
