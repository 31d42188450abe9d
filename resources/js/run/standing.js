import { pause } from '../lib/http.js';
import { pulseOf } from '../lib/pulse.js';

/** However lively a class is, what is shown is asked for this much apart, in milliseconds. */
const CALM = 1200;

/** Who is where in a run: on the map, and in a list by need of help. */
async function begin() {
    const standing = document.getElementById('standing');
    const map = document.getElementById('run-map');
    const show = map ? await import('./map.js').then(({ openRunMap }) => openRunMap(map)).catch(() => null) : null;
    const tell = () => show?.(JSON.parse(standing.querySelector('[data-plays]')?.dataset.plays ?? '[]'));
    tell();
    refreshed(standing, tell);
}

/** Refreshes a part of the page; it goes on while the run is open and the page is looked at. */
async function refreshed(holder, tell = () => {}) {
    const seconds = Number(holder.dataset.refresh);
    const changed = pulseOf(holder.dataset.pulse, seconds * 1000);
    while (seconds > 0) {
        await changed();
        if (holder.dataset.pulse) await pause(CALM);
        if (!document.hidden) await refresh(holder);
        tell();
    }
}

async function refresh(holder) {
    // Somebody is about to do something there.
    const at = /** @type {HTMLElement} */ (document.activeElement);
    const isWritten = [...holder.querySelectorAll('input[name=words]')].some((field) => field.value !== '');
    if (holder.querySelector('details[open]') || isWritten || (holder.contains(at) && at.matches('select'))) return;
    try {
        const response = await fetch(holder.dataset.address, { credentials: 'same-origin', redirect: 'error' });
        if (!response.ok) return;
        const markup = await response.text();
        if (markup !== holder.innerHTML) holder.innerHTML = markup;
    } catch {
        // No connection just now: the next round asks again.
    }
}

export { begin, refreshed };
