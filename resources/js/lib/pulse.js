import { pause } from './http.js';

/** Between two looks at a pulse, and after so many looks one asks however quiet it is, in milliseconds. */
const LOOK = 500;
const QUIET = 30000;

/**
 * Waits until something is likely to have changed: a file that the web server has is another one. It costs the
 * application nothing. Where there is no such file, it waits for the period.
 *
 * @param {string | undefined} address of the file
 * @param {number} period in milliseconds, where there is no file
 * @param {() => string | undefined} own what the file holds after a change of this page's own
 * @returns {() => Promise<void>}
 */
function pulseOf(address, period, own = () => undefined) {
    let [isThere, known] = [Boolean(address), null];

    return async () => {
        const until = Date.now() + QUIET;
        while (isThere && Date.now() < until) {
            await pause(LOOK);
            if (document.hidden) continue;
            const reply = await fetch(address, { credentials: 'omit', cache: 'no-store' }).catch(() => null);
            // Nothing is changed by a network that is away, and nothing can be asked then.
            if (!reply) continue;
            isThere = reply.ok;
            const beat = reply.ok ? await reply.text().catch(() => known) : known;
            const isNew = beat !== known && beat !== own();
            known = beat;
            // The first one too: something may have changed since the page was made.
            if (isNew) return;
        }
        if (!isThere) await pause(period);
    };
}

export { pulseOf };
