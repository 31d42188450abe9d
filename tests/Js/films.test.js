import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { crossed, held, rangesOf, readingTime } from '../../resources/js/play/film/course.js';
import { clock, filmOf, momentsIn, newStop, stopName, timeOf } from '../../resources/js/workshop/editor/films.js';
import { reached, routesIn } from '../../resources/js/workshop/editor/ways.js';
import { plan } from '../../resources/js/workshop/chart/plan.js';
import { backIn, backTo } from '../../resources/js/workshop/scene/film/back.js';
import { readCaptions, writeCaptions } from '../../resources/js/workshop/scene/film/webvtt.js';
import { roundsIn, textOf } from '../../resources/js/workshop/scene/lock/rounds.js';
import { choice, gameOf } from './support/games.js';
import './support/words.js';

const stop = (id, at, more = {}) => ({ id, at, lasts: null, isDone: false, isSeen: false, ...more });

const course = (stops, entries = [0]) => ({ entries, stops, cues: [] });

const clip = {
    id: 'clip',
    kind: 'clip',
    asset: 'a',
    length: 60,
    moments: [{ id: 'm', title: 'The edges', at: 20, until: 30 }],
};

const filmGame = (more = []) =>
    gameOf([
        { id: 'film', title: 'Film', things: [clip, choice('in', [{ go: 'm' }])], next: [{ go: 'out' }] },
        { id: 's1', title: '', stop: { clip: 'clip', at: 33 }, things: [{ id: 'q', kind: 'lock', ask: '**Why?**' }] },
        { id: 's2', title: 'Words', stop: { clip: 'clip', at: 12, lasts: 4 }, things: [] },
        { id: 'out', title: 'Out', things: [choice('again', [{ go: 'm' }])] },
        ...more,
    ]);

describe('the course of a film', () => {
    it('runs from each entry to the first stop that waits', () => {
        const stops = [stop('a', 10), stop('b', 20, { lasts: 3 }), stop('c', 30)];
        assert.deepEqual(rangesOf(course(stops, [0, 15])), [
            [0, 10],
            [15, 30],
        ]);
        assert.deepEqual(rangesOf(course([stop('a', 10, { isDone: true })])), [[0, Infinity]]);
    });

    for (const [name, stops, entries, from, to, is] of [
        ['freely before a stop', [stop('a', 10)], [0], 2, 9, 9],
        ['to a stop, not past it', [stop('a', 10)], [0], 2, 55, 10],
        ['past one that is done', [stop('a', 10, { isDone: true })], [0], 2, 55, 55],
        ['past one that goes by itself', [stop('a', 10, { lasts: 2 })], [0], 2, 55, 55],
        ['back as far as one likes', [stop('a', 10, { isDone: true }), stop('b', 20)], [0, 10], 15, 3, 3],
        ['into a part that one was led to', [stop('a', 10), stop('b', 40)], [0, 25], 5, 30, 30],
        ['not between the two', [stop('a', 10), stop('b', 40)], [0, 25], 5, 20, 10],
    ])
        it(`is wound ${name}`, () => assert.equal(held(course(stops, entries), from, to), is));

    it('opens the first stop that it crosses, and one that goes by once', () => {
        const stops = [stop('c', 12), stop('b', 11, { lasts: 2 }), stop('d', 11.5, { lasts: 2, isSeen: true })];
        assert.deepEqual(crossed(course(stops), 10, 13), { id: 'b', at: 11, isPassing: true });
        assert.deepEqual(crossed(course(stops), 11.2, 13), { id: 'c', at: 12, isPassing: false });
        assert.equal(crossed(course([stop('a', 12, { isDone: true })]), 10, 13), null);
        assert.ok(readingTime(0) < readingTime(80) && readingTime(9999) <= 7000);
    });
});

describe('times', () => {
    for (const [text, seconds] of [
        ['33', 33],
        ['0:33', 33],
        ['1:02.5', 62.5],
        ['1:02,5', 62.5],
        ['1:00:01', 3601],
        ['2 min 5 s', 125],
        ['12 s', 12],
        ['soon', null],
        ['', null],
        ['3:4:5:6', null],
    ])
        it(`reads ${text || 'nothing'}`, () => assert.equal(timeOf(text), seconds));

    it('writes tenths where there are any', () =>
        assert.deepEqual(
            [33, 62.5, 59.97, 0.04].map((at) => clock(at)),
            ['0:33', '1:02.5', '1:00', '0:00'],
        ));
});

