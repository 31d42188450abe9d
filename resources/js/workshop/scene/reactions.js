import { wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { list } from '../editor/ways.js';
import { conditionField } from './condition.js';
import { effectsField } from './effects.js';
import { area, destination, now } from '../editor/fields.js';

/**
 * A list of reactions, of which the first that fits happens: for whom, what they read, what it gives, where it leads.
 * This is how scores and earlier choices decide where students go.
 */
function reactionsField(part, field, editor, heading = null) {
    const words = wordsAt('workshop.reactions');
    const held = () => list(now(editor, part)[field]);
    const set = (to, label, made = []) => editor.store.edit([...made, { set: part.id, field, to }], label);
    const all = held();

    return el(
        'div',
        { class: 'card-part reactions', 'data-key': `${part.id}.${field}` },
        el('h3', { class: 'caps' }, heading ?? words[field]),
        all.length > 1 ? el('p', { class: 'help' }, words.first) : null,
        all.map((reaction, at) => oneReaction({ part, field, reaction, at, all, held, set, editor })),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${part.id}.${field}.add`,
                onclick: () => set([...held(), { say: '' }], words[field].toLowerCase()),
            },
            icon('plus'),
            all.length > 0 ? words.add : words.begin,
        ),
    );
}

function oneReaction({ part, field, reaction, at, all, held, set, editor }) {
    const words = wordsAt('workshop.reactions');
    const key = `${part.id}.${field}.${at}`;
    const change = (fields, made, label) =>
        set(
            held().map((one, place) => (place === at ? { ...one, ...fields } : one)),
            label ?? words[field].toLowerCase(),
            made,
        );
    const condition = (to) =>
        set(
            held().map((one, place) => {
                if (place !== at) return one;
                const { if: old, ...rest } = one;

                return to ? { if: to, ...rest } : rest;
            }),
            words[field].toLowerCase(),
        );
    const earlier = () =>
        set(
            held().map((one, place, list) => (place === at - 1 ? list[at] : place === at ? list[at - 1] : one)),
            words[field].toLowerCase(),
        );

    return el(
        'div',
        { class: 'rule', 'data-key': key },
        el(
            'div',
            { class: 'rule-head' },
            conditionField({ key: `${key}.if`, label: words.for, value: reaction.if, editor, take: condition }),
            at > 0
                ? el(
                      'button',
                      {
                          class: 'mover',
                          'aria-label': words.earlier,
                          title: words.earlier,
                          'data-key': `${key}.earlier`,
                          onclick: earlier,
                      },
                      icon('arrow-up'),
                  )
                : null,
            el(
                'button',
                {
                    class: 'mover',
                    'aria-label': words.without,
                    title: words.without,
                    'data-key': `${key}.without`,
                    onclick: () =>
                        set(
                            all.filter((one, place) => place !== at),
                            words[field].toLowerCase(),
                        ),
                },
                icon('x'),
            ),
        ),
        area({
            key: `${key}.say`,
            says: editor,
            label: words.say,
            hint: words.say.toLowerCase(),
            value: reaction.say ?? '',
            take: (say) => change({ say }),
        }),
        destination({
            key: `${key}.go`,
            value: reaction.go ?? '@stay',
            editor,
            take: (go, made) => change({ go }, made),
        }),
        effectsField({ reaction, editor, key, set: change }),
    );
}

export { reactionsField };
