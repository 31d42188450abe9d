import assert from 'node:assert/strict';
import { test } from 'node:test';
import { knownAfter } from '../../resources/js/play/seq.js';

test('a device knows its own event, and none that another device made before it', () => {
    assert.equal(knownAfter(4, 5), 5);
    assert.equal(knownAfter(4, 6), 4);
    assert.equal(knownAfter(4, null), 4);
    assert.equal(knownAfter(4, undefined), 4);
});
