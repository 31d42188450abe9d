import { el } from '../lib/dom.js';
import { t } from '../lib/catalogue.js';
import { clock } from '../lib/time.js';

/** From here on the clock is marked, in seconds. */
const SOON = 120;

/** When the time is up by this device's own clock; and whether it rests. */
let [until, isResting] = [null, false];

/** The time that is left, seen all the while. The server keeps the time; this only tells it. */
function startClock() {
    const holder = document.getElementById('clock');
    if (!holder) return;
    until = Date.now() + Number(holder.dataset.left) * 1000;
    setInterval(() => isResting || tell(holder), 500);
}

/** What the server says of it: time was added, or all rest. */
function setClock({ left, paused }) {
    isResting = paused;
    if (left !== null && until !== null && !paused) until = Date.now() + left * 1000;
}

/** Whether it is said on the page that the time is up. */
const isOver = () => document.querySelector('.time-up') !== null;

function tell(holder) {
    const left = Math.max(0, Math.round((until - Date.now()) / 1000));
    holder.querySelector('time').textContent = clock(left);
    holder.classList.toggle('is-soon', left <= SOON);
    if (left === 0 && !isOver())
        document
            .getElementById('nudges')
            .prepend(el('p', { class: 'nudge nudge-pause time-up' }, t('play.nudge.over')));
    if (left > 0) document.querySelector('.time-up')?.remove();
}

export { isOver, setClock, startClock };
