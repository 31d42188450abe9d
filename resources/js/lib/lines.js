import { pause } from './http.js';

/** Between two looks, and after so many looks one asks for all however quiet it is, in milliseconds. */
const LOOK = 500;
const QUIET = 60000;

/**
 * Waits until something was added to a file of lines that the web server has (app/Storage/Lines).
 *
 * @param {string | undefined} address of the file
 * @param {number} begin bytes of it that are known, one at least
 * @param {number} period in milliseconds, where there is no file
 * @returns {() => Promise<any[] | null>} what the lines say, the oldest first; null where all is to be asked for
 */
function linesOf(address, begin, period) {
    let [isThere, at] = [Boolean(address), begin];

    async function added() {
        // From the last byte that is known, so that there is always one: nothing is no error then.
        const headers = { Range: `bytes=${at - 1}-` };
        const reply = await fetch(address, { headers, credentials: 'omit', cache: 'no-store' }).catch(() => null);
        // Nothing is changed by a network that is away.
        if (!reply) return '';
        isThere = reply.ok;
        const text = reply.ok ? await reply.text().catch(() => '') : '';
        const fresh = reply.status === 206 ? text.slice(1) : text.slice(at);
        const whole = fresh.slice(0, fresh.lastIndexOf('\n') + 1);
        at += whole.length;

        return whole;
    }

    return async () => {
        const until = Date.now() + QUIET;
        while (isThere && Date.now() < until) {
            await pause(LOOK);
            if (document.hidden) continue;
            const lines = (await added()).split('\n').filter((line) => line !== '');
            if (lines.length > 0) return lines.includes('*') ? null : lines.map((line) => JSON.parse(line));
        }
        if (!isThere) await pause(period);

        return null;
    };
}

export { linesOf };
