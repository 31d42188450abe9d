import { targetOf } from '../lib/dom.js';

/** The emblem is drawn anew with each part that is picked; what is written beside it stays. */
function begin() {
    const parts = /** @type {any} */ (document.getElementById('emblem-parts'));
    parts?.addEventListener('change', async () => {
        const query = new URLSearchParams(/** @type {any} */ (new FormData(parts)));
        const reply = await fetch(`${parts.action}?${query}`, { credentials: 'same-origin' }).catch(() => null);
        if (!reply?.ok) return;
        const page = new DOMParser().parseFromString(await reply.text(), 'text/html');
        const drawn = page.querySelector('svg.emblem');
        if (drawn) parts.querySelector('svg.emblem').replaceWith(drawn);
    });
    // What is picked goes along with the line.
    document.getElementById('emblem-put')?.addEventListener('submit', (event) => {
        for (const [name, value] of new FormData(parts)) {
            const field = targetOf(event).querySelector(`input[type=hidden][name="${name}"]`);
            if (field) field.value = String(value);
        }
    });
}

export { begin };
