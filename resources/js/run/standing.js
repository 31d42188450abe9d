import { pause } from '../lib/http.js';
import { linesOf } from '../lib/lines.js';
import { pulseOf } from '../lib/pulse.js';
import { setRow, tick } from './rows.js';

/** However lively a class is, what is shown is asked for this much apart, in milliseconds. */
const CALM = 1200;

/** Who is where in a run: on the map, and in a list by need of help. */
async function begin() {
    const standing = document.getElementById('standing');
    const map = document.getElementById('run-map');
    const show = map ? await import('./map.js').then(({ openRunMap }) => openRunMap(map)).catch(() => null) : null;
    const tell = () => show?.(JSON.parse(standing.querySelector('[data-plays]')?.dataset.plays ?? '[]'));
    tell();
    if (standing.dataset.lines) follow(standing, tell);
    else refreshed(standing, tell);
}

/**
 * Sets the rows of a run right from the lines that say what was done, and asks for all only where a line can't say it.
 *
 * @param {HTMLElement} standing
 * @param {() => void} tell draws the map anew
 */
async function follow(standing, tell) {
    const seconds = Number(standing.dataset.refresh);
    const next = linesOf(standing.dataset.lines, Number(standing.dataset.at), seconds * 1000);
    let [asked, isDue] = [Date.now(), false];
    setInterval(() => tick(standing, asked), 1000);
    setInterval(async () => {
        // Where somebody writes just now, it stays due.
        if (!isDue || document.hidden || isBusy(standing)) return;
        isDue = false;
        await refresh(standing);
        asked = Date.now();
        tell();
    }, CALM);
    while (seconds > 0) {
        const lines = await next();
        const means = lines?.map((line) => setRow(standing, line)) ?? ['whole'];
        isDue ||= means.includes('whole');
        tell();
        const stuck = (lines ?? []).filter((_line, at) => means[at] === 'stuck').map(({ play }) => play);
        if (!isDue) for (const play of new Set(stuck)) await renew(standing, play);
    }
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

/** Of somebody who is stuck still, what the panel says of it. */
async function renew(standing, play) {
    const place = standing.querySelector(`[data-need="${CSS.escape(play)}"]`);
    if (!place || isBusy(place) || place.contains(document.activeElement)) return;
    const reply = await fetch(place.dataset.address, { credentials: 'same-origin', redirect: 'error' }).catch(
        () => null,
    );
    if (reply?.status === 200 && place.isConnected) place.outerHTML = await reply.text();
}

/** Whether somebody is about to do something there. */
function isBusy(holder) {
    const at = /** @type {HTMLElement} */ (document.activeElement);
    const isWritten = [...holder.querySelectorAll('input[name=words]')].some((field) => field.value !== '');

    return holder.querySelector('details[open]') !== null || isWritten || (holder.contains(at) && at.matches('select'));
}

async function refresh(holder) {
    if (isBusy(holder)) return;
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
