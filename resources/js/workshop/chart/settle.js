import { STATION, boxesOf, boxesOnMap, grown } from './boxes.js';
import { placeTracks } from './detour.js';

/**
 * How far a new station stands from the one that leads to it, and how far apart places are that are tried, in units of
 * the map.
 */
const BESIDE = 150;
const STEP = 30;

const SIZE = { width: STATION, height: STATION };

/** How near words of different stations may come. */
const APART = 6;

/** Places around a point, the nearest first. */
const AROUND = Array.from({ length: 41 * 41 }, (_, place) => [
    ((place % 41) - 20) * STEP,
    (Math.floor(place / 41) - 20) * STEP,
]).sort(([x, y], [otherX, otherY]) => x * x + y * y - otherX * otherX - otherY * otherY);

/**
 * Makes of a layout what is shown. Stations stand where a hand has put them (`hands`, id → [x, y]), the others where
 * they were laid out, new ones beside what leads to them; what would lie over another moves to the nearest free place.
 * Tracks stay where nothing changed, and are led around words and stations where their ends moved or something came in
 * their way. So no words lie over others or over a track, as long as there is room to go around.
 *
 * It keeps what it made: as long as the layout is the same, only what changed is worked out anew.
 */
function openSettlement() {
    let standing = null;

    return (laid, drawing, hands, rooms) => {
        if (standing?.laid !== laid)
            standing = {
                laid,
                places: new Map(),
                wishes: new Map(),
                boxes: boxesOnMap(),
                tracks: new Map(),
                stretches: boxesOnMap(),
                lengths: new Map(),
                fresh: [],
            };
        const change = placeStations(standing, drawing, hands, rooms);
        placeTracks(standing, drawing.tracks, change);

        return { ...extent(standing, rooms), stations: new Map(standing.places), tracks: new Map(standing.tracks) };
    };
}

/** One round of placing stations: what moved, from where, and the boxes that are new. */
function placeStations(standing, { stations, tracks }, hands, rooms) {
    const round = { standing, hands, rooms, moved: new Set(), boxes: [], before: new Map() };
    const known = new Set(stations.map(({ id }) => id));
    [...standing.places.keys()].filter((id) => !known.has(id)).forEach((id) => leave(round, id));
    const changed = stations.map(({ id }) => id).filter((id) => standing.wishes.get(id)?.wish !== wishOf(round, id));
    changed.forEach((id) => leave(round, id));
    const late = [
        ...standByHand(
            round,
            changed.filter((id) => hands.has(id)),
        ),
        ...standAsLaid(
            round,
            changed.filter((id) => !hands.has(id)),
        ),
    ];
    for (const id of late)
        settle(round, id, standing.laid.stations.get(id) ?? round.before.get(id) ?? beside(id, tracks, standing));

    return round;
}

/** What decides where a station stands: the same wish, the same place. */
const wishOf = ({ hands, rooms }, id) => `${hands.get(id) ?? ''} ${rooms.get(id).across} ${rooms.get(id).down}`;

function leave({ standing, before }, id) {
    const { places, wishes, boxes } = standing;
    before.set(id, places.get(id));
    if (!places.has(id)) return;
    boxes
        .search(boundsOf(places.get(id), wishes.get(id).room))
        .filter((box) => box.id === id)
        .forEach((box) => boxes.remove(box));
    places.delete(id);
    wishes.delete(id);
}

function stand(round, id, at) {
    const { standing, rooms, before } = round;
    standing.places.set(id, at);
    standing.wishes.set(id, { wish: wishOf(round, id), room: rooms.get(id) });
    for (const box of boxesOf(id, at, rooms.get(id))) {
        standing.boxes.insert(box);
        round.boxes.push(box);
    }
    const was = before.get(id) ?? standing.laid.stations.get(id);
    if (was?.x !== at.x || was?.y !== at.y) round.moved.add(id);
}

const settle = (round, id, at) => stand(round, id, nearest(id, at, round.rooms.get(id), round.standing));

/** Ids of what lies where a station would stand. */
const inTheWayOf = ({ standing, rooms }, id, at) =>
    new Set(
        boxesOf(id, at, rooms.get(id))
            .flatMap((box) => standing.boxes.search(grown(box, APART)))
            .map((box) => box.id),
    );

/** Puts stations where the hand put them. What was laid out there gives way: gives its ids. */
function standByHand(round, ids) {
    const { standing, hands } = round;
    const late = [];
    for (const id of ids) {
        const at = { ...(standing.laid.stations.get(id) ?? SIZE), x: hands.get(id)[0], y: hands.get(id)[1] };
        const others = [...inTheWayOf(round, id, at)];
        if (others.some((other) => hands.has(other))) {
            settle(round, id, at);
            continue;
        }
        others.forEach((other) => leave(round, other));
        late.push(...others);
        stand(round, id, at);
    }

    return late;
}

/** Puts stations where they were laid out, as far as nothing lies there; gives the ids of the others. */
function standAsLaid(round, ids) {
    const { laid } = round.standing;
    const late = [];
    for (const id of ids) {
        if (laid.stations.has(id) && inTheWayOf(round, id, laid.stations.get(id)).size === 0)
            stand(round, id, laid.stations.get(id));
        else late.push(id);
    }

    return late;
}

function boundsOf(at, room) {
    const [body, words] = boxesOf('', at, room);

    return {
        minX: Math.min(body.minX, words.minX),
        minY: body.minY,
        maxX: Math.max(body.maxX, words.maxX),
        maxY: words.maxY,
    };
}

/** The nearest place where a station with its words lies over nothing, if it may be over no track either. */
function nearest(id, at, room, { boxes, stretches }) {
    const isFree = (trees, place) =>
        !boxesOf(id, place, room).some((box) => trees.some((tree) => tree.collides(grown(box, APART))));
    const find = (trees) => AROUND.find(([x, y]) => isFree(trees, { ...at, x: at.x + x, y: at.y + y }));
    const [x, y] = find([boxes, stretches]) ?? find([boxes]) ?? [0, 0];

    return { ...at, x: at.x + x, y: at.y + y };
}

/** Behind what leads to it, or before what it leads to, or below all. */
function beside(id, tracks, { places, laid }) {
    const [before, after] = [
        tracks.find((track) => track.to === id && places.has(track.from)),
        tracks.find((track) => track.from === id && places.has(track.to)),
    ];
    const near = places.get(before?.from ?? after?.to);

    return near
        ? { ...SIZE, x: near.x + (before ? BESIDE : -BESIDE), y: near.y }
        : { ...SIZE, x: BESIDE, y: laid.height };
}

function extent({ places, laid }, rooms) {
    const far = [...places].reduce(
        ([x, y], [id, at]) => [
            Math.max(x, at.x + rooms.get(id).across),
            Math.max(y, at.y + at.height + rooms.get(id).down),
        ],
        [0, 0],
    );

    return { width: Math.max(laid.width, far[0] + 60), height: Math.max(laid.height, far[1] + 60) };
}

export { openSettlement };
