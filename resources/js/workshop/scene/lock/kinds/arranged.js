import { t } from '../../../../lib/catalogue.js';
import { el, icon } from '../../../../lib/tree.js';
import { freshId } from '../../../editor/document.js';
import { line } from '../../../editor/fields.js';
import { pasteRows } from '../../../editor/pasted.js';
import { itemList } from '../items.js';

const begun = () => ['first', 'second', 'third'].map((name) => t(`made.new.items.${name}`));

const ids = (items) => items.map(({ id }) => id);

/** Written in the right order; students get them in another. */
const order = {
    matches: ['order', 'right', 'anything'],
    begin: (words) => ({
        type: 'order',
        items: (words.length > 1 ? words : begun()).map((md) => ({ id: freshId('item'), md })),
    }),
    match: (words, input, place) => asListed({ order: ids(input.items) }, place),
    whole: (input) => ({ order: ids(input.items) }),
    choices: (input) => input.items,
    fields: ({ lock, input, set, editor }) => [
        el('p', { class: 'help' }, t('cards.lock.orderHelp')),
        itemList({
            key: lock.id,
            items: input.items,
            name: t('cards.lock.item'),
            prefix: 'item',
            least: 2,
            editor,
            more: t('cards.lock.anotherItem'),
            begun: begun(),
            take: (items, made) => set({ items }, made),
        }),
    ],
};

/** The first rule takes it all; a later one so much of it that there is something to say about. */
function asListed(match, place) {
    const size = Object.keys(match.order ?? match.pairs).length;

    return place === 0 ? match : { right: { of: match, atLeast: Math.max(1, Math.ceil(size / 2)) } };
}

/** Two columns: what stands in a row belongs together. */
const pairs = {
    matches: ['pairs', 'right', 'anything'],
    begin() {
        const rows = ['first', 'second'];

        return {
            type: 'pairs',
            left: rows.map((name) => ({ id: freshId('left'), md: t(`made.new.items.${name}`) })),
            right: rows.map((name) => ({ id: freshId('right'), md: t(`made.new.partners.${name}`) })),
        };
    },
    match: (words, input, place) => asListed(pairs.whole(input), place),
    whole: (input) => ({
        pairs: Object.fromEntries(
            input.left.map(({ id }, place) => [id, input.right[place]?.id]).filter(([, to]) => to),
        ),
    }),
    fields: ({ lock, input, set, editor }) => [
        el('p', { class: 'help' }, t('cards.lock.pairsHelp')),
        el(
            'div',
            { class: 'option-fields' },
            rowsOf(input).map(([left, right], place) => pairLine({ lock, input, set, editor }, left, right, place)),
            el(
                'button',
                {
                    class: 'link',
                    'data-key': `${lock.id}.more`,
                    onclick: () => set(withRows(input, input.left.length, [['', '']])),
                },
                icon('plus'),
                t('cards.lock.anotherPair'),
            ),
            el(
                'button',
                {
                    class: 'link',
                    'data-key': `${lock.id}.spare`,
                    onclick: () => set({ right: [...input.right, { id: freshId('right'), md: '' }] }),
                },
                icon('plus'),
                t('cards.lock.onePartnerMore'),
            ),
        ),
    ],
};

/** As many rows as the longer column; a partner too many has nobody at its left. */
const rowsOf = ({ left, right }) =>
    Array.from({ length: Math.max(left.length, right.length) }, (_, place) => [left[place], right[place]]);

/** Both columns with the rows of a table from a place on. */
function withRows(input, from, rows) {
    const column = (items, side, prefix) => [
        ...items.slice(0, from),
        ...rows.map((row, at) => ({ ...(items[from + at] ?? { id: freshId(prefix) }), md: row[side] ?? '' })),
        ...items.slice(from + rows.length).filter(({ md }) => rows.length === 1 || !isBegun(md)),
    ];

    return { left: column(input.left, 0, 'left'), right: column(input.right, 1, 'right') };
}

const isBegun = (md) =>
    ['first', 'second'].some((name) => [t(`made.new.items.${name}`), t(`made.new.partners.${name}`)].includes(md));

function pairLine({ lock, input, set, editor }, left, right, place) {
    const change = (side, id, md) => set({ [side]: input[side].map((one) => (one.id === id ? { ...one, md } : one)) });
    const paste = (event) =>
        pasteRows(event, editor, 'pairs', (rows) => {
            const paired = rows.filter((row) => row.left).map((row) => [row.left, row.right]);
            const both = withRows(input, place, paired);
            const alone = rows.filter((row) => !row.left).map((row) => ({ id: freshId('right'), md: row.right }));
            set({ ...both, right: [...both.right, ...alone] });
        });
    const cell = (side, item) =>
        item
            ? line({
                  key: `${lock.id}.${item.id}`,
                  label: t(`cards.lock.${side}Of`, { number: place + 1 }),
                  shown: false,
                  value: item.md,
                  take: (md) => change(side, item.id, md),
                  paste,
              })
            : el('span', { class: 'help' }, t('cards.lock.nobodys'));

    return el(
        'div',
        { class: 'pair-line' },
        cell('left', left),
        cell('right', right),
        input.left.length > 2 || !left
            ? el(
                  'button',
                  {
                      class: 'mover',
                      'aria-label': t('cards.lock.deletePair', { number: place + 1 }),
                      onclick: () =>
                          set({
                              left: input.left.filter((one) => one !== left),
                              right: input.right.filter((one) => one !== right),
                          }),
                  },
                  icon('x'),
              )
            : null,
    );
}

const ARRANGED = { order, pairs };

export { ARRANGED };
