import assert from 'node:assert/strict';
import { test } from 'node:test';
import { emptyEntry, erase, judged, press } from '../../resources/js/play/inputs/entry.js';

const pressed = (...keys) => keys.reduce((entry, key) => press(entry, key, 3), emptyEntry());

test('a code is entered place by place, and no further than its places', () => {
    assert.deepEqual(pressed('a', 'b').keys, ['a', 'b']);
    assert.deepEqual(pressed('a', 'b', 'c', 'd').keys, ['a', 'b', 'c']);
});

test('erasing takes the last away, and nothing from nothing', () => {
    assert.deepEqual(erase(pressed('a', 'b')).keys, ['a']);
    assert.deepEqual(erase(emptyEntry()).keys, []);
});

test('after a verdict what was entered stands until the next press, which begins anew', () => {
    const tried = judged(pressed('a', 'b', 'c'));
    assert.deepEqual(tried.keys, ['a', 'b', 'c']);
    assert.deepEqual(press(tried, 'd', 3), { keys: ['d'], isJudged: false });
});

test('after a verdict the last key can still be taken back to go on from there', () => {
    const mended = press(erase(judged(pressed('a', 'b', 'c'))), 'd', 3);
    assert.deepEqual(mended.keys, ['a', 'b', 'd']);
});

test('a verdict on nothing begins nothing', () => {
    assert.equal(judged(emptyEntry()).isJudged, false);
});
