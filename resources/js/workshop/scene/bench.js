import { el, html, mark } from '../../lib/dom.js';
import { post } from '../../lib/http.js';
import { list } from '../ways.js';

/** How long after the last key an answer is tried, in milliseconds. */
const REST = 250;

/** What was typed on each lock's bench, so that drawing the card anew keeps it. */
const typed = new Map();

/** Type any answer and see which rule catches it, what the student would read and where they would go. */
function bench(lock, desk) {
    if (!['text', 'long', 'number', 'digits'].includes(lock.input?.type)) return null;
    const result = el('div', { class: 'bench-result', role: 'status' });
    const field = el('input', { 'data-key': `${lock.id}.bench`, 'aria-label': 'Try an answer', placeholder: 'try any answer', value: typed.get(lock.id) ?? '', autocomplete: 'off' });
    let resting = null;
    const run = async () => {
        const answer = field.value;
        await desk.store.flushed();
        const { body } = await post(`${document.getElementById('faces').dataset.address}/bench`, { lock: lock.id, with: answer });
        if (answer === field.value && body) result.replaceChildren(...tell(body, lock));
    };
    field.addEventListener('input', () => {
        typed.set(lock.id, field.value);
        clearTimeout(resting);
        resting = setTimeout(run, REST);
    });
    if (field.value !== '') resting = setTimeout(run, REST);

    return el('section', { class: 'bench', 'aria-label': 'Bench' }, el('h3', { class: 'caps' }, 'Bench'), field, result);
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
