import { STATION, boxesOf, boxesOnMap, grown, stretchesOf } from './boxes.js';
import { openRouter } from './router.js';

/** How far a new station stands from the one that leads to it, and how far apart places are that are tried, in units of the map. */
const BESIDE = 150;
const STEP = 30;

/** How near words of different stations may come, and how deep into words a track may reach before it is led around. */
const APART = 6;
const DEEP = 1;

/** Places around a point, the nearest first. */
const AROUND = Array.from({ length: 41 * 41 }, (_, place) => [((place % 41) - 20) * STEP, (Math.floor(place / 41) - 20) * STEP]).sort(([x, y], [otherX, otherY]) => x * x + y * y - otherX * otherX - otherY * otherY);

/**
 * Makes of a layout what is shown. Stations stand where a hand has put them (`hands`, id → [x, y]), the others where they
 * were laid out, new ones beside what leads to them; what would lie over another moves to the nearest free place. Tracks
 * stay where nothing changed, and are led around words and stations where their ends moved or something came in their way.
 * So no words lie over others or over a track, as long as there is room to go around.
 *
 * It keeps what it made: as long as the layout is the same, only what changed is worked out anew.
 */
function openSettlement() {
    let standing = null;

    return (laid, drawing, hands, rooms) => {
        if (standing?.laid !== laid) standing = { laid, places: new Map(), wishes: new Map(), boxes: boxesOnMap(), tracks: new Map(), stretches: boxesOnMap(), lengths: new Map(), fresh: [] };
        const change = placeStations(standing, drawing, hands, rooms);
        placeTracks(standing, drawing.tracks, change);

        return { ...extent(standing, rooms), stations: new Map(standing.places), tracks: new Map(standing.tracks) };
    };
}

/** Gives `{moved, boxes}`: stations that stand elsewhere than before or than they were laid out, and the boxes that are new. */
function placeStations(standing, { stations, tracks }, hands, rooms) {
    const { laid, places, wishes } = standing;
    const change = { moved: new Set(), boxes: [] };
    const before = new Map();
    const wish = (id) => `${hands.get(id) ?? ''} ${rooms.get(id).across} ${rooms.get(id).down}`;
    const sizeOf = (id) => laid.stations.get(id) ?? { x: 0, y: 0, width: STATION, height: STATION };
    const known = new Set(stations.map(({ id }) => id));
    const leave = (id) => {
        before.set(id, places.get(id));
        if (!places.has(id)) return;
        standing.boxes.search(boundsOf(places.get(id), wishes.get(id).room)).filter((box) => box.id === id).forEach((box) => standing.boxes.remove(box));
        places.delete(id);
    };
    const stand = (id, at) => {
        places.set(id, at);
        wishes.set(id, { wish: wish(id), room: rooms.get(id) });
        for (const box of boxesOf(id, at, rooms.get(id))) change.boxes.push(standing.boxes.insert(box) && box);
        const was = before.get(id) ?? laid.stations.get(id);
        if (was?.x !== at.x || was?.y !== at.y) change.moved.add(id);
    };
    const near = (id, at) => boxesOf(id, at, rooms.get(id)).flatMap((box) => standing.boxes.search(grown(box, APART)));
    const settle = (id, at) => stand(id, nearest(id, at, rooms.get(id), standing));

    [...places.keys()].filter((id) => !known.has(id)).forEach(leave);
    const changed = stations.map(({ id }) => id).filter((id) => !places.has(id) || wishes.get(id).wish !== wish(id));
    changed.forEach(leave);
    const late = [];
    for (const id of changed.filter((one) => hands.has(one))) {
        const at = { ...sizeOf(id), x: hands.get(id)[0], y: hands.get(id)[1] };
        const inTheWay = new Set(near(id, at).map((box) => box.id));
        if ([...inTheWay].some((other) => hands.has(other))) settle(id, at);
        else {
            inTheWay.forEach(leave);
            late.push(...inTheWay);
            stand(id, at);
        }
    }
    for (const id of changed.filter((one) => !hands.has(one))) {
        if (laid.stations.has(id) && near(id, laid.stations.get(id)).length === 0) stand(id, laid.stations.get(id));
        else late.push(id);
    }
    for (const id of late) settle(id, before.get(id) ?? laid.stations.get(id) ?? beside(id, tracks, standing));

    return change;
}

