import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon, svg } from '../../lib/tree.js';
import { line, now, pick } from '../editor/fields.js';
import { fileOf } from '../editor/files.js';
import { reduced } from '../editor/reduced.js';
import { list } from '../editor/ways.js';
import { drawingOf } from './drawing.js';
import { SIGNS, resized } from './drawn.js';
import { lockNames, sharesOf } from './shares.js';

/** How long a slider rests before the picture is reduced anew. */
const REST = 200;
const MOST_ROWS = 60;

/** What was last found of each mosaic: in which order its locks keep the secret. */
const orders = new Map();
const asked = new Map();
let resting = null;

/** The card of a mosaic: its picture, cells, colours, and how locks share them. */
function mosaicBody(thing, editor) {
    const set = (fields) => {
        const next = { ...now(editor, thing), ...fields };
        editor.store.edit(
            Object.entries(fields).map(([field, to]) => ({ set: thing.id, field, to })),
            t('edits.labels.mosaic'),
        );
        soon(next, editor);
    };
    if (thing.asset && asked.get(thing.id) !== wish(thing)) soon(thing, editor);

    return [
        el(
            'button',
            {
                class: 'button',
                'data-key': `${thing.id}.picture`,
                onclick: () =>
                    editor.pickPicture((found) => {
                        editor.store.edit(
                            [...found.edits, { set: thing.id, field: 'asset', to: found.id }],
                            t('edits.labels.mosaic'),
                        );
                        soon({ ...now(editor, thing), asset: found.id }, editor);
                    }),
            },
            icon('image'),
            t(thing.asset ? 'cards.looks.anotherPicture' : 'cards.looks.aPicture'),
        ),
        thing.cells && !isDrawn(thing) ? preview(thing) : null,
        slider(thing, 'columns', 8, 80, (columns) => set(onGrid(thing, columns, rowsFor(thing, columns)))),
        slider(thing, 'colours', 2, 24, (colours) => set({ colours })),
        pick({
            key: `${thing.id}.spread`,
            label: t('cards.mosaic.spread'),
            value: thing.spread ?? 'scattered',
            options: Object.entries(wordsAt('cards.mosaic.ways')),
            take: (spread) => set({ spread }),
        }),
        isDrawn(thing) ? drawingOf(thing, editor, cellsOf(thing), set) : null,
        el(
            'button',
            { class: 'link', 'data-key': `${thing.id}.seed`, onclick: () => set({ seed: (thing.seed ?? 1) + 1 }) },
            icon('repeat'),
            t('cards.mosaic.again'),
        ),
        sharesOf(thing, editor, set),
        secrecy(thing, editor),
        thing.cells
            ? el(
                  'p',
                  {},
                  el(
                      'a',
                      { class: 'link', href: `${editor.address}/mosaic/${thing.id}`, 'data-key': `${thing.id}.sheet` },
                      t('cards.mosaic.sheet'),
                  ),
              )
            : null,
        line({
            key: `${thing.id}.label`,
            label: t('cards.mosaic.name'),
            value: thing.label ?? '',
            take: (label) => set({ label }),
        }),
    ];
}

function slider(thing, field, min, max, take) {
    return el(
        'label',
        { class: 'field' },
        el('span', {}, t(`cards.mosaic.${field}`, { count: thing[field] })),
        el('input', {
            type: 'range',
            min,
            max,
            value: thing[field],
            'data-key': `${thing.id}.${field}`,
            onchange: ({ target }) => take(Number(target.value)),
        }),
    );
}

/** Another grid, with what was drawn on the one before. */
function onGrid(thing, columns, rows) {
    return { columns, rows, ...(thing.drawn && { drawn: resized(thing, columns, rows) }) };
}

/** The shape of the picture stays that of its place. */
function rowsFor(thing, columns) {
    const [, , width, height] = thing.box ?? [0, 0, 4, 3];

    return Math.max(2, Math.min(MOST_ROWS, Math.round((columns * height) / width)));
}

/** Whether cells are given to locks by drawing on the picture, which stands for the preview then. */
const isDrawn = ({ cells, spread, by }) => Boolean(cells) && spread === 'drawn' && list(by).length > 0;

function preview(thing) {
    const whole = { viewBox: `0 0 ${thing.columns} ${thing.rows}`, role: 'img', 'aria-label': t('cards.mosaic.whole') };

    return el('div', { class: 'mosaic-preview' }, svg('svg', whole, cellsOf(thing)));
}

/** A path for each colour. */
function cellsOf({ cells = '', columns, palette = [] }) {
    return palette.map((fill, at) =>
        svg('path', {
            fill,
            'shape-rendering': 'crispEdges',
            d: [...cells]
                .map((sign, cell) =>
                    sign === SIGNS[at] ? `M${cell % columns} ${Math.floor(cell / columns)}h1v1h-1z` : '',
                )
                .join(''),
        }),
    );
}

/** How much is recognised after each lock, in the order that keeps the secret longest. */
function secrecy(thing, editor) {
    const order = orders.get(thing.id) ?? [];
    const locks = lockNames(editor.store.game);
    const first = order.find(([, score]) => score >= 0.5);

    return order.length === 0
        ? el('p', { class: 'help' }, t('cards.mosaic.noLocks'))
        : el(
              'details',
              { class: 'card-more', 'data-key': `${thing.id}.secrecy` },
              el('summary', {}, t('cards.mosaic.keeps', { count: order.indexOf(first) + 1, of: order.length })),
              el(
                  'ol',
                  { class: 'mosaic-order' },
                  order.map(([lock, score]) =>
                      el(
                          'li',
                          {},
                          t('cards.mosaic.after', {
                              lock: locks.get(list(thing.by)[lock]?.lock) ?? '…',
                              share: Math.round(100 * score),
                          }),
                      ),
                  ),
              ),
          );
}

/** What the reduction depends on. */
const wish = ({ asset, columns, rows, colours, spread, seed, by, drawn }) =>
    JSON.stringify([asset, columns, rows, colours, spread, seed, by, drawn]);

function soon(thing, editor) {
    asked.set(thing.id, wish(thing));
    clearTimeout(resting);
    resting = setTimeout(() => reduce(thing, editor), REST);
}

/** Has the picture reduced on the server, and keeps what comes of it. */
async function reduce(thing, editor) {
    const shares = list(thing.by).map(({ share = 1 }) => share);
    const found = await reduced(fileOf(editor.store.game, thing.asset), thing, shares, editor);
    if (!found || asked.get(thing.id) !== wish(thing)) return;
    orders.set(thing.id, found.order);
    const held = now(editor, thing);
    if (held.cells !== found.cells || String(held.palette) !== String(found.palette))
        editor.store.edit(
            [
                { set: thing.id, field: 'palette', to: found.palette },
                { set: thing.id, field: 'cells', to: found.cells },
            ],
            t('edits.labels.mosaic'),
        );
    editor.draw();
}

export { cellsOf, mosaicBody };
