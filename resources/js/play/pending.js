import { newKey, submit } from '../lib/http.js';
import { isSilent, patiently } from '../lib/patience.js';

const LONGEST_WAIT = 16_000;

const nameOf = (address) => `fravel.pending.${address}`;

/** What waits to be sent from an address, in its order: lists of `[name, value]`. */
function waiting(address) {
    const kept = JSON.parse(sessionStorage.getItem(nameOf(address)) ?? '[]');

    // One action alone was kept by itself before.
    return kept.length > 0 && typeof kept[0][0] === 'string' ? [kept] : kept;
}

function write(address, list) {
    try {
        if (list.length === 0) sessionStorage.removeItem(nameOf(address));
        else sessionStorage.setItem(nameOf(address), JSON.stringify(list));
    } catch {
        // A browser without room keeps it as long as the page lives, and no longer.
    }
}

const valueIn = (kept, wanted) => kept.find(([name]) => name === wanted)?.[1];

/** What a form sends, with a key by which it counts once; kept until it has arrived, over reloads too. */
function keep(address, fields) {
    fields.set('key', newKey());
    const texts = [...fields].filter(([, value]) => typeof value === 'string');
    write(address, [...waiting(address), texts]);

    return fields;
}

const playOf = (ticket) => String(ticket).split('.')[0];

/** What was on its way when the page was left, in its order, with the ticket of this page. */
function left(address) {
    const ticket = document.querySelector('input[name=ticket]')?.value;
    // Somebody else goes on here: what another typed is not theirs to send.
    const own = waiting(address).filter((kept) => !ticket || playOf(ticket) === playOf(valueIn(kept, 'ticket')));
    write(address, own);

    return own.map((kept) => {
        const fields = new FormData();
        for (const [name, value] of kept) fields.append(name, value);
        if (ticket) fields.set('ticket', ticket);

        return fields;
    });
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
    write(
        address,
        waiting(address).filter((kept) => valueIn(kept, 'key') !== fields.get('key')),
    );

    return reply;
}

export { deliver, keep, left };