function boundsOf(at, room) {
    const [body, words] = boxesOf('', at, room);

    return { minX: Math.min(body.minX, words.minX), minY: body.minY, maxX: Math.max(body.maxX, words.maxX), maxY: words.maxY };
}

/** The nearest place where a station with its words lies over nothing, if it may be over no track either. */
function nearest(id, at, room, { boxes, stretches }) {
    const isFree = (trees, place) => !boxesOf(id, place, room).some((box) => trees.some((tree) => tree.collides(grown(box, APART))));
    const find = (trees) => AROUND.find(([x, y]) => isFree(trees, { ...at, x: at.x + x, y: at.y + y }));
    const [x, y] = find([boxes, stretches]) ?? find([boxes]) ?? [0, 0];

    return { ...at, x: at.x + x, y: at.y + y };
}

/** Behind what leads to it, or before what it leads to, or below all. */
function beside(id, tracks, { places, laid }) {
    const size = { width: STATION, height: STATION };
    const [before, after] = [tracks.find((track) => track.to === id && places.has(track.from)), tracks.find((track) => track.from === id && places.has(track.to))];
    const near = places.get(before?.from ?? after?.to);

    return near ? { ...size, x: near.x + (before ? BESIDE : -BESIDE), y: near.y } : { ...size, x: BESIDE, y: laid.height };
}

function placeTracks(standing, tracks, { moved, boxes }) {
    const known = new Map(tracks.map((track) => [track.id, track]));
    const broken = new Set(boxes.flatMap((box) => standing.stretches.search(grown(box, -DEEP)).map((stretch) => stretch.id).filter((id) => known.has(id) && !isOwn(box, known.get(id)))));
    [...standing.tracks.keys()].filter((id) => !known.has(id)).forEach((id) => lift(standing, id));
    const open = [];
    for (const track of tracks) {
        const stays = !broken.has(track.id) && !moved.has(track.from) && !moved.has(track.to);
        if (stays && standing.tracks.has(track.id)) continue;
        const points = standing.laid.tracks.get(track.id);
        lift(standing, track.id);
        if (points?.length > 1 && isAsLaid(standing, track) && isClear(track, points, standing.boxes)) lay(standing, track.id, points);
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
    return [track.from, track.to].every((id) => places.get(id).x === laid.stations.get(id)?.x && places.get(id).y === laid.stations.get(id)?.y);
}

/** Whether a track leaves all words free, and all stations but its own. */
function isClear(track, points, boxes) {
    return stretchesOf(track.id, points).every((stretch) => boxes.search(grown(stretch, -DEEP)).every((box) => isOwn(box, track)));
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
    const middle = (id) => [standing.places.get(id).x + standing.places.get(id).width / 2, standing.places.get(id).y + standing.places.get(id).height / 2];
    const ends = tracks.flatMap((track) => [middle(track.from), middle(track.to)]);
    const [xs, ys] = [ends.map(([x]) => x), ends.map(([, y]) => y)];
    const region = grown({ minX: Math.min(...xs), minY: Math.min(...ys), maxX: Math.max(...xs), maxY: Math.max(...ys) }, REGION);
    const router = openRouter(standing.boxes.search(region), standing.stretches.search(region), region);
    let everywhere = null;
    const around = () => (everywhere ??= openRouter(standing.boxes.all(), standing.stretches.all()));
    for (const track of tracks) {
        const way = [track.from, middle(track.from), track.to, middle(track.to)];
        lay(standing, track.id, router.route(...way) ?? around().route(...way) ?? [way[1], way[3]]);
    }
}

function extent({ places, laid }, rooms) {
    const far = [...places].reduce(([x, y], [id, at]) => [Math.max(x, at.x + rooms.get(id).across), Math.max(y, at.y + at.height + rooms.get(id).down)], [0, 0]);

    return { width: Math.max(laid.width, far[0] + 60), height: Math.max(laid.height, far[1] + 60) };
}

export { openSettlement };
