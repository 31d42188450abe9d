import assert from 'node:assert/strict';
import { test } from 'node:test';
import { KINDS } from '../../resources/js/workshop/scene/lock/kinds.js';
import { moved } from '../../resources/js/workshop/scene/lock/reorder.js';
import { isSame, without, wordsOf } from '../../resources/js/workshop/scene/lock/words.js';

test('the right answer goes over to another kind of lock, and the wrong ones with it', () => {
    const input = KINDS.options.begin(['red'], ['green', 'blue']);
    assert.deepEqual(
        input.options.map(({ md }) => md),
        ['red', 'green', 'blue'],
    );
    const match = KINDS.options.match(['green'], input, 1);
    assert.deepEqual(wordsOf(match, input), ['green']);
});

test('a code of letters becomes keys that spell it', () => {
    const input = KINDS.keys.begin(['LAMP'], []);
    assert.equal(input.length, 4);
    assert.deepEqual(wordsOf(KINDS.keys.match(['LAMP'], input, 0), input), ['LAMP']);
});

test('every kind begins with an input that its first rule is about', () => {
    for (const [type, kind] of Object.entries(KINDS)) {
        const input = kind.begin([], [], { backdrop: { asset: 'sea' } });
        assert.equal(input.type, type);
        assert.ok(kind.matches[0] in kind.match([], input, 0), type);
    }
});

test('a part that is gone is named no longer', () => {
    const gone = new Set(['b']);
    assert.deepEqual(without({ options: ['a', 'b'] }, gone), { options: ['a'] });
    assert.deepEqual(without({ right: { of: { order: ['b', 'a'] }, atLeast: 1 } }, gone), {
        right: { of: { order: ['a'] }, atLeast: 1 },
    });
    assert.deepEqual(without({ pairs: { a: 'b', c: 'd' } }, gone), { pairs: { c: 'd' } });
    assert.deepEqual(without({ equals: ['b'] }, gone), { equals: ['b'] });
});

test('two matches are the same in whatever order their parts are named', () => {
    assert.ok(isSame({ pairs: { a: '1', b: '2' } }, { pairs: { b: '2', a: '1' } }));
    assert.ok(!isSame({ order: ['a', 'b'] }, { order: ['b', 'a'] }));
});

test('a rule is put before, behind and nowhere else', () => {
    assert.deepEqual(moved(['a', 'b', 'c'], 0, 2), ['b', 'c', 'a']);
    assert.deepEqual(moved(['a', 'b', 'c'], 2, 0), ['c', 'a', 'b']);
    assert.deepEqual(moved(['a', 'b', 'c'], 1, 3), ['a', 'b', 'c']);
    assert.deepEqual(moved(['a', 'b', 'c'], 0, -1), ['a', 'b', 'c']);
});
