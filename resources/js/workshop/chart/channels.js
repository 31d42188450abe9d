import { STATION } from './boxes.js';

/** Distance between tracks that run side by side, and around everything, in units of the map. */
const LANE = 9;
const RIM = 60;

/** How far above the middle tracks leave a station and below it come in, so that the two are told apart. */
const ASIDE = 8;

/**
 * A layout at once, for as long as a finer one is being worked out: stations in rows as they stand in the game, tracks
 * in the channels between rows and columns, where no words are. Gives what `layout` gives.
 *
 * After channel routing: the stretches in a channel are intervals, and each takes the first lane that is free
 * (Hashimoto and Stevens, Wire routing by optimizing channel assignment, 1971). Those from one station, or to one,
 * share a lane.
 */
function channelLayout({ stations, tracks }, rooms) {
    const inRow = Math.max(1, Math.ceil(Math.sqrt(stations.length * 1.6)));
    const cells = new Map(
        stations.map(({ id }, place) => [id, { row: Math.floor(place / inRow), column: place % inRow }]),
    );
    const ways = tracks.map((track) => wayOf(track, cells.get(track.from), cells.get(track.to)));
    const [upright, level] = [lanesOf(ways.flatMap(uprights)), lanesOf(ways.flatMap(levels))];
    const across = [...cells].reduce(
        (widths, [id, { column }]) => put(widths, column, Math.max(widths[column] ?? 40, rooms.get(id).across)),
        [],
    );
    const down = [...cells].reduce(
        (heights, [id, { row }]) => put(heights, row, Math.max(heights[row] ?? 0, STATION + 6 + rooms.get(id).down)),
        [],
    );
    const [columns, rows] = [starts(across, upright), starts(down, level)];
    const middle = ({ row, column }) => [columns.cells[column] + across[column] / 2, rows.cells[row] + STATION / 2];
    /** @type {[string, object][]} */
    const placed = [...cells].map(([id, cell]) => [
        id,
        { x: middle(cell)[0] - STATION / 2, y: middle(cell)[1] - STATION / 2, width: STATION, height: STATION },
    ]);
    const lane = (lanes, at, place, key) => at.channels[place] + LANE * (1 + lanes.get(place).places.get(key));
    /** @type {[string, number[][]][]} */
    const drawn = ways.map((way) => [
        way.id,
        points(
            way,
            middle,
            (place, key) => lane(upright, columns, place, key),
            (place, key) => lane(level, rows, place, key),
        ),
    ]);

    return { width: columns.end + RIM, height: rows.end + RIM, stations: new Map(placed), tracks: new Map(drawn) };
}

const put = (list, place, value) => {
    list[place] = value;

    return list;
};

/**
 * The channels that a track takes: out of the column of its source, along a row, into the column of its target. Channel
 * n lies before column or row n. Neighbours in a row need none.
 */
function wayOf({ id, from, to }, a, b) {
    if (a.row === b.row && Math.abs(a.column - b.column) === 1) return { id, from, to, a, b, out: null };
    const out = b.column < a.column ? a.column : a.column + 1;
    const into = b.column > a.column ? b.column : b.column + 1;

    return { id, from, to, a, b, out, into, along: out === into ? null : Math.max(a.row, b.row) };
}

/** Stretches in the channels between columns; rows lie at odd heights, the channels between them at even ones. */
function uprights({ from, to, a, b, out, into, along }) {
    if (out === null) return [];
    const [leaving, coming] = [2 * a.row + 1, 2 * b.row + 1];
    if (along === null) return [stretch(out, `to ${to}`, leaving, coming)];

    return [stretch(out, `from ${from}`, leaving, 2 * along), stretch(into, `to ${to}`, coming, 2 * along)];
}

function levels({ to, out, into, along }) {
    return out === null || along === null ? [] : [stretch(along, `to ${to}`, out, into)];
}

const stretch = (channel, key, one, other) => ({ channel, key, low: Math.min(one, other), high: Math.max(one, other) });

/** For each channel the lane of each key, the first that is free over all its stretches. */
function lanesOf(stretches) {
    const channels = new Map();
    for (const { channel, key, low, high } of stretches) {
        const spans = channels.get(channel) ?? new Map();
        const span = spans.get(key) ?? { low, high };
        channels.set(channel, spans.set(key, { low: Math.min(low, span.low), high: Math.max(high, span.high) }));
    }

    return new Map([...channels].map(([channel, spans]) => [channel, packed(spans)]));
}

function packed(spans) {
    const ends = [];
    const places = new Map();
    for (const [key, { low, high }] of [...spans].sort(([, one], [, other]) => one.low - other.low)) {
        const free = ends.findIndex((end) => end < low);
        const place = free < 0 ? ends.length : free;
        ends[place] = high;
        places.set(key, place);
    }

    return { places, count: ends.length };
}

/** Where channels and the cells between them begin. */
function starts(sizes, lanes) {
    const [channels, cells] = [[], []];
    let at = RIM;
    for (let place = 0; place <= sizes.length; place++) {
        channels.push(at);
        at += LANE * (2 + (lanes.get(place)?.count ?? 0));
        cells.push(at);
        at += sizes[place] ?? 0;
    }

    return { channels, cells, end: at };
}

function points(way, middle, upright, level) {
    const [[x, y], [toX, toY]] = [middle(way.a), middle(way.b)];
    if (way.out === null)
        return [
            [x, y],
            [toX, toY],
        ];
    const [leaving, coming] = [y - ASIDE, toY + ASIDE];
    if (way.along === null) {
        const lane = upright(way.out, `to ${way.to}`);

        return [
            [x, leaving],
            [lane, leaving],
            [lane, coming],
            [toX, coming],
        ];
    }
    const [out, into, along] = [
        upright(way.out, `from ${way.from}`),
        upright(way.into, `to ${way.to}`),
        level(way.along, `to ${way.to}`),
    ];

    return [
        [x, leaving],
        [out, leaving],
        [out, along],
        [into, along],
        [into, coming],
        [toX, coming],
    ];
}

export { channelLayout };
