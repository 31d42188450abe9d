import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { list } from '../editor/ways.js';
import { EFFECTS, made, readEffect, writeEffect } from './effect-kinds.js';
import { line, pick } from '../editor/fields.js';
import { inMarks, inWords } from '../editor/marks.js';
import { heldField } from './held.js';

/**
 * What a reaction does, a sentence for each effect: gives a token, adds to a tally, opens a lock.
 *
 * `set` gets the changed fields of the reaction, commands that come before, and what the change is called.
 *
 * @param {{reaction: any, set: Function, editor: any, key: string, gives?: boolean}} asked `gives`: whether a token is
 *     offered at once, as where something is won
 */
function effectsField({ reaction, set, editor, key, gives = true }) {
    const words = wordsAt('workshop.effects');
    const all = list(reaction.do);
    const put = (to, before = []) => set({ do: to }, before, words.label);
    const name = (kind, id, give) => {
        if (id !== '+') return give(id, []);
        const part = made(kind, editor.store.game, wordsAt('made.new'));
        give(part.id, [part.command]);
    };
    const also = (kind) => {
        const first = EFFECTS[kind].choices(editor.store.game)[0]?.[0] ?? (EFFECTS[kind].makes ? '+' : null);
        if (first === null) return editor.alarm(words.nothing[kind]);
        name(kind, first, (id, before) => put([...all, writeEffect({ kind, id })], before));
    };
    const isGiving = all.some((effect) => effect.give);

    return el(
        'div',
        { class: 'effects', 'data-key': `${key}.effects` },
        gives && !isGiving
            ? pick({
                  key: `${key}.gives`,
                  label: words.give,
                  value: '',
                  options: [['', words.noToken], ...named('give', editor)],
                  take: (id) => name('give', id, (token, before) => put([...all, { give: token }], before)),
              })
            : null,
        all.map((effect, at) => effectLine({ effect, at, all, put, name, editor, key })),
        pick({
            key: `${key}.also`,
            label: words.also,
            shown: false,
            value: '',
            options: [['', words.also], ...Object.entries(words.kinds)],
            take: also,
        }),
    );
}

function effectLine({ effect, at, all, put, name, editor, key }) {
    const words = wordsAt('workshop.effects');
    const said = readEffect(effect);
    const change = (fields, before = []) =>
        put(
            all.map((one, place) => (place === at ? writeEffect({ ...said, ...fields }) : one)),
            before,
        );
    const without = el(
        'button',
        {
            class: 'mover',
            'data-key': `${key}.do.${at}.without`,
            'aria-label': words.without,
            title: words.without,
            onclick: () => put(all.filter((one, place) => place !== at)),
        },
        icon('x'),
    );
    if (!said) return el('div', { class: 'effect' }, el('span', {}, Object.keys(effect)[0] ?? ''), without);
    const isFirstGift = said.kind === 'give' && all.findIndex((one) => one.give) === at;
    const { number } = EFFECTS[said.kind];

    return [
        el(
            'div',
            { class: 'effect', 'data-key': `${key}.do.${at}` },
            el('span', {}, words.kinds[said.kind].replace(' …', '')),
            pick({
                key: isFirstGift ? `${key}.gives` : `${key}.do.${at}.of`,
                label: words.which,
                shown: false,
                value: said.id,
                options: named(said.kind, editor),
                take: (id) => name(said.kind, id, (part, before) => change({ id: part }, before)),
            }),
            number
                ? line({
                      key: `${key}.do.${at}.number`,
                      label: words.number,
                      shown: false,
                      width: 'tiny',
                      type: 'number',
                      value: said.number,
                      take: (text) => change({ number: Number(text) || 0 }),
                  })
                : null,
            without,
        ),
        nameField(said, isFirstGift, editor),
        isFirstGift ? aboutHeld(said.id, editor) : null,
    ];
}

/** The name of what is given, and of a tally that has none of its own yet. */
function nameField({ kind, id }, isFirstGift, editor) {
    const list = EFFECTS[kind].makes;
    const part = editor.store.game[list]?.find((one) => one.id === id);
    if (!part || (list === 'tokens' ? !isFirstGift : part.name !== t('made.new.tally'))) return null;
    const label = wordsAt('workshop.effects.names')[list];

    return line({
        key: `${id}.name`,
        label,
        value: inWords(part.name, editor.store.game),
        take: (name) =>
            editor.store.edit({ set: id, field: 'name', to: inMarks(name, editor.store.game) }, label.toLowerCase()),
    });
}

function aboutHeld(id, editor) {
    const token = editor.store.game.tokens?.find((one) => one.id === id);

    return token ? heldField(token, editor) : null;
}

function named(kind, editor) {
    const { choices, makes } = EFFECTS[kind];

    return [...choices(editor.store.game), ...(makes ? [['+', wordsAt('workshop.effects.fresh')[makes]]] : [])];
}

export { effectsField };
