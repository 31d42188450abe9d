import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { freshId } from '../editor/document.js';
import { list } from '../editor/ways.js';
import { conditionField } from './condition.js';
import { effectsField } from './effects.js';
import { area, line, now, pick, tick } from '../editor/fields.js';
import { reactionsField } from './reactions.js';
import { otherwiseLines, ruleLines } from './rules.js';

/** A lock's card: how it is answered, its rules in order, what else is said, hints and guard. */
function lockCard(lock, editor) {
    return [
        lock.box
            ? area({
                  key: `${lock.id}.card-ask`,
                  label: t('cards.lock.whatItAsks'),
                  shown: true,
                  rows: 2,
                  value: lock.ask ?? '',
                  take: (ask) =>
                      editor.store.edit({ set: lock.id, field: 'ask', to: ask }, t('edits.labels.whatTheLockAsks')),
              })
            : null,
        line({
            key: `${lock.id}.label`,
            label: t('cards.lock.name'),
            value: lock.label,
            hint: t('cards.lock.aNameStudentsSeeIf'),
            take: (label) =>
                editor.store.edit({ set: lock.id, field: 'label', to: label }, t('edits.labels.nameOfTheLock')),
        }),
        inputFields(lock, editor),
        el('h3', { class: 'caps' }, t('cards.lock.rulesFirstThatFits')),
        ruleLines(lock, editor),
        otherwiseLines(lock, editor),
        hints(lock, editor),
        guard(lock, editor),
        el(
            'details',
            { class: 'card-more', 'data-key': `${lock.id}.opened.more` },
            el('summary', {}, t('workshop.openedMore')),
            reactionsField(lock, 'opened', editor),
        ),
        el(
            'div',
            { class: 'card-part' },
            conditionField({
                key: `${lock.id}.needs`,
                label: t('cards.lock.takesAnAnswerFrom'),
                value: lock.needs,
                editor,
                take: (needs) =>
                    editor.store.edit({ set: lock.id, field: 'needs', to: needs }, t('edits.labels.whoMayAnswer')),
            }),
        ),
    ];
}

function inputFields(lock, editor) {
    const input = lock.input ?? { type: 'text' };
    const known = wordsAt('workshop.inputs');
    if (!(input.type in known))
        return el('p', { class: 'help' }, t('cards.lock.keptInput', { input: t(`kinds.input.${input.type}`) }));
    const set = (fields, made = []) =>
        editor.store.edit(
            [...made, { set: lock.id, field: 'input', to: { ...now(editor, lock).input, ...fields } }],
            t('edits.labels.kindOfAnswer'),
        );

    return el(
        'div',
        { class: 'card-row' },
        pick({
            key: `${lock.id}.type`,
            label: t('cards.lock.answeredWith'),
            value: input.type,
            options: Object.entries(known),
            take: (type) => changeType(lock, type, editor),
        }),
        input.type === 'number'
            ? line({
                  key: `${lock.id}.unit`,
                  label: t('cards.lock.unit'),
                  value: input.unit ?? '',
                  hint: t('cards.lock.none'),
                  take: (unit) => changeUnit(lock, unit, editor),
              })
            : null,
        input.type === 'digits'
            ? line({
                  key: `${lock.id}.length`,
                  label: t('cards.lock.digits'),
                  type: 'number',
                  value: input.length ?? 4,
                  take: (length) => set({ length: Math.min(20, Math.max(1, Number(length) || 4)) }),
              })
            : null,
        input.type === 'options' ? optionFields(lock, input, set, editor) : null,
    );
}

/** The rules follow the kind of answer, as far as they can say the same there. */
function changeType(lock, type, editor) {
    const input = {
        type,
        ...(type === 'digits' ? { length: 4 } : {}),
        ...(type === 'options' ? { options: [option(editor, 'A'), option(editor, 'B')] } : {}),
    };
    const rules = list(now(editor, lock).rules).map((rule) => ({
        ...rule,
        match: translated(rule.match, type, input),
    }));
    editor.store.edit(
        [
            { set: lock.id, field: 'input', to: input },
            { set: lock.id, field: 'rules', to: rules },
        ],
        t('edits.labels.kindOfAnswer'),
    );
}

