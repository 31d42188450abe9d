import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { plan } from '../../resources/js/workshop/chart/plan.js';
import { path, restOn } from '../../resources/js/workshop/chart/track.js';
import { cullingOf } from '../../resources/js/workshop/map/culling.js';
import { covers } from '../../resources/js/workshop/map/kept.js';
import { choice, fourScenes, gameOf, lock } from './support/games.js';
import './support/words.js';

const byId = (entries) => Object.fromEntries(entries.map((entry) => [entry.id, entry]));

describe('the plan of a map', () => {
    it('has a track for each pair of scenes, with a gate where a lock is', () => {
        const tracks = byId(plan(fourScenes(), []).tracks);
        assert.deepEqual(Object.keys(tracks), ['one>two', 'two>three', 'three>four']);
        assert.deepEqual(
            Object.values(tracks).map(({ both, gate }) => [both, gate]),
            [
                [true, false],
                [false, true],
                [false, false],
            ],
        );
        assert.deepEqual(tracks['two>three'].why, ['“gull”']);
    });

    it('draws no track to where it begins, nor to what is not there', () => {
        const { tracks, stations } = plan(
            gameOf([
                { id: 'a', things: [lock('l', 'x', { go: 'b' }), choice('round', { go: 'a' })] },
                { id: 'b', things: [choice('back', { go: 'a' }), choice('gone', { go: 'attic' })] },
                { id: 'c', title: 'A long way round the island', ending: { kind: 'won', md: '' } },
            ]),
            [],
        );
        assert.deepEqual(
            tracks.map(({ from, to, both, gate }) => [from, to, both, gate]),
            [['a', 'b', true, true]],
        );
        assert.deepEqual(
            stations.map(({ reached, note }) => [reached, note]),
            [
                [true, 'start'],
                [true, ''],
                [false, 'won'],
            ],
        );
        assert.deepEqual(stations[2].titleLines, ['A long way round', 'the island']);
    });

    it('marks what a scene gives and wants, and shows no flag', () => {
        const { one, two, three, four, alone } = byId(plan(fourScenes(), []).stations);
        assert.deepEqual([two.marks, three.marks], [[{ sign: '+', words: 'Lens' }], [{ sign: '?', words: 'Lens' }]]);
        assert.deepEqual([two.isGate, three.isGate, four.ending], [false, true, true]);
        assert.deepEqual([one.note, one.titleLines], ['start', ['The first of', 'all scenes']]);
        assert.deepEqual([alone.reached, four.reached], [false, true]);
    });

    it('marks traps and counts what there is to mend', () => {
        const findings = [
            { code: 'play.trap', where: ['three'] },
            { code: 'feedback.missing', where: ['q', 'two'] },
            { code: 'lock.guessable', where: ['q', 'two'] },
        ];
        const { one, two, three } = byId(plan(fourScenes(), findings).stations);
        assert.deepEqual([two.isTrap, three.isTrap], [false, true]);
        assert.deepEqual([one.found, two.found, three.found], [0, 2, 1]);
    });
});

describe('a track', () => {
    const points = [
        [0, 0],
        [100, 0],
        [100, 40],
    ];

    it('has its corners cut', () => {
        assert.equal(path(points), 'M0 0L86 0L100 14L100 40');
        assert.equal(path([]), '');
    });

    it('bears its signs on its longest part', () => assert.deepEqual(restOn(points), { x: 50, y: 0, turn: 0 }));
});

describe('a large map', () => {
    for (const [name, count, view, hidden] of [
        ['few are always drawn', 20, { k: 1, x: 0, y: 0 }, 0],
        ['many, near the left', 400, { k: 1, x: 0, y: 0 }, 397],
        ['many, farther on', 400, { k: 1, x: -50000, y: 0 }, 397],
        ['many, from afar', 400, { k: 0.005, x: 0, y: 0 }, 0],
    ])
        it(`draws only what is in view: ${name}`, () => {
            const nodes = Array.from({ length: count }, () => ({ style: { display: '' } }));
            const stations = new Map(nodes.map((_, at) => [`s${at}`, { x: 500 * at, y: 0, width: 20, height: 20 }]));
            const culling = cullingOf();
            const shown = (seen, width, height) => {
                culling.note({ stations, tracks: new Map() }, (key) => nodes[Number(key.slice(1))]);
                culling.show(seen, width, height);

                return nodes.filter((node) => node.style.display === 'none').length;
            };
            shown({ k: 0.001, x: 0, y: 0 }, 1000, 600);
            assert.equal(shown(view, 1000, 600), hidden);
            culling.show({ k: 1, x: 0, y: 0 }, 1e9, 1e9);
            assert.equal(nodes.filter((node) => node.style.display === 'none').length, 0);
        });

    for (const [more, isKept] of [
        [0, true],
        [20, true],
        [40, false],
    ])
        it(`keeps a layout that knows most of its scenes: ${more} new ones`, () => {
            const known = { stations: new Map(Array.from({ length: 100 }, (_, at) => [at, {}])) };
            const stations = Array.from({ length: 100 + more }, (_, at) => ({ id: at }));
            assert.equal(covers(known, { stations }), isKept);
        });
});
