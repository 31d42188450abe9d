import { t } from '../../../lib/catalogue.js';
import { el } from '../../../lib/tree.js';
import { now, tick } from '../../editor/fields.js';

/** What may not matter, in the order it is told; those at the end only where a lock is fair. */
const USUAL = ['case', 'space', 'accents', 'punctuation', 'width'];
const FAIR = ['articles', 'joins', 'plural', 'counted'];

/** What keys give and what was meant, where a lock takes answers as typed. */
const TYPED = [
    'dashes',
    'blanks',
    'powers',
    'times',
    'fractions',
    'formulas',
    'quotes',
    'letters',
    'numerals',
    'endings',
];

/** Kinds of answer that are written. */
const WRITTEN = {
    text: [...USUAL, ...FAIR, ...TYPED],
    number: ['counted', 'dashes', 'numerals'],
    long: USUAL,
    gaps: [...USUAL, ...FAIR, ...TYPED],
};

/** Whether something does not matter, as the engine reads it. */
function isOn(clean, name) {
    if (clean[name] !== undefined) return Boolean(clean[name]);

    if (clean.strict) return false;

    return USUAL.includes(name) || Boolean(TYPED.includes(name) ? clean.typed : clean.fair);
}

/** How strictly answers are judged: in one switch, and one by one. */
function fairnessField(lock, editor) {
    const kinds = WRITTEN[lock.input?.type ?? 'text'];
    if (!kinds || (lock.input?.type === 'gaps' && lock.input.bank?.length > 0)) return null;
    const clean = lock.clean ?? {};
    const set = (to) => editor.store.edit({ set: lock.id, field: 'clean', to }, t('edits.labels.howStrictly'));
    const shown = kinds.filter((name) => name !== 'width');
    const fits = shown
        .filter((name) => !TYPED.includes(name) && isOn(clean, name))
        .map((name) => t(`cards.fair.short.${name}`));
    const typed = shown.filter((name) => TYPED.includes(name));
    if (typed.some((name) => isOn(clean, name))) fits.push(t('cards.fair.short.typed'));

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
            take: (on) => set(on ? { strict: true } : { fair: true, typed: true }),
        }),
        shown.filter((name) => !TYPED.includes(name)).map(partOf(lock, editor, set)),
        typed.length > 0 &&
            tick({
                key: `${lock.id}.fair.typed`,
                label: t('cards.fair.typed'),
                value: typed.some((name) => isOn(clean, name)),
                take: (on) => set(withTyped(now(editor, lock).clean ?? {}, on)),
            }),
        typed.some((name) => isOn(clean, name)) && typed.map(partOf(lock, editor, set)),
    );
}

/** All that keys give, at once; what was set of it one by one is as it usually is again. */
function withTyped(clean, on) {
    const others = Object.fromEntries(Object.entries(clean).filter(([name]) => !TYPED.includes(name)));

    return { ...others, typed: on };
}

function partOf(lock, editor, set) {
    return (name) =>
        tick({
            key: `${lock.id}.fair.${name}`,
            label: t(`cards.fair.${name}`),
            value: isOn(lock.clean ?? {}, name),
            take: (on) => set({ ...(now(editor, lock).clean ?? {}), [name]: on }),
        });
}

export { fairnessField };
