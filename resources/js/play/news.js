import { t } from '../lib/catalogue.js';
import { el, html, icon } from '../lib/dom.js';
import { pulseOf } from '../lib/pulse.js';
import { showCall } from './call.js';
import { setClock } from './clock.js';
import { closePanel } from './stage.js';
import { showTeam } from './team.js';

/** How often a device asks, in milliseconds, where the page names no other period. */
const PERIOD = 3000;

/**
 * Listens for what happens to the play without this device: lines from the teacher, help, a pause, another device of
 * the same play. `show` is given where the play is now, as a reply to an action is.
 *
 * @param {HTMLElement} play
 * @param {(reply: any) => void} show
 */
async function listen(play, show) {
    if (!play.dataset.seq) return;
    const changed = pulseOf(play.dataset.pulse, Number(play.dataset.period) || PERIOD, () => play.dataset.beat);
    for (;;) {
        await changed();
        if (!document.hidden && !isBusy()) await ask(play, show);
    }
}

/** What this device does itself comes with its own reply. */
const isBusy = () => document.querySelector('form[data-busy]') !== null;

async function ask(play, show) {
    const { address, seq } = play.dataset;
    const query = new URLSearchParams({ seq, since: seen(address) });
    const reply = await fetch(`${address}/news?${query}`, { credentials: 'same-origin' }).catch(() => null);
    const news = reply?.ok ? await reply.json().catch(() => null) : null;
    if (!news) return;
    if (!isBusy() && Number(play.dataset.seq) < news.seq) catchUp(play, news, show);
    const vote = document.getElementById('vote');
    showTeam(news.team);
    if (vote && news.vote !== undefined) html(vote, news.vote);
    rest(news.paused);
    showCall(news.called);
    setClock(news);
    news.notes.forEach((note) => tell(address, note));
}

function catchUp(play, news, show) {
    play.dataset.seq = news.seq;
    if (!news.scene) return;
    const { locks, scene, rims } = news;
    if (isInPlace(news)) return show({ locks, rims });
    const typed = writing();
    closePanel();
    show({ scene, rims });
    typed.forEach(putBack);
}

/** What is being written to locks, to stay where the scene is drawn anew. */
const writing = () =>
    [...document.querySelectorAll('form.answer :is(textarea, input[name=with])')]
        .filter((/** @type {any} */ field) => field.value !== field.defaultValue && !field.matches('[type]'))
        .map((field) => ({ lock: field.closest('form').dataset.answer, text: field.value }));

function putBack({ lock, text }) {
    const form = document.querySelector(`form.answer[data-answer="${CSS.escape(lock)}"]`);
    const field = form?.querySelector(':is(textarea, input[name=with])');
    if (field) field.value = text;
}

/** Whether nothing but a lock's hints and pauses is different, so that what is typed may stay. */
function isInPlace({ scene, locks }) {
    const there = html(el('div'), scene);
    const ids = (root) =>
        [...root.querySelectorAll('[data-thing]')]
            .map((thing) => thing.dataset.thing)
            .sort()
            .join(' ');
    const now = document.getElementById('scene-main');
    const isSame = there.querySelector('#scene-main')?.dataset.scene === now.dataset.scene;
    const state = (id) => document.querySelector(`[data-lock="${CSS.escape(id)}"]`)?.dataset.state;

    return (
        isSame &&
        ids(there) === ids(document.getElementById('scene')) &&
        Object.entries(locks).every(([id, lock]) =>
            ['open', 'waiting'].every((name) => (lock.state === name) === (state(id) === name)),
        )
    );
}

/** Which line was shown last, kept over reloads. */
const nameOf = (address) => `fravel.seen.${address}`;
const shown = new Map();
const seen = (address) => shown.get(address) ?? localStorage.getItem(nameOf(address)) ?? '0';

function remember(address, id) {
    shown.set(address, id);
    try {
        localStorage.setItem(nameOf(address), id);
    } catch {
        // A browser without room shows it once more after a reload.
    }
}

/** A line from the teacher, over whatever is open; it stays until it is put away. */
function tell(address, { id, words }) {
    remember(address, id);
    const line = el(
        'div',
        { class: 'nudge' },
        icon('lightbulb'),
        el('p', {}, el('strong', {}, `${t('play.nudge.from')} `), words),
    );
    line.append(
        el(
            'button',
            { type: 'button', class: 'said-close', 'aria-label': t('play.close'), onclick: () => line.remove() },
            icon('x'),
        ),
    );
    const panel = document.querySelector('dialog.panel');
    const page = () => document.getElementById('nudges').append(line);
    if (!panel) return page();
    panel.prepend(line);
    panel.addEventListener('close', () => line.isConnected && page());
}

/** Lines of before go when what they were about is done. */
function putAway() {
    document.querySelectorAll('.nudge:not(.nudge-pause)').forEach((line) => line.remove());
}

/** While the teacher lets all rest, it says so, and nothing can be pressed. */
function rest(isPaused) {
    for (const part of document.querySelectorAll('#scene, dialog.panel')) part.toggleAttribute('inert', isPaused);

    const there = document.querySelector('.nudge-pause');
    if (!isPaused) return there?.remove();
    if (!there)
        document.getElementById('nudges').prepend(el('p', { class: 'nudge nudge-pause' }, t('play.nudge.pause')));
}

export { listen, putAway };
