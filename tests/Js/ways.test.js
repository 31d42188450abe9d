import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { freshId } from '../../resources/js/workshop/editor/document.js';
import { apply } from '../../resources/js/workshop/editor/document.js';
import { gone, renamed } from '../../resources/js/workshop/editor/chapters.js';
import { reached, routesIn, shortAnswer, tokensOf } from '../../resources/js/workshop/editor/ways.js';
import { reroute } from '../../resources/js/workshop/editor/reroute.js';
import { choice, fourScenes, gameOf, lock, namedParts } from './support/games.js';
import './support/words.js';

const roomWith = (things, more = {}) => gameOf([{ id: 'a', things, ...more }, { id: 'b' }]);

describe('ways', () => {
    for (const [name, game, ways] of [
        ['a choice', roomWith([choice('go', [{ go: 'b' }])]), [['b', 'choice', 'tap “Go”']]],
        ['a single reaction for a list', roomWith([choice('go', { go: 'b' })]), [['b', 'choice', 'tap “Go”']]],
        ['a lock by its answer', roomWith([lock('l', 'gannet', { go: 'b' })]), [['b', 'lock', '“gannet”']]],
        [
            'a wrong answer',
            roomWith([{ ...lock('l', 'x'), otherwise: [{ go: 'b' }] }]),
            [['b', 'wrong', 'any other answer']],
        ],
        [
            'going on and arriving',
            roomWith([], { next: [{ go: 'b' }], arrive: { go: 'b' } }),
            [
                ['b', 'arrive', 'on arriving'],
                ['b', 'next', 'going on'],
            ],
        ],
        [
            'no open end, and no staying',
            roomWith([choice('go', [{ go: '' }]), choice('stay', [{ go: '@stay' }]), choice('none', [])]),
            [],
        ],
    ])
        it(`are found with their reason: ${name}`, () => {
            const found = routesIn(game).map(({ to, why, kind }) => [to, kind, why]);
            assert.deepEqual(found, ways);
        });

    it('give a condition among their reasons', () => {
        const game = namedParts();
        game.scenes[0].arrive = [{ if: { has: 'lens' }, go: 'end' }, { go: 'other' }];
        const why = routesIn(game).map((way) => [way.to, way.why]);
        assert.deepEqual(why, [
            ['end', 'on arriving, if: the student holds Lens'],
            ['other', 'on arriving'],
        ]);
    });

    for (const [match, words] of [
        [{ equals: 'one' }, '“one”'],
        [{ equals: ['one', 'two'] }, '“one” …'],
        [{ equals: [] }, 'no answer yet'],
        [{ number: 2, unit: 'km' }, '2 km'],
        [{ number: 0 }, '0'],
        [{ has: ['tide'] }, 'says “tide”'],
        [{ length: { min: 3 } }, 'a full sentence'],
        [{ anything: true }, 'any answer'],
        [{ options: ['a'] }, 'the right options'],
        [{ inside: [] }, 'a right answer'],
    ])
        it(`say a right answer in a few words: ${words}`, () => assert.equal(shortAnswer(match), words));

    it('tell which scenes some chain of them leads to', () => {
        const game = gameOf([
            { id: 'a', next: { go: 'b' } },
            { id: 'b', things: [choice('again', { go: '@start' })] },
            { id: 'lost', next: { go: 'a' } },
        ]);
        assert.deepEqual([...reached(game, routesIn(game))].sort(), ['a', 'b']);
    });

    it('tell the tokens that a scene gives and wants', () => {
        const scene = {
            id: 'a',
            needs: { all: [{ has: 'key' }, { has: 'map' }] },
            things: [choice('take', { do: [{ give: 'lamp' }, { give: 'lamp' }] })],
        };
        assert.deepEqual(tokensOf(scene), { gives: ['lamp'], wants: ['key', 'map'] });
    });
});

describe('leading elsewhere', () => {
    for (const [name, from, to, sets] of [
        ['a single reaction', 'one', 'two', [['go', 'react', ['else']]]],
        ['a rule', 'two', 'three', [['q', 'rules', ['else']]]],
        ['what is said otherwise', 'two', 'one', [['q', 'otherwise', ['else']]]],
        ['going on', 'three', 'four', [['three', 'next', ['else']]]],
        ['no way', 'one', 'four', []],
    ])
        it(`takes every way from one scene to another, and no other: ${name}`, () => {
            const edits = reroute(fourScenes(), from, to, 'else');
            const written = edits.map((edit) => [edit.set, edit.field, edit.to.map(({ go }) => go)]);
            assert.deepEqual(written, sets);
        });

    it('takes the start of the game for the scene it is', () => {
        const game = fourScenes();
        game.scenes[2].next = [{ go: '@start' }, { go: 'four' }];
        const [edit] = reroute(game, 'three', 'one', 'two');
        assert.deepEqual(
            edit.to.map(({ go }) => go),
            ['two', 'four'],
        );
    });
});

describe('chapters', () => {
    const forget = { do: [{ forget: 'sea' }] };
    const game = gameOf(
        [
            {
                id: 'a',
                chapter: 'sea',
                things: [choice('on', [{ go: 'b', do: [{ forget: 'sea' }, { give: 'key' }] }])],
            },
            { id: 'b', chapter: 'sea', arrive: [forget] },
            { id: 'c', chapter: 'land' },
        ],
        {
            chapters: [
                { id: 'sea', title: 'Sea', start: 'a' },
                { id: 'land', title: 'Land', start: 'c' },
            ],
        },
    );
    const after = (edits) => edits.reduce(apply, game);
    const chaptersIn = ({ scenes }) => scenes.map(({ chapter }) => chapter ?? null);

    it('are called otherwise with all their scenes', () => {
        const made = after(renamed(game, 'sea', 'Ocean'));
        assert.deepEqual(
            made.chapters.map(({ title }) => title),
            ['Ocean', 'Land'],
        );
        assert.deepEqual(chaptersIn(made), ['sea', 'sea', 'land']);
    });

    it('become one when two come to be called the same', () => {
        const made = after(renamed(game, 'sea', 'land'));
        assert.deepEqual(
            made.chapters.map(({ id }) => id),
            ['land'],
        );
        assert.deepEqual(chaptersIn(made), ['land', 'land', 'land']);
        assert.match(JSON.stringify(made), /"forget":"land"/);
        assert.doesNotMatch(JSON.stringify(made), /"sea"/);
    });

    it('go and leave their scenes, with nothing that names them', () => {
        const made = after(gone(game, 'sea'));
        assert.deepEqual(chaptersIn(made), [null, null, 'land']);
        assert.deepEqual(made.scenes[0].things[0].react[0].do, [{ give: 'key' }]);
        assert.doesNotMatch(JSON.stringify(made), /"sea"/);
    });
});

describe('ids', () => {
    it('are such as the format takes, and never the same', () => {
        const ids = Array.from({ length: 200 }, () => freshId('scene'));
        assert.equal(new Set(ids).size, 200);
        ids.forEach((id) => assert.match(id, /^[a-z][a-z0-9_-]{0,39}$/));
    });
});
