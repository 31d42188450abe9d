import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
    insert,
    insertFirst,
    lead,
    merge,
    split,
    toChapter,
    toNewChapter,
    waysInto,
} from '../../resources/js/workshop/editor/scenes.js';
import { editorOf, fourScenes } from './support/games.js';
import './support/words.js';

/** The game, its edits and their label after something was done on the map of the four scenes. */
function onMap(act, game = fourScenes()) {
    const { desk, made } = editorOf(game);
    act(desk, game);

    return made;
}

const idsOf = (entries) => entries.map(({ id }) => id);

describe('scenes', () => {
    it('are put into a track, in the same chapter', () => {
        const { game } = onMap((desk) => insert(desk, { from: 'two', to: 'three' }));
        const [made, { rules, otherwise }] = [game.scenes[2], game.scenes[1].things[0]];
        assert.equal(made.chapter, 'c');
        assert.deepEqual(made.next, [{ go: 'three' }]);
        assert.equal(rules[0].go, made.id);
        assert.deepEqual(rules[0].do, [{ give: 'lens' }, { give: 'mark' }]);
        assert.deepEqual(otherwise, [{ go: 'one' }]);
    });

    it('are put before the start', () => {
        const { game } = onMap((desk) => insertFirst(desk));
        assert.equal(game.start, game.scenes[0].id);
        assert.deepEqual(game.scenes[0].next, [{ go: 'one' }]);
        assert.equal(game.scenes.length, 6);
    });

    it('lead to another or to a new one', () => {
        const { game: there } = onMap((desk) => lead(desk, 'three', 'one'));
        const { game: fresh } = onMap((desk) => lead(desk, 'three', null));
        assert.deepEqual(there.scenes[2].things[0].react, [{ go: 'one' }]);
        assert.equal(there.scenes.length, 5);
        assert.equal(fresh.scenes.length, 6);
        assert.equal(fresh.scenes[2].things[0].react[0].go, fresh.scenes[3].id);
    });

    it('get a new choice in a place, where there is a stage', () => {
        const before = fourScenes();
        before.scenes[2].layout = 'stage';
        const { game } = onMap((desk) => lead(desk, 'three', 'one'), before);
        assert.equal(game.scenes[2].things[0].box.length, 4);
    });

    it('are split at a thing, with their way on and their ending', () => {
        const before = fourScenes();
        before.scenes[1].things = ['a', 'b', 'd'].map((id) => ({ id, kind: 'text', md: '' }));
        before.scenes[1].ending = { kind: 'won', md: '' };
        const { game, label } = onMap((desk) => split(desk, before.scenes[1], 'b'), before);
        const [, first, second] = game.scenes;
        assert.deepEqual([idsOf(first.things), idsOf(second.things)], [['a'], ['b', 'd']]);
        assert.deepEqual(first.next, [{ go: second.id }]);
        assert.deepEqual([first.ending ?? null, second.ending.kind], [null, 'won']);
        assert.equal(label, 'split “Two”');
    });

    it('are merged: things, ways and endings come together', () => {
        const { game, edits } = onMap((desk) => merge(desk, ['three', 'four']));
        assert.deepEqual(game.scenes[2].next, []);
        assert.equal(game.scenes[2].ending.kind, 'won');
        assert.deepEqual(edits.at(-1), { deleteScene: 'four', lead: 'three' });
    });

    it('go to a chapter together, old or new, and it is said how many', () => {
        const old = onMap((desk) => toChapter(desk, ['three', 'four'], 'c'));
        const fresh = onMap((desk) => toNewChapter(desk, ['three', 'four']));
        assert.deepEqual(
            old.game.scenes.map(({ chapter }) => chapter ?? null),
            ['c', 'c', 'c', 'c', null],
        );
        assert.equal(old.label, 'moved 2 scenes to Chapter');
        assert.equal(fresh.game.chapters[1].start, 'three');
        assert.equal(fresh.game.scenes[3].chapter, fresh.game.chapters[1].id);
        assert.equal(onMap((desk) => toChapter(desk, ['one'], null)).label, 'moved a scene to no chapter');
    });

    for (const [ids, ways] of [
        [['two'], ['one>two']],
        [['one', 'two'], []],
        [['three', 'four'], ['two>three']],
        [['alone'], []],
    ])
        it(`are asked for only by ways from outside: ${ids.join(' and ')}`, () => {
            const found = waysInto(fourScenes(), ids).map(({ from, to }) => `${from}>${to}`);
            assert.deepEqual(found, ways);
        });

    it('lead on behind what is asked where something is', () => {
        const { game } = onMap((desk) => lead(desk, 'two', 'four'));
        const [made] = game.scenes[1].things.slice(-1);
        const lock = game.scenes[1].things.find(({ kind }) => kind === 'lock').id;
        assert.deepEqual(made.if, { open: lock });
        const free = onMap((desk) => lead(desk, 'one', 'four')).game.scenes[0].things.at(-1);
        assert.equal(free.if, undefined);
    });
});
