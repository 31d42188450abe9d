import { newKey, submit } from '../lib/http.js';
import { isSilent, patiently } from '../lib/patience.js';

const LONGEST_WAIT = 16_000;

const nameOf = (address) => `fravel.pending.${address}`;

/** What a form sends, with a key by which it counts once; kept until it has arrived, over reloads too. */
function keep(address, fields) {
    fields.set('key', newKey());
    try {
        sessionStorage.setItem(
            nameOf(address),
            JSON.stringify([...fields].filter(([, value]) => typeof value === 'string')),
        );
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
 * Sends until there is an answer. Before each wait `tell` is given why (`offline` or `failing`) and for how many
 * seconds.
 */
async function deliver(address, fields, tell) {
    const reply = await patiently(
        () => submit(address, fields),
        (answer) => !isSilent(answer),
        ({ status }, wait) => tell(status === 0 ? 'offline' : 'failing', Math.ceil(wait / 1000)),
        LONGEST_WAIT,
    );
    sessionStorage.removeItem(nameOf(address));

    return reply;
}

export { deliver, keep, left };
