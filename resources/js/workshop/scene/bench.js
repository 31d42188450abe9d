import { el, html, mark } from '../../lib/dom.js';
import { post } from '../../lib/http.js';
import { list } from '../ways.js';
import { now } from './fields.js';

/** How long after the last key an answer is tried, in milliseconds. */
const REST = 250;

/** What was typed on each lock's bench, so that drawing the card anew keeps it. */
const typed = new Map();

/** Type any answer and see which rule catches it, what the student would read and where they would go. */
function bench(lock, desk) {
    if (!['text', 'long', 'number', 'digits'].includes(lock.input?.type)) return null;
    const key = `${lock.id}.bench`;
    const field = el('input', { 'data-key': key, 'aria-label': 'Try an answer', placeholder: 'try any answer', value: typed.get(lock.id) ?? '', autocomplete: 'off', oninput: ({ target }) => {
        typed.set(lock.id, target.value);
        soon(lock, desk);
    } });
    field.kept = '';
    if (typed.has(lock.id)) soon(lock, desk);
    soonMisses(lock, desk);

    return el('section', { class: 'bench', 'aria-label': 'Bench' }, el('h3', { class: 'caps' }, 'Bench'), field, el('div', { class: 'bench-result', role: 'status', 'data-own': true, 'data-key': `${key}.result` }), el('ul', { class: 'near-misses', 'aria-label': 'Near misses', 'data-own': true, 'data-key': `${key}.misses` }));
}

let resting = null;
let missing = null;

/** Near misses are asked for once the rules have been left alone for a while. */
function soonMisses(lock, desk) {
    clearTimeout(missing);
    missing = setTimeout(() => showMisses(lock, desk), 2 * REST);
}

/** What becomes of answers that are nearly right; one that opens although it is wrong is seen at a glance. */
async function showMisses(lock, desk) {
    await desk.store.flushed();
    const { body } = await post(`${document.getElementById('faces').dataset.address}/bench`, { lock: lock.id });
    const holder = document.querySelector(`[data-key="${CSS.escape(lock.id)}.bench.misses"]`);
    holder?.replaceChildren(...(body?.misses ?? []).map((miss) => el('li', {}, miss.verdict ? mark(miss.verdict) : null, el('code', {}, miss.text), el('span', {}, ` ${miss.words} · ${desk.words.verdicts[miss.verdict] ?? 'no answer'}`))));
}

function soon(lock, desk) {
    clearTimeout(resting);
    resting = setTimeout(() => run(lock, desk), REST);
}

async function run(lock, desk) {
    const answer = typed.get(lock.id);
    await desk.store.flushed();
    const { body } = await post(`${document.getElementById('faces').dataset.address}/bench`, { lock: lock.id, with: answer });
    const result = document.querySelector(`[data-key="${CSS.escape(lock.id)}.bench.result"]`);
    if (result && body && answer === typed.get(lock.id)) result.replaceChildren(...tell(body, now(desk, lock)));
}

function tell(found, lock) {
    if (found.refusal) return [el('p', { class: 'help' }, found.refusal)];
    const by = found.rule === null ? 'anything else' : list(lock.rules).length > 1 ? `rule ${found.rule + 1}` : 'the rule';
    const words = { open: 'opens', almost: 'close', wrong: 'stays shut' }[found.verdict];

    return [
        el('p', {}, mark(found.verdict), ` ${by} → `, el('strong', {}, words), found.go ? ` → ${found.go}` : ''),
        html(el('div', { class: 'words bench-say' }), found.say || '<p class="help">neutral words, nothing of the answer in them</p>'),
    ];
}

export { bench };
