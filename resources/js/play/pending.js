import { newKey, pause, submit } from '../lib/http.js';

const LONGEST_WAIT = 16_000;

const nameOf = (address) => `fravel.pending.${address}`;

/** What a form sends, with a key by which it counts once; kept until it has arrived, over reloads too. */
function keep(address, fields) {
    fields.set('key', newKey());
    try {
        sessionStorage.setItem(nameOf(address), JSON.stringify([...fields].filter(([, value]) => typeof value === 'string')));
    } catch {
        // A browser without room keeps it as long as the page lives, and no longer.
    }

    return fields;
}

const playOf = (ticket) => String(ticket).split('.')[0];

/** What was on its way when the page was left, with the ticket of this page; null when nothing was. */
function left(address) {
    const kept = sessionStorage.getItem(nameOf(address));
    if (!kept) return null;
    const fields = new FormData();
    for (const [name, value] of JSON.parse(kept)) fields.append(name, value);
    const ticket = document.querySelector('input[name=ticket]')?.value;
    // Somebody else goes on here: what another typed is not theirs to send.
    if (ticket && playOf(ticket) !== playOf(fields.get('ticket'))) {
        sessionStorage.removeItem(nameOf(address));

        return null;
    }
    if (ticket) fields.set('ticket', ticket);

    return fields;
}

/**
 * Sends until there is an answer, however long that takes, with growing waits. Before each wait `tell` is given why
 * (`offline` or `failing`) and for how many seconds.
 */
async function deliver(address, fields, tell) {
    for (let wait = 500; ; wait = Math.min(wait * 2, LONGEST_WAIT)) {
        const reply = await submit(address, fields);
        if (reply.status !== 0 && reply.status !== 429 && reply.status < 500) {
            sessionStorage.removeItem(nameOf(address));

            return reply;
        }
        tell(reply.status === 0 ? 'offline' : 'failing', Math.ceil(wait / 1000));
        await online(wait);
    }
}

/** Ends early when the connection comes back. */
async function online(wait) {
    const back = new Promise((done) => window.addEventListener('online', done, { once: true }));
    await Promise.race([pause(wait), back]);
}

export { deliver, keep, left };