describe('films of a game', () => {
    it('are known by their scene and by their stops', () => {
        const game = filmGame();
        const film = filmOf(game, game.scenes[1]);
        assert.deepEqual([film.home.id, film.stop.id, film.stops.map(({ id }) => id)], ['film', 's1', ['s2', 's1']]);
        assert.equal(filmOf(game, game.scenes[3]), null);
        assert.deepEqual(
            momentsIn(game).map(({ id, scene }) => [id, scene]),
            [['m', 'film']],
        );
        assert.deepEqual([stopName(game, game.scenes[1]), stopName(game, game.scenes[2])], ['Why?', 'Words']);
    });

    it('lead to their stops and back, and ways to a moment to their scene', () => {
        const game = filmGame();
        const ways = routesIn(game).map(({ from, to }) => `${from}>${to}`);
        for (const way of ['film>s1', 's1>film', 'film>s2', 'out>film']) assert.ok(ways.includes(way), way);
        assert.deepEqual([...reached(game, routesIn(game))].sort(), ['film', 'out', 's1', 's2']);
    });

    it('are one station on the map, with their stops on it', () => {
        const { stations, tracks } = plan(filmGame(), [{ code: 'x', where: ['s1'] }]);
        const film = stations.find(({ id }) => id === 'film');
        assert.deepEqual(
            stations.map(({ id }) => id),
            ['film', 'out'],
        );
        assert.deepEqual([film.film.map(({ id }) => id), film.found], [['s2', 's1'], 1]);
        assert.deepEqual(
            tracks.map(({ from, to, both }) => [from, to, both]),
            [['film', 'out', true]],
        );
    });

    it('get a stop where they stand', () => {
        const { value } = newStop(filmGame(), 'clip', 5.006);
        assert.deepEqual([value.stop, value.title, value.layout], [{ clip: 'clip', at: 5.01 }, '', 'page']);
    });
});

describe('a wrong answer that leads back', () => {
    it('is known by its shape alone', () => {
        const lock = (otherwise) => ({ id: 'l', otherwise });
        const back = { say: 'a', go: 'm', times: 3, then: 'b' };
        assert.deepEqual(backIn(lock(backTo('l', back))), back);
        for (const other of [[], [{ say: 'a' }], [...backTo('l', back), { say: 'c' }], backTo('k', back)])
            assert.equal(backIn(lock(other)), null);
    });
});

describe('rounds as text', () => {
    const text = [
        'True of light?\nIt goes straight.\nIt goes round.',
        'It is fast.\nIt is slow.\nIt rests.',
        'What bends it?\nglass | water',
    ].join('\n\n');

    it('are read and written the same, and keep their names', () => {
        const rounds = roundsIn(text);
        const again = roundsIn(text.replace('It rests.', 'It sleeps.'), rounds);
        assert.equal(textOf(rounds), text);
        assert.deepEqual(
            rounds.map(({ ask, input }) => [ask, input.type]),
            [
                ['True of light?', 'options'],
                ['', 'options'],
                ['What bends it?', 'text'],
            ],
        );
        assert.deepEqual(rounds[2].match, { equals: ['glass', 'water'] });
        assert.deepEqual(roundsIn('How much?\n3/4')[0].match, { equals: ['3/4'] });
        assert.deepEqual(
            again.map(({ id }) => id),
            rounds.map(({ id }) => id),
        );
        assert.deepEqual(again[0].input, rounds[0].input);
        assert.equal(textOf([{ ...rounds[0], match: { options: ['a', 'b'] } }]), null);
        assert.deepEqual(roundsIn('\n\n \n'), []);
    });
});

describe('captions', () => {
    it('are read from WebVTT with its voices, marks and notes, and written back', async () => {
        const { lines, isReadable } = await readCaptions(
            [
                '\uFEFFWEBVTT',
                'NOTE by hand',
                'first\n00:01.000 --> 00:02.500 align:start\n<v Ida>Light &amp;\nshade</v>',
                '01:00:00.000 --> 01:00:01.000\nLate\n',
            ].join('\n\n'),
        );
        assert.ok(isReadable);
        assert.deepEqual(lines, [
            { at: 1, until: 2.5, text: 'Light & shade' },
            { at: 3600, until: 3601, text: 'Late' },
        ]);
        assert.deepEqual((await readCaptions(writeCaptions(lines))).lines, lines);
    });

    for (const [name, text] of [
        ['no captions', 'Just words.'],
        ['nothing', ''],
        ['a picture', '\u0089PNG\r\n\u001a\n'],
    ])
        it(`say of ${name} that there are none`, async () => {
            const { lines, isReadable } = await readCaptions(text);
            assert.ok(lines.length === 0 || !isReadable);
        });
});
