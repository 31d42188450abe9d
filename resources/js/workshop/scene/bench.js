import { t } from '../../lib/catalogue.js';
import * as dom from '../../lib/dom.js';
import { post } from '../../lib/http.js';
import { el } from '../../lib/tree.js';
import { list } from '../editor/ways.js';
import { now } from '../editor/fields.js';
import { benchAnswer } from './lock/bench-answer.js';
import { soonNear } from './lock/near.js';

/** How long after the last key an answer is tried, in milliseconds. */
const REST = 250;

/** What was typed on each lock's bench, so that drawing the card anew keeps it. */
const typed = new Map();

/** Type any answer and see which rule catches it, what the student would read and where they would go. */
function bench(lock, editor) {
    const key = `${lock.id}.bench`;
    const ask = (answer) => {
        typed.set(lock.id, answer);
        soon(lock, editor);
    };
    soonNear(lock, editor);
    const isTyped = ['text', 'long', 'number', 'digits'].includes(lock.input?.type ?? 'text');
    if (!isTyped) return benchOf(key, givenField(lock, key, ask, editor), null);
    const field = el('input', {
        'data-key': key,
        'aria-label': t('cards.bench.tryAnAnswer'),
        placeholder: t('cards.bench.tryAnyAnswer'),
        value: typeof typed.get(lock.id) === 'string' ? typed.get(lock.id) : '',
        autocomplete: 'off',
        '.kept': '',
        oninput: ({ target }) => ask(target.value),
    });
    if (typeof typed.get(lock.id) === 'string') soon(lock, editor);

    return benchOf(
        key,
        field,
        el(
            'details',
            { class: 'near', 'data-key': `${key}.near`, open: window.matchMedia('(min-height: 60rem)').matches },
            el('summary', {}, t('cards.bench.nearMisses')),
            el('ul', { class: 'near-misses', 'data-key': `${key}.misses` }),
        ),
    );
}

function benchOf(key, field, misses) {
    return el(
        'section',
        { class: 'bench', 'aria-label': t('cards.bench.heading') },
        el(
            'details',
            { 'data-key': `${key}.fold`, open: !isFolded, ontoggle: ({ target }) => (isFolded = !target.open) },
            el('summary', { class: 'caps' }, t('cards.bench.heading')),
            el(
                'div',
                { class: 'bench-body' },
                field,
                el('div', { class: 'bench-result', role: 'status', 'data-key': `${key}.result` }),
                misses,
            ),
        ),
    );
}

/** Whether the bench was folded away, on every card. */
let isFolded = false;

/** An answer that is not typed, given in the way of its lock; what was tried on another kind is none. */
function givenField(lock, key, ask, editor) {
    const kept = kinds.get(lock.id) === lock.input.type ? typed.get(lock.id) : undefined;
    kinds.set(lock.id, lock.input.type);
    if (kept === undefined) typed.delete(lock.id);

    return benchAnswer({
        lock,
        key,
        value: kept,
        editor,
        take(answer) {
            ask(answer);
            editor.draw();
        },
    });
}

/** Of which kind the answer on each lock's bench is. */
const kinds = new Map();

let resting = null;

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
        found.compared ? sideBySide(found.compared) : '',
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

/** The answer as it is read, and what the rule asks for as it is read. */
function sideBySide({ given, wanted }) {
    const pair = (name, text) => [
        dom.el('dt', {}, t(`cards.bench.${name}`)),
        dom.el('dd', {}, dom.el('code', {}, text)),
    ];

    return dom.el('dl', { class: 'compared' }, ...pair('given', given), ...pair('wanted', wanted));
}

export { bench };
