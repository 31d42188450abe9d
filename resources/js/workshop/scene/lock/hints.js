import { t } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { area, line, now, pick } from '../../editor/fields.js';
import { list } from '../../editor/ways.js';
import { effectsField } from '../effects.js';

/** Hints, given one after the other to those who ask. */
function hints(lock, editor) {
    const all = list(lock.hints);
    const set = (alter, label, made = []) =>
        editor.store.edit([...made, { set: lock.id, field: 'hints', to: alter(list(now(editor, lock).hints)) }], label);
    const change = (place, fields, made) =>
        set(
            (held) => held.map((hint, at) => (at === place ? { ...hint, ...fields } : hint)),
            t('edits.labels.hint'),
            made,
        );
    const after = (hint) => hint.after?.minutes ?? hint.after?.value ?? 0;
    const since = (hint) => (hint.after?.minutes !== undefined ? 'minutes' : 'tries');
    const condition = (from, value) => {
        if (!(value > 0)) return undefined;

        return from === 'minutes' ? { minutes: value, is: '>=' } : { tries: lock.id, is: '>=', value };
    };

    return el(
        'div',
        { class: 'card-part' },
        el('h3', { class: 'caps' }, t('cards.lock.hintsIfAskedFor')),
        all.map((hint, place) =>
            el(
                'div',
                { class: 'hint-line' },
                area({
                    key: `${lock.id}.hint.${place}`,
                    says: editor,
                    label: t('cards.lock.hint', { number: place + 1 }),
                    value: hint.md,
                    take: (md) => change(place, { md }),
                }),
                effectsField({
                    reaction: hint,
                    editor,
                    key: `${lock.id}.hint.${place}`,
                    gives: false,
                    set: (fields, made) => change(place, fields, made),
                }),
                el(
                    'div',
                    { class: 'small-line' },
                    t('cards.lock.from'),
                    line({
                        key: `${lock.id}.after.${place}`,
                        label: t('cards.lock.howMuchBeforeThisHint'),
                        shown: false,
                        width: 'tiny',
                        type: 'number',
                        value: after(hint),
                        take: (value) => change(place, { after: condition(since(hint), Number(value)) }),
                    }),
                    pick({
                        key: `${lock.id}.since.${place}`,
                        label: t('cards.lock.whatBeforeThisHint'),
                        shown: false,
                        value: since(hint),
                        options: ['tries', 'minutes'].map((from) => [from, t(`cards.lock.hintFrom.${from}`)]),
                        take: (from) => change(place, { after: condition(from, after(hint) || 1) }),
                    }),
                    el(
                        'button',
                        {
                            class: 'mover',
                            'aria-label': t('cards.lock.deleteHint', { number: place + 1 }),
                            onclick: () =>
                                set((held) => held.filter((other, at) => at !== place), t('edits.labels.deletedAHint')),
                        },
                        icon('x'),
                    ),
                ),
            ),
        ),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${lock.id}.add-hint`,
                onclick: () => set((held) => [...held, { md: '' }], t('edits.labels.newHint')),
            },
            icon('plus'),
            all.length === 0 ? t('cards.lock.aHint') : t('cards.lock.anotherHint'),
        ),
    );
}

export { hints };
