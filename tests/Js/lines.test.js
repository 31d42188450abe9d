import assert from 'node:assert/strict';
import { describe, it, mock } from 'node:test';

let [file, knowsParts] = ['\n', true];
const asked = [];
globalThis.document = /** @type {any} */ ({ hidden: false });
globalThis.fetch = /** @type {any} */ (
    async (_address, { headers }) => {
        asked.push(headers.Range);
        if (file === 'away') throw new TypeError('no network');
        const from = Number(headers.Range.match(/\d+/)[0]);

        return file === 'gone'
            ? { ok: false, status: 404 }
            : { ok: true, status: knowsParts ? 206 : 200, text: async () => (knowsParts ? file.slice(from) : file) };
    }
);
const { linesOf } = await import('../../resources/js/lib/lines.js');

/** What it says within so many milliseconds; `waits` when it says nothing. */
async function said(waiting, milliseconds) {
    let result = 'waits';
    waiting.then((lines) => (result = lines));
    for (let gone = 0; gone < milliseconds && result === 'waits'; gone += 100) {
        mock.timers.tick(100);
        for (let turn = 0; turn < 12; turn++) await Promise.resolve();
    }

    return result;
}

describe('lines', () => {
    for (const parts of [true, false]) {
        it(`are read on from where they were, whole ones only (${parts ? 'in parts' : 'whole files'})`, async () => {
            mock.timers.enable({ apis: ['setTimeout', 'Date'] });
            [file, knowsParts] = ['\n{"old":1}\n', parts];
            const next = linesOf('/pulse/x', file.length, 4000);
            const first = next();
            assert.equal(await said(first, 1500), 'waits');
            file += '{"new":1}\n{"new":2}\n{"ha';
            assert.deepEqual(await said(first, 700), [{ new: 1 }, { new: 2 }]);
            const second = next();
            assert.equal(await said(second, 1500), 'waits');
            file += 'lf":3}\n';
            assert.deepEqual(await said(second, 700), [{ half: 3 }]);
            mock.timers.reset();
        });
    }

    it('ask for all where a line says so, a minute was quiet, or there is no file', async () => {
        mock.timers.enable({ apis: ['setTimeout', 'Date'] });
        [file, knowsParts] = ['\n', true];
        const next = linesOf('/pulse/x', 1, 4000);
        file += '{"one":1}\n*\n';
        assert.equal(await said(next(), 700), null);
        assert.equal(await said(next(), 59000), 'waits');
        assert.equal(await said(next(), 61000), null);
        file = 'away';
        assert.equal(await said(next(), 3000), 'waits');
        file = 'gone';
        assert.equal(await said(next(), 5000), null);
        const looked = asked.length;
        assert.equal(await said(next(), 3000), 'waits');
        assert.equal(asked.length, looked);
        mock.timers.reset();
    });
});
