import { el, html, icon } from '../lib/dom.js';
import { pause, submit } from '../lib/http.js';

/** So long after the last one left a field it is still said to be held, and so often it is said again, milliseconds. */
const LEAVES = 1500;
const AGAIN = 25000;

/** The lock that is answered on this device, as the others were told. */
let told = '';

/** Tells the others of a team at which lock this device is, and shows where they are. */
function dressTeam(play) {
    if (!document.getElementById('team')) return;
    mark();
    if (play.dataset.together) return;
    play.dataset.together = 'yes';
    let [count, since] = [0, Date.now()];
    const say = (lock) => {
        [told, since] = [lock, Date.now()];
        const fields = new FormData();
        fields.set('lock', lock);
        fields.set('ticket', play.querySelector('[name=ticket]')?.value ?? '');
        submit(`${play.dataset.address}/hold`, fields);
    };
    document.addEventListener('focusin', () => {
        const lock = here();
        if (lock && (lock !== told || Date.now() - since > AGAIN)) say(lock);
    });
    document.addEventListener('input', () => {
        if (here() === told && told && Date.now() - since > AGAIN) say(told);
    });
    document.addEventListener('focusout', async () => {
        const leaving = ++count;
        await pause(LEAVES);
        if (leaving === count && told && here() !== told) say(here());
    });
}

/** The lock in which the keyboard is; '' for none. */
const here = () =>
    /** @type {HTMLElement | null} */ (document.activeElement?.closest('form.answer, .lock'))?.closest('[data-lock]')
        ?.dataset.lock ?? '';

/** What others of the team do, as it is known now. */
function showTeam(markup) {
    const team = document.getElementById('team');
    if (!team || markup === undefined) return;
    if (team.innerHTML !== markup) html(team, markup);
    mark();
}

/** At each lock that somebody else is at, it says so. */
function mark() {
    document.querySelectorAll('.lock > .held-by').forEach((line) => line.remove());
    for (const line of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('#team [data-held]'))) {
        const lock = document.querySelector(`.lock[data-lock="${CSS.escape(line.dataset.held)}"]`);
        // At its end: what is about to be pressed stays where it is.
        lock?.append(el('p', { class: 'held-by' }, icon('pencil-line'), line.dataset.here));
    }
}

export { dressTeam, showTeam };
