import assert from 'node:assert/strict';
import { describe, it, mock } from 'node:test';

const answers = [];
globalThis.document = /** @type {any} */ ({ hidden: false });
globalThis.fetch = /** @type {any} */ (
    mock.fn(async () => {
        const next = answers.shift();
        if (next === 'away') throw new TypeError('no network');

        return next === 'gone' ? { ok: false } : { ok: true, text: async () => next };
    })
);
const { pulseOf } = await import('../../resources/js/lib/pulse.js');

/** Runs what waits, until it is done or so much time has gone by. */
async function within(waiting, milliseconds) {
    let isDone = false;
    waiting.then(() => (isDone = true));
    for (let gone = 0; gone < milliseconds && !isDone; gone += 100) {
        mock.timers.tick(100);
        for (let turn = 0; turn < 12; turn++) await Promise.resolve();
    }

    return isDone;
}

describe('a pulse', () => {
    it('says so when its file is another one, and at first', async () => {
        mock.timers.enable({ apis: ['setTimeout', 'Date'] });
        const changed = pulseOf('/pulse/x', 3000);
        answers.push('a');
        assert.equal(await within(changed(), 600), true);
        answers.push('a', 'a', 'away', 'a', 'b');
        const next = changed();
        assert.equal(await within(next, 2000), false);
        assert.equal(await within(next, 700), true);
        mock.timers.reset();
    });

    it('waits for the period where there is no file, and looks for none again', async () => {
        mock.timers.enable({ apis: ['setTimeout', 'Date'] });
        const changed = pulseOf('/pulse/x', 3000);
        answers.push('gone');
        const first = changed();
        assert.equal(await within(first, 3000), false);
        assert.equal(await within(first, 700), true);
        const looked = /** @type {any} */ (globalThis.fetch).mock.callCount();
        assert.equal(await within(changed(), 3100), true);
        assert.equal(/** @type {any} */ (globalThis.fetch).mock.callCount(), looked);
        mock.timers.reset();
    });

    it('asks in the end however quiet it is', async () => {
        mock.timers.enable({ apis: ['setTimeout', 'Date'] });
        const changed = pulseOf('/pulse/x', 3000);
        answers.push('a');
        await within(changed(), 600);
        answers.push(...Array(100).fill('a'));
        assert.equal(await within(changed(), 31000), true);
        answers.length = 0;
        mock.timers.reset();
    });
});
