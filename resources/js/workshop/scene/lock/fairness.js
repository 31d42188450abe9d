import { t } from '../../../lib/catalogue.js';
import { el } from '../../../lib/tree.js';
import { now, tick } from '../../editor/fields.js';

/** What may not matter, in the order it is told; those at the end only where a lock is fair. */
const USUAL = ['case', 'space', 'accents', 'punctuation', 'width'];
const FAIR = ['articles', 'joins', 'plural', 'counted'];

/** Kinds of answer that are written. */
const WRITTEN = { text: [...USUAL, ...FAIR], number: ['counted'], long: USUAL, gaps: [...USUAL, ...FAIR] };

/** Whether something does not matter, as the engine reads it. */
function isOn(clean, name) {
    if (clean[name] !== undefined) return Boolean(clean[name]);

    return !clean.strict && (USUAL.includes(name) || Boolean(clean.fair));
}

/** How strictly answers are judged: in one switch, and one by one. */
function fairnessField(lock, editor) {
    const kinds = WRITTEN[lock.input?.type ?? 'text'];
    if (!kinds || (lock.input?.type === 'gaps' && lock.input.bank?.length > 0)) return null;
    const clean = lock.clean ?? {};
    const set = (to) => editor.store.edit({ set: lock.id, field: 'clean', to }, t('edits.labels.howStrictly'));
    const shown = kinds.filter((name) => name !== 'width');
    const fits = shown.filter((name) => isOn(clean, name)).map((name) => t(`cards.fair.short.${name}`));

    return el(
        'details',
        { class: 'card-more', 'data-key': `${lock.id}.fair` },
        el(
            'summary',
            {},
            fits.length > 0 ? t('cards.fair.matterNot', { what: fits.join(', ') }) : t('cards.fair.exactly'),
        ),
        tick({
            key: `${lock.id}.strict`,
            label: t('cards.fair.strict'),
            value: Boolean(clean.strict),
            take: (on) => set(on ? { strict: true } : { fair: true }),
        }),
        shown.map((name) =>
            tick({
                key: `${lock.id}.fair.${name}`,
                label: t(`cards.fair.${name}`),
                value: isOn(clean, name),
                take: (on) => set({ ...(now(editor, lock).clean ?? {}), [name]: on }),
            }),
        ),
    );
}

export { fairnessField };
