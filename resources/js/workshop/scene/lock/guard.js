import { t } from '../../../lib/catalogue.js';
import { el } from '../../../lib/tree.js';
import { line, now, tick } from '../../editor/fields.js';

/** A pause after so many wrong tries. */
function guard(lock, editor) {
    const set = (to) => editor.store.edit({ set: lock.id, field: 'guard', to }, t('edits.labels.guard'));
    const number = (field, label) =>
        line({
            key: `${lock.id}.guard.${field}`,
            label,
            shown: false,
            width: 'tiny',
            type: 'number',
            value: lock.guard[field],
            take: (value) => set({ ...now(editor, lock).guard, [field]: Math.max(1, Number(value) || 1) }),
        });

    return el(
        'div',
        { class: 'card-part' },
        tick({
            key: `${lock.id}.guard`,
            label: t('cards.lock.aPauseStopsGuessing'),
            value: Boolean(lock.guard),
            take: (on) => set(on ? { tries: 3, wait: 20 } : undefined),
        }),
        lock.guard
            ? el(
                  'div',
                  { class: 'small-line' },
                  t('cards.lock.afterEvery'),
                  number('tries', t('cards.lock.triesBeforeThePause')),
                  t('cards.lock.wrongTries'),
                  number('wait', t('cards.lock.secondsOfThePause')),
                  t('cards.lock.seconds'),
              )
            : null,
        el('div', { class: 'guessing', 'data-key': `${lock.id}.guessing` }),
    );
}

export { guard };
