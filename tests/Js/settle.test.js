import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { boxesOf, boxesOnMap, grown, stretchesOf } from '../../resources/js/workshop/chart/boxes.js';
import { channelLayout } from '../../resources/js/workshop/chart/channels.js';
import { openSettlement } from '../../resources/js/workshop/chart/settle.js';
import { diceOf } from './support/dice.js';

const room = (id) => ({ across: 40 + 13 * ((id.length * 7) % 12), down: 21 + 17 * (id.length % 3) });
const roomsOf = ({ stations }) => new Map(stations.map(({ id }) => [id, room(id)]));

/** Ways in all directions between so many scenes: a row, and from each of them to any. */
function waysBetween(count) {
    const dice = diceOf(11);
    const row = Array.from({ length: count - 1 }, (_, at) => [`s${at}`, `s${at + 1}`]);

    return [...row, ...Array.from({ length: count }, (_, at) => [`s${at}`, `s${dice.below(count)}`])];
}

/** What is drawn of ways: each scene once, and one track for both directions. */
function drawingOf(ways) {
    const isSecond = ([from, to]) => ways.some(([a, b]) => a === to && b === from && a < b);
    const drawn = ways.filter((way) => way[0] !== way[1] && !isSecond(way));

    return {
        stations: [...new Set(ways.flat())].map((id) => ({ id })),
        tracks: [...new Map(drawn.map(([from, to]) => [`${from}>${to}`, { id: `${from}>${to}`, from, to }])).values()],
    };
}

/** What lies over what: boxes over boxes, tracks over boxes that they do not end in, and tracks without a line. */
function faultsOf(shown, placed) {
    const all = [...placed.stations].flatMap(([id, at]) => boxesOf(id, at, room(id)));
    const tree = boxesOnMap(all);
    const isOver = (box) => tree.search(grown(box, -1)).some((other) => other.id !== box.id);
    const isForeign = (track) => (box) => !box.isBody || ![track.from, track.to].includes(box.id);
    const isCrossed = (track) =>
        stretchesOf(track.id, placed.tracks.get(track.id) ?? []).some((stretch) =>
            tree.search(grown(stretch, -1)).some(isForeign(track)),
        );

    return {
        over: all.filter(isOver).length,
        crossed: shown.tracks.filter(isCrossed).length,
        missing: shown.tracks.filter(({ id }) => (placed.tracks.get(id) ?? []).length < 2).length,
    };
}

/** Places many scenes and does acts on them one after the other: `hands` (id → place), `more` (ways that are added). */
function settledOf(count, acts) {
    let ways = waysBetween(count);
    let hands = new Map();
    let before = null;
    const laid = channelLayout(drawingOf(ways), roomsOf(drawingOf(ways)));
    const settle = openSettlement();

    return [{}, ...acts].map((act) => {
        hands = new Map([...hands, ...Object.entries(act.hands ?? {})]);
        ways = [...ways, ...(act.more ?? [])];
        const shown = drawingOf(ways);
        const placed = settle(laid, shown, hands, roomsOf(shown));
        const same = shown.tracks.filter(({ id }) => placed.tracks.get(id) === before?.tracks.get(id)).length;
        before = placed;

        return {
            ...faultsOf(shown, placed),
            same,
            tracks: shown.tracks.length,
            at: Object.fromEntries([...placed.stations].map(([id, { x, y }]) => [id, [x, y]])),
        };
    });
}

const whole = ([x, y]) => [Math.trunc(x), Math.trunc(y)];

describe('a map on which hands put stations', () => {
    const acts = [
        { hands: { s3: [400, 300], s4: [410, 310] } },
        { more: [['s1', 'new'], ['new', 's5'], ['apart', 's2']] }, // prettier-ignore
        { hands: { s0: [70, 500], new: [500, 90] } },
        { hands: { s2: [300, 200], s5: [900, 640] }, more: [['s5', 's0'], ['s2', 's4']] }, // prettier-ignore
    ];
    for (const count of [8, 40, 200])
        it(`lays no words over others or over a track, whatever is new: ${count}`, () => {
            for (const { over, crossed, missing } of settledOf(count, acts))
                assert.deepEqual([over, crossed, missing], [0, 0, 0]);
        });

    it('leaves the rest, and puts what is new beside what leads there', () => {
        const [first, moved, fresh] = settledOf(200, [{ hands: { s7: [-400, -300] } }, { more: [['s20', 'new']] }]);
        assert.deepEqual(moved.at, { ...first.at, s7: [-400, -300] });
        const [from, to] = [first.at.s20, fresh.at.new];
        assert.ok(Math.hypot(to[0] - from[0], to[1] - from[1]) < 400);
        assert.ok(moved.same > moved.tracks - 10);
        assert.equal(fresh.same, fresh.tracks - 1);
    });

    it('is drawn when a part is put a world away', () => {
        const [, far] = settledOf(40, [{ hands: { s7: [900_000_000, 40] } }]);
        assert.deepEqual([far.at.s7, far.over, far.missing], [[900_000_000, 40], 0, 0]);
    });

    it('leaves its place to what a hand puts there', () => {
        const [first] = settledOf(40, []);
        const taken = whole(first.at.s20);
        const [, moved] = settledOf(40, [{ hands: { s9: taken } }]);
        assert.deepEqual([moved.at.s9, moved.over, moved.crossed], [taken, 0, 0]);
        assert.notDeepEqual(moved.at.s20, first.at.s20);
    });

    it('moves the second of two that are put in one place', () => {
        const [, both] = settledOf(40, [{ hands: { s3: [-300, -300], s4: [-290, -290] } }]);
        assert.deepEqual(both.at.s3, [-300, -300]);
        assert.notDeepEqual(both.at.s4, [-290, -290]);
    });
});
