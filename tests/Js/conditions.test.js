import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { readCondition, writeCondition } from '../../resources/js/workshop/scene/condition-kinds.js';
import { made, readEffect, writeEffect } from '../../resources/js/workshop/scene/effect-kinds.js';
import { namedParts, plain } from './support/games.js';
import './support/words.js';

const game = namedParts();

describe('a condition', () => {
    for (const [kind, condition] of [
        ['hold', { has: 'lens' }],
        ['hold', { hasOf: ['lens', 'wick'], atLeast: 1 }],
        ['hold', { hasOf: ['lens', 'wick'], atLeast: 2 }],
        ['lack', { not: { has: 'lens' } }],
        ['open', { open: 'door' }],
        ['open', { openOf: ['door', 'chest'], atLeast: 1 }],
        ['shut', { not: { open: 'door' } }],
        ['first', { firstTry: ['door', 'chest'], atLeast: 2 }],
        ['first', { firstTry: ['door'], atLeast: 1 }],
        ['visited', { visited: 'quay' }],
        ['unseen', { not: { visited: 'quay' } }],
        ['points', { tally: 'bold', is: '>=', value: 3 }],
        ['points', { tally: 'bold', is: '<', value: 3 }],
        ['points', { tally: 'bold', is: '!=', value: 3 }],
        ['leads', { leads: 'bold', among: ['bold', 'calm'] }],
        ['minutes', { minutes: 10, is: '>=' }],
        ['tries', { tries: 'door', is: '<=', value: 2 }],
        ['lifted', { lifted: 'flag' }],
        ['covered', { not: { lifted: 'flag' } }],
    ])
        it(`is read into its parts and written back: ${JSON.stringify(condition)}`, () => {
            const said = readCondition(condition);
            assert.equal(said.kind, kind);
            assert.deepEqual(plain(writeCondition(said, game)), condition);
        });

    it('of its own is left as it is', () => {
        assert.equal(readCondition({ not: { tally: 'bold', is: '=', value: 3 } }).kind, 'other');
    });

    it('is nothing when no part is left, and one part when one is', () => {
        const write = (said) => writeCondition(said, game) ?? null;
        assert.equal(write({ kind: 'hold', ids: [], atLeast: 0 }), null);
        assert.deepEqual(write({ kind: 'hold', ids: ['wick'], atLeast: 1 }), { has: 'wick' });
        const leads = { leads: 'calm', among: ['bold', 'calm'] };
        assert.deepEqual(write({ kind: 'leads', ids: ['calm'], atLeast: 1 }), leads);
    });
});

describe('an effect', () => {
    for (const [effect, said] of [
        [{ give: 'lens' }, { kind: 'give', id: 'lens' }],
        [
            { add: 'bold', by: 2 },
            { kind: 'add', id: 'bold', number: 2 },
        ],
        [
            { set: 'bold', to: 0 },
            { kind: 'set', id: 'bold', number: 0 },
        ],
        [{ must: 'bold' }, { kind: 'must', id: 'bold' }],
        [{ never: 'bold' }, { kind: 'never', id: 'bold' }],
        [{ forget: 'kitchen' }, { kind: 'forget', id: 'kitchen' }],
    ])
        it(`is read into a sentence and written back: ${said.kind}`, () => {
            assert.deepEqual(plain(readEffect(effect)), said);
            assert.deepEqual(plain(writeEffect(readEffect(effect))), effect);
        });

    it('makes what it needs where there is none, and says where it can’t', () => {
        const needed = (kind) => made(kind, game, { token: 'T', tally: 'N' })?.command ?? null;
        const { id, ...token } = needed('give').value;
        assert.match(id, /^[a-z]/);
        assert.deepEqual(token, { name: 'T', kind: 'item' });
        assert.deepEqual([needed('must').insert, needed('must').after, needed('open')], ['tallies', 'calm', null]);
    });
});
