import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { renamings } from '../../resources/js/workshop/editor/naming.js';
import { gameOf, lock } from './support/games.js';

const game = {
    ...gameOf([
        { id: 'hall', title: 'Hall', things: [{ ...lock('door', 'x'), label: 'The door: Hall' }] },
        { id: 'next', title: 'Hall 2', things: [] },
        { id: 'town', title: 'Town Hall', things: [] },
    ]),
    chapters: [{ id: 'chapter', title: 'Hall' }],
    tokens: [
        { id: 'clue', name: 'Clue 1, Hall: {=code:Hall:2}' },
        { id: 'horn', name: 'Hall horn' },
    ],
};

const renamed = (to, part = game.scenes[0], field = 'title') =>
    Object.fromEntries(renamings(game, part, field, to).map((edit) => [edit.set, edit.to]));

describe('calling a part otherwise', () => {
    it('calls along what was named after it, and nothing that only has the word in it', () => {
        assert.deepEqual(renamed('Store'), {
            hall: 'Store',
            clue: 'Clue 1, Store: {=code:Hall:2}',
            chapter: 'Store',
            door: 'The door: Store',
            next: 'Store 2',
        });
    });

    it('leaves all others alone where the name is new, or none', () => {
        assert.deepEqual(renamed('Hall'), { hall: 'Hall' });
        assert.deepEqual(renamed(''), { hall: '' });
        assert.deepEqual(renamed('Attic', { id: 'x', title: '' }), { x: 'Attic' });
        assert.deepEqual(renamed('Gate', { id: 'x', label: 'A (b) $& c' }, 'label'), { x: 'Gate' });
    });

    it('takes a name as it is written', () => {
        assert.equal(renamed('$& $1')['next'], '$& $1 2');
    });
});
