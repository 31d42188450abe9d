import { t, wordsAt } from '../../lib/catalogue.js';
import { el } from '../../lib/tree.js';
import { now, pick, tick } from '../editor/fields.js';
import { list } from '../editor/ways.js';

/** The card of a standing: which tallies it shows, and in which order. */
function standingBody(thing, editor) {
    const of = list(thing.of);
    const put = (field, to) => editor.store.edit({ set: thing.id, field, to }, t('edits.labels.standing'));
    const turn = (id, on) => {
        const held = list(now(editor, thing).of).filter((one) => one !== id);
        put('of', on ? [...held, id] : held);
    };

    return [
        el('p', { class: 'help' }, t('cards.standing.help')),
        list(editor.store.game.tallies).map(({ id, name }) =>
            tick({ key: `${thing.id}.of.${id}`, label: name, value: of.includes(id), take: (on) => turn(id, on) }),
        ),
        pick({
            key: `${thing.id}.order`,
            label: t('cards.standing.order'),
            value: thing.order ?? 'given',
            options: Object.entries(wordsAt('cards.standing.orders')),
            take: (order) => put('order', order),
        }),
    ];
}

/** What a new one shows: all tallies there are, the highest first. */
const newStanding = (game) => ({ label: '', of: list(game.tallies).map(({ id }) => id), order: 'highest' });

export { newStanding, standingBody };
