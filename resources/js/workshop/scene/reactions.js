import { wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/dom.js';
import { list } from '../ways.js';
import { conditionField } from './condition.js';
import { effectsField } from './effects.js';
import { area, destination, now } from './fields.js';

/**
 * A list of reactions, of which the first that fits happens: for whom, what they read, what it gives, where it leads.
 * This is how scores and earlier choices decide where students go.
 */
function reactionsField(part, field, desk) {
    const words = wordsAt('workshop.reactions');
    const held = () => list(now(desk, part)[field]);
    const set = (to, label, made = []) => desk.store.edit([...made, { set: part.id, field, to }], label);
    const all = held();

    return el(
        'div',
        { class: 'card-part reactions', 'data-key': `${part.id}.${field}` },
        el('h3', { class: 'caps' }, words[field]),
        all.length > 1 ? el('p', { class: 'help' }, words.first) : null,
        all.map((reaction, at) => oneReaction({ part, field, reaction, at, all, held, set, desk })),
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

function oneReaction({ part, field, reaction, at, all, held, set, desk }) {
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
            conditionField({ key: `${key}.if`, label: words.for, value: reaction.if, desk, take: condition }),
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
            label: words.say,
            hint: words.say.toLowerCase(),
            value: reaction.say ?? '',
            take: (say) => change({ say }),
        }),
        destination({
            key: `${key}.go`,
            value: reaction.go ?? '@stay',
            desk,
            take: (go, made) => change({ go }, made),
        }),
        effectsField({ reaction, desk, key, set: change }),
    );
}

export { reactionsField };