function translated(match, type, input) {
    const words = list(match?.equals ?? match?.number).map(String);
    if (type === 'options') return { options: [input.options[0].id] };
    if (type === 'long') return match?.length ? match : { length: { min: 3, max: null, of: 'words' } };
    if (type === 'number')
        return Number.isFinite(Number(words[0])) && words.length > 0 ? { number: Number(words[0]) } : { number: 0 };

    return { equals: words };
}

function changeUnit(lock, unit, editor) {
    const withUnit = (match) => {
        if (match?.any) return { ...match, any: match.any.map(withUnit) };
        if (match?.number === undefined) return match;
        const { unit: old, ...rest } = match;

        return unit ? { ...rest, unit } : rest;
    };
    const rules = list(now(editor, lock).rules).map((rule) => ({ ...rule, match: withUnit(rule.match) }));
    editor.store.edit(
        [
            { set: lock.id, field: 'input', to: unit ? { ...lock.input, unit } : { type: 'number' } },
            { set: lock.id, field: 'rules', to: rules },
        ],
        t('edits.labels.unit'),
    );
}

function option(editor, letter) {
    return { id: freshId('option'), md: t('made.new.option', { letter }) };
}

function optionFields(lock, input, set, editor) {
    const held = () => now(editor, lock).input.options;
    const change = (id, md) => set({ options: held().map((one) => (one.id === id ? { ...one, md } : one)) });

    return el(
        'div',
        { class: 'option-fields' },
        input.options.map((one, place) =>
            el(
                'div',
                { class: 'option-line' },
                line({
                    key: `${lock.id}.${one.id}`,
                    label: t('cards.lock.option', { number: place + 1 }),
                    shown: false,
                    value: one.md,
                    take: (md) => change(one.id, md),
                }),
                input.options.length > 2
                    ? el(
                          'button',
                          {
                              class: 'mover',
                              'aria-label': t('cards.lock.deleteOption', { number: place + 1 }),
                              onclick: () => set({ options: held().filter((other) => other.id !== one.id) }),
                          },
                          icon('x'),
                      )
                    : null,
            ),
        ),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${lock.id}.more`,
                onclick: () => set({ options: [...held(), option(editor, String.fromCharCode(65 + held().length))] }),
            },
            icon('plus'),
            t('cards.lock.anotherOption'),
        ),
        el(
            'details',
            { class: 'card-more', 'data-key': `${lock.id}.options.do` },
            el('summary', {}, t('workshop.optionsDo')),
            input.options.map((one) =>
                el(
                    'div',
                    { class: 'card-part', 'data-key': `${one.id}.does` },
                    el('strong', {}, one.md),
                    effectsField({
                        reaction: one,
                        editor,
                        key: one.id,
                        gives: false,
                        set: (fields, made) =>
                            set(
                                {
                                    options: held().map((other) =>
                                        other.id === one.id ? { ...other, ...fields } : other,
                                    ),
                                },
                                made,
                            ),
                    }),
                ),
            ),
        ),
        tick({
            key: `${lock.id}.many`,
            label: t('cards.lock.severalMayBePicked'),
            value: Boolean(input.many),
            take: (many) => set({ many }),
        }),
        tick({
            key: `${lock.id}.shuffle`,
            label: t('cards.lock.inAnotherOrderEachTime'),
            value: Boolean(input.shuffle),
            take: (shuffle) => set({ shuffle }),
        }),
    );
}

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
    const after = (hint) => (hint.after?.tries === lock.id ? hint.after.value : 0);

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
                        label: t('cards.lock.wrongTriesBeforeThisHint'),
                        shown: false,
                        width: 'tiny',
                        type: 'number',
                        value: after(hint),
                        take: (value) =>
                            change(place, {
                                after:
                                    Number(value) > 0 ? { tries: lock.id, is: '>=', value: Number(value) } : undefined,
                            }),
                    }),
                    t('cards.lock.wrongTriesOn'),
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
    );
}

export { lockCard };
