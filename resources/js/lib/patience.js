import { pause } from './http.js';

const FIRST_WAIT = 500;

const NO_CONNECTION = { status: 0, body: null };

/** Whether the other side is away or overburdened, and the same question may be answered later. */
const isSilent = ({ status }) => status === 0 || status === 429 || status >= 500;

/**
 * Asks until there is an answer, however long that takes, with growing waits that end early when the connection comes
 * back.
 *
 * @param {() => Promise<{status: number, body: any}>} ask
 * @param {(reply: {status: number, body: any}) => boolean} isAnswer
 * @param {(reply: {status: number, body: any}, milliseconds: number) => void} beforeWait
 * @param {number} longest milliseconds that a wait takes at most
 */
async function patiently(ask, isAnswer, beforeWait, longest = 8000) {
    for (let wait = FIRST_WAIT; ; wait = Math.min(wait * 2, longest)) {
        const reply = await ask().catch(() => NO_CONNECTION);
        if (isAnswer(reply)) return reply;
        beforeWait(reply, wait);
        await online(wait);
    }
}

async function online(wait) {
    const leave = new AbortController();
    const back = new Promise((done) => globalThis.addEventListener?.('online', done, { signal: leave.signal }));
    await Promise.race([pause(wait), back]);
    leave.abort();
}

export { isSilent, patiently };
