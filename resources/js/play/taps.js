import { t } from '../lib/catalogue.js';
import { el } from '../lib/dom.js';

/** Milliseconds for which what has just come under a finger takes no tap. */
const REST = 400;

/** Fields that are other ones at every attempt. */
const PASSING = ['key', 'ticket', 'seq', 'beat', '_token'];

let resting;

/**
 * When another scene has come, the second tap of a double one, and a finger that was down before, do nothing there.
 * The keyboard is not held up.
 */
function startTaps(play) {
    const page = play.ownerDocument;
    const down = new Set();
    let isEarly = false;
    const begin = ({ pointerId }) => {
        down.add(pointerId);
        isEarly = 'resting' in play.dataset;
    };
    const end = ({ pointerId }) => down.delete(pointerId);
    page.addEventListener('pointerdown', begin, true);
    page.addEventListener('pointerup', end, true);
    page.addEventListener('pointercancel', end, true);
    page.addEventListener('keydown', () => (isEarly = false), true);
    play.addEventListener('rest', () => (isEarly = true));
    play.addEventListener('rested', () => (isEarly &&= down.size > 0));
    const hold = (event) => {
        if (!event.isTrusted || !isEarly) return;
        event.preventDefault();
        event.stopPropagation();
    };
    play.addEventListener('click', hold, true);
}

/** Another scene has come. */
function rest(play) {
    play.dataset.resting = '';
    play.dispatchEvent(new Event('rest'));
    clearTimeout(resting);
    resting = setTimeout(() => {
        delete play.dataset.resting;
        play.dispatchEvent(new Event('rested'));
    }, REST);
}

/** What was answered last at each lock and did not open it, as long as nothing has come since. */
const refused = new Map();

let came = 0;

/** Something has come of an action, here or elsewhere. */
function noteReply(fields, reply) {
    came++;
    const id = reply.verdict?.lock;
    if (!id || fields?.get('verb') !== 'answer' || reply.scene || reply.things?.[id]) return;
    if (['wrong', 'almost'].includes(reply.verdict.verdict)) refused.set(id, { sent: textOf(fields), came });
}

/** Whether the very same was answered last, and nothing has changed since: it is not sent, and counts once. */
function isAsBefore(form, fields) {
    const lock = form.closest('.lock');
    const last = fields.get('verb') === 'answer' && lock ? refused.get(lock.dataset.lock) : null;
    if (!last || last.came !== came || last.sent !== textOf(fields)) return false;
    const said = lock.querySelector('.feedback .said > div:last-of-type, [data-feedback] .said > div:last-of-type');
    if (said && !said.querySelector('.as-before')) {
        said.append(el('p', { class: 'as-before', role: 'status' }, t('play.asBefore')));
    }

    return true;
}

const textOf = (fields) =>
    JSON.stringify([...fields].filter(([name, value]) => typeof value === 'string' && !PASSING.includes(name)));

export { isAsBefore, noteReply, rest, startTaps };
