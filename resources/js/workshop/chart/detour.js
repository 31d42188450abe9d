import { grown, stretchesOf } from './boxes.js';
import { openRouter } from './router.js';

/** How deep into words a track may reach before it is led around, in units of the map. */
const DEEP = 1;

/**
 * Tracks of a settlement (settle.js): those stay whose ends stay and in whose way nothing came; the others are as they
 * were laid out, where that is free, or led around.
 */
function placeTracks(standing, tracks, { moved, boxes }) {
    const known = new Map(tracks.map((track) => [track.id, track]));
    const broken = new Set(
        boxes.flatMap((box) =>
            standing.stretches
                .search(grown(box, -DEEP))
                .map((stretch) => stretch.id)
                .filter((id) => known.has(id) && !isOwn(box, known.get(id))),
        ),
    );
    [...standing.tracks.keys()].filter((id) => !known.has(id)).forEach((id) => lift(standing, id));
    const open = [];
    for (const track of tracks) {
        const stays = !broken.has(track.id) && !moved.has(track.from) && !moved.has(track.to);
        if (stays && standing.tracks.has(track.id)) continue;
        const points = standing.laid.tracks.get(track.id);
        lift(standing, track.id);
        if (points?.length > 1 && isAsLaid(standing, track) && isClear(track, points, standing.boxes))
            lay(standing, track.id, points);
        else open.push(track);
    }
    takeFresh(standing);
    if (open.length > 0) leadAround(standing, open);
    takeFresh(standing);
}

/** Many stretches are taken up at once much sooner than one after the other. */
function takeFresh(standing) {
    standing.stretches.load(standing.fresh);
    standing.fresh = [];
}

const isOwn = (box, track) => box.isBody && (box.id === track.from || box.id === track.to);

/** Whether both its ends stand where they were laid out. */
function isAsLaid({ places, laid }, track) {
    return [track.from, track.to].every(
        (id) => places.get(id).x === laid.stations.get(id)?.x && places.get(id).y === laid.stations.get(id)?.y,
    );
}

/** Whether a track leaves all words free, and all stations but its own. */
function isClear(track, points, boxes) {
    return stretchesOf(track.id, points).every((stretch) =>
        boxes.search(grown(stretch, -DEEP)).every((box) => isOwn(box, track)),
    );
}

function lay(standing, id, points) {
    standing.tracks.set(id, points);
    standing.lengths.set(id, stretchesOf(id, points));
    standing.fresh.push(...standing.lengths.get(id));
}

function lift(standing, id) {
    standing.lengths.get(id)?.forEach((stretch) => standing.stretches.remove(stretch));
    standing.lengths.delete(id);
    standing.tracks.delete(id);
}

/** How far around its ends a way is sought first, in units of the map. */
const REGION = 500;

/** Finds new ways for tracks, first in the part of the map that they cross, then over all of it. */
function leadAround(standing, tracks) {
    const middle = (id) => [
        standing.places.get(id).x + standing.places.get(id).width / 2,
        standing.places.get(id).y + standing.places.get(id).height / 2,
    ];
    const ends = tracks.flatMap((track) => [middle(track.from), middle(track.to)]);
    const [xs, ys] = [ends.map(([x]) => x), ends.map(([, y]) => y)];
    const region = grown(
        { minX: Math.min(...xs), minY: Math.min(...ys), maxX: Math.max(...xs), maxY: Math.max(...ys) },
        REGION,
    );
    const router = openRouter(standing.boxes.search(region), standing.stretches.search(region), region);
    let everywhere = null;
    const around = () => (everywhere ??= openRouter(standing.boxes.all(), standing.stretches.all()));
    for (const track of tracks) {
        const way = [track.from, middle(track.from), track.to, middle(track.to)];
        lay(standing, track.id, router.route(...way) ?? around().route(...way) ?? [way[1], way[3]]);
    }
}

export { placeTracks };
