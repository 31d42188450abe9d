import { t, wordsAt } from '../../../lib/catalogue.js';
import * as dom from '../../../lib/dom.js';
import { post } from '../../../lib/http.js';
import { freshId } from '../../editor/document.js';
import { now } from '../../editor/fields.js';
import { list } from '../../editor/ways.js';

/** How long the rules are left alone before it is asked what is near them, in milliseconds. */
const REST = 500;

let resting = null;

/** Asks for the near misses of a lock and for how long guessing takes, once its rules have been left alone. */
function soonNear(lock, editor) {
    clearTimeout(resting);
    resting = setTimeout(() => showNear(lock, editor), REST);
}

/** What becomes of answers that are nearly right; one that opens although it is wrong is seen at a glance. */
async function showNear(lock, editor) {
    await editor.store.flushed();
    const { body } = await post(`${editor.address}/bench`, { lock: lock.id });
    held(`${lock.id}.bench.misses`)?.replaceChildren(...list(body?.misses).map((miss) => line(miss, lock, editor)));
    held(`${lock.id}.offered`)?.replaceChildren(...offers(list(body?.offered), lock, editor));
    held(`${lock.id}.guessing`)?.replaceChildren(...(body?.guessing ? guessing(body.guessing, lock, editor) : []));
}

const held = (key) => document.querySelector(`[data-key="${CSS.escape(key)}"]`);

function line(miss, lock, editor) {
    return dom.el(
        'li',
        {},
        miss.verdict ? dom.mark(miss.verdict) : null,
        dom.el('code', {}, miss.text),
        dom.el(
            'span',
            {},
            ` ${miss.words} · ${wordsAt('workshop.verdicts')[miss.verdict] ?? t('cards.bench.noAnswer')}`,
        ),
        miss.match && !hasOwnRule(miss, now(editor, lock))
            ? dom.el(
                  'button',
                  {
                      class: 'link',
                      type: 'button',
                      'aria-label': t('cards.bench.ruleFor', { answer: miss.text }),
                      onclick: () => addRule(miss, lock, editor),
                  },
                  dom.icon('plus'),
                  t('cards.bench.aRule'),
              )
            : null,
    );
}

/** Whether a rule is there already for what is no right answer. */
const hasOwnRule = (miss, lock) => miss.rule !== null && list(lock.rules)[miss.rule]?.verdict !== 'open';

/** A rule for this very answer, before the one that catches it now; what students read then is asked at once. */
function addRule(miss, lock, editor) {
    const rules = [...list(now(editor, lock).rules)];
    const place = miss.rule ?? rules.length;
    rules.splice(place, 0, { match: miss.match, verdict: 'almost', say: '' });
    editor.store.edit({ set: lock.id, field: 'rules', to: rules }, t('edits.labels.newRule'));
    editor.draw();
    held(`${lock.id}.rule.${place}.say`)?.focus();
}

/** Wrong answers that may become options: what people typed before, and what is near the right one. */
function offers(offered, lock, editor) {
    const take = (text) => {
        const { input } = now(editor, lock);
        const next = { ...input, options: [...input.options, { id: freshId('option'), md: text }] };
        editor.store.edit({ set: lock.id, field: 'input', to: next }, t('edits.labels.kindOfAnswer'));
        editor.draw();
    };

    return offered.length === 0
        ? []
        : [
              dom.el('span', { class: 'help' }, t('cards.lock.wrongOffered')),
              ...offered.map(({ text, words }) =>
                  dom.el(
                      'button',
                      { type: 'button', class: 'value', title: words, onclick: () => take(text) },
                      `${text} · ${words}`,
                  ),
              ),
          ];
}

function guessing({ words, offer, guard }, lock, editor) {
    return [
        dom.el('p', { class: 'help' }, words),
        guard
            ? dom.el(
                  'button',
                  {
                      class: 'link',
                      type: 'button',
                      onclick: () =>
                          editor.store.edit({ set: lock.id, field: 'guard', to: guard }, t('edits.labels.guard')),
                  },
                  dom.icon('plus'),
                  offer,
              )
            : '',
    ];
}

export { soonNear };
