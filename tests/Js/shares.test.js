import assert from 'node:assert/strict';
import { test } from 'node:test';
import { weighed } from '../../resources/js/workshop/scene/shares.js';

test('a lock weighs what is written, gives none at 0, and keeps its weight where no number is written', () => {
    const by = [{ lock: 'door' }, { lock: 'gate', share: 3 }];
    const cases = [
        ['2', [{ lock: 'door', share: 2 }, by[1]]],
        ['5000', [{ lock: 'door', share: 1000 }, by[1]]],
        ['0', [by[1]]],
        [' ', [by[1]]],
        ['two', by],
        ['-1', by],
        ['1.5', by],
    ];
    for (const [written, shares] of cases) assert.deepEqual(weighed({ by }, 'door', written), shares, written);
});
