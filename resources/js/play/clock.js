import { el } from '../lib/dom.js';
import { t } from '../lib/catalogue.js';

/** From here on the clock is marked, in seconds. */
const SOON = 120;

/** When the time is up by this device's own clock; and whether it rests. */
let [until, isResting] = [null, false];

/** The time that is left, seen all the while. The server keeps the time; this only tells it. */
function startClock() {
    const clock = document.getElementById('clock');
    if (!clock) return;
    until = Date.now() + Number(clock.dataset.left) * 1000;
    setInterval(() => isResting || tell(clock), 500);
}

/** What the server says of it: time was added, or all rest. */
function setClock({ left, paused }) {
    isResting = paused;
    if (left !== null && until !== null && !paused) until = Date.now() + left * 1000;
}

/** Whether it is said on the page that the time is up. */
const isOver = () => document.querySelector('.time-up') !== null;

function tell(clock) {
    const left = Math.max(0, Math.round((until - Date.now()) / 1000));
    const [hours, minutes, seconds] = [Math.floor(left / 3600), Math.floor(left / 60) % 60, left % 60];
    const two = (number) => String(number).padStart(2, '0');
    clock.querySelector('time').textContent = hours
        ? `${hours}:${two(minutes)}:${two(seconds)}`
        : `${minutes}:${two(seconds)}`;
    clock.classList.toggle('is-soon', left <= SOON);
    if (left === 0 && !isOver())
        document
            .getElementById('nudges')
            .prepend(el('p', { class: 'nudge nudge-pause time-up' }, t('play.nudge.over')));
    if (left > 0) document.querySelector('.time-up')?.remove();
}

export { isOver, setClock, startClock };
