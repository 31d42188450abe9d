import { t, wordsAt } from '../../lib/catalogue.js';
import * as dom from '../../lib/dom.js';
import { post } from '../../lib/http.js';
import { el } from '../../lib/tree.js';
import { list } from '../editor/ways.js';
import { now } from '../editor/fields.js';

/** How long after the last key an answer is tried, in milliseconds. */
const REST = 250;

/** What was typed on each lock's bench, so that drawing the card anew keeps it. */
const typed = new Map();

/** Type any answer and see which rule catches it, what the student would read and where they would go. */
function bench(lock, editor) {
    if (!['text', 'long', 'number', 'digits'].includes(lock.input?.type)) return null;
    const key = `${lock.id}.bench`;
    const field = el('input', {
        'data-key': key,
        'aria-label': t('cards.bench.tryAnAnswer'),
        placeholder: t('cards.bench.tryAnyAnswer'),
        value: typed.get(lock.id) ?? '',
        autocomplete: 'off',
        '.kept': '',
        oninput: ({ target }) => {
            typed.set(lock.id, target.value);
            soon(lock, editor);
        },
    });
    if (typed.has(lock.id)) soon(lock, editor);
    soonMisses(lock, editor);

    return el(
        'section',
        { class: 'bench', 'aria-label': t('cards.bench.heading') },
        el('h3', { class: 'caps' }, t('cards.bench.heading')),
        field,
        el('div', { class: 'bench-result', role: 'status', 'data-key': `${key}.result` }),
        el(
            'details',
            { class: 'near', 'data-key': `${key}.near`, open: window.matchMedia('(min-height: 60rem)').matches },
            el('summary', {}, t('cards.bench.nearMisses')),
            el('ul', { class: 'near-misses', 'data-key': `${key}.misses` }),
        ),
    );
}

let resting = null;
let missing = null;

/** Near misses are asked for once the rules have been left alone for a while. */
function soonMisses(lock, editor) {
    clearTimeout(missing);
    missing = setTimeout(() => showMisses(lock, editor), 2 * REST);
}

/** What becomes of answers that are nearly right; one that opens although it is wrong is seen at a glance. */
async function showMisses(lock, editor) {
    await editor.store.flushed();
    const { body } = await post(`${editor.address}/bench`, { lock: lock.id });
    const holder = document.querySelector(`[data-key="${CSS.escape(lock.id)}.bench.misses"]`);
    holder?.replaceChildren(
        ...(body?.misses ?? []).map((miss) =>
            dom.el(
                'li',
                {},
                miss.verdict ? dom.mark(miss.verdict) : null,
                dom.el('code', {}, miss.text),
                dom.el(
                    'span',
                    {},
                    ` ${miss.words} · ${wordsAt('workshop.verdicts')[miss.verdict] ?? t('cards.bench.noAnswer')}`,
                ),
            ),
        ),
    );
}

function soon(lock, editor) {
    clearTimeout(resting);
    resting = setTimeout(() => run(lock, editor), REST);
}

async function run(lock, editor) {
    const answer = typed.get(lock.id);
    await editor.store.flushed();
    const { body } = await post(`${editor.address}/bench`, {
        lock: lock.id,
        with: answer,
    });
    const result = document.querySelector(`[data-key="${CSS.escape(lock.id)}.bench.result"]`);
    if (result && body && answer === typed.get(lock.id)) result.replaceChildren(...tell(body, now(editor, lock)));
}

function tell(found, lock) {
    if (found.refusal) return [dom.el('p', { class: 'help' }, found.refusal)];
    const by =
        found.rule === null
            ? t('cards.bench.anythingElse')
            : list(lock.rules).length > 1
              ? t('cards.bench.rule', { number: found.rule + 1 })
              : t('cards.bench.theRule');

    return [
        dom.el(
            'p',
            {},
            dom.mark(found.verdict),
            ` ${by} → `,
            dom.el('strong', {}, t(`workshop.verdicts.${found.verdict}`)),
            found.go ? ` → ${found.go}` : '',
        ),
        found.say
            ? dom.html(dom.el('div', { class: 'words bench-say' }), found.say)
            : dom.el('p', { class: 'help' }, t('cards.bench.neutral')),
    ];
}

export { bench };
