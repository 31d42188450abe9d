import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { apply } from '../../resources/js/workshop/editor/document.js';
import { parted } from '../../resources/js/workshop/editor/twins.js';
import { gameOf, lock } from './support/games.js';

const asking = (id, answer, more = {}) => ({
    ...lock(id, answer, { go: id === 'q' ? 'b' : 'c' }),
    ask: 'Who?',
    ...more,
});

const BLANK = { rules: [{ match: { equals: [] }, verdict: 'open' }] };

const withTwo = (one, other) => gameOf([{ id: 'a', things: [one] }, { id: 'b', things: [other] }, { id: 'c' }]);

const changed = (game, field, to) => parted(game, apply(game, { set: 'q', field, to }));

describe('twins', () => {
    const game = withTwo(asking('q', 'gull'), asking('again', 'gull', { otherwise: [{ say: 'Not here.' }] }));

    it('are told when one of them is asked or answered otherwise', () => {
        assert.deepEqual(changed(game, 'ask', 'Which?'), [{ id: 'q', twins: ['again'] }]);
        assert.deepEqual(changed(game, 'rules', asking('q', 'tern').rules), [{ id: 'q', twins: ['again'] }]);
    });

    it('are the same though their options have other ids', () => {
        const options = (...ids) => ({
            input: { type: 'options', options: ids.map((id) => ({ id, md: 'Words' })) },
            rules: [{ match: { options: [ids[0]] }, verdict: 'open' }],
        });
        const pair = withTwo(asking('q', '', options('k', 'l')), asking('again', '', options('m', 'n')));
        assert.deepEqual(changed(pair, 'ask', 'Which?'), [{ id: 'q', twins: ['again'] }]);
        const other = withTwo(
            asking('q', '', options('k', 'l')),
            asking('again', '', { ...options('m', 'n'), rules: [] }),
        );
        assert.deepEqual(changed(other, 'ask', 'Which?'), []);
    });

    for (const [name, before, field, to] of [
        ['another answer', withTwo(asking('q', 'gull'), asking('again', 'tern')), 'ask', 'Which?'],
        ['only a way that changed', game, 'rules', [{ ...game.scenes[0].things[0].rules[0], go: 'c' }]],
        [
            'new locks that open on nothing yet',
            withTwo(asking('q', '', BLANK), asking('again', '', BLANK)),
            'ask',
            'Which?',
        ],
    ])
        it(`are none: ${name}`, () => assert.deepEqual(changed(before, field, to), []));
});
