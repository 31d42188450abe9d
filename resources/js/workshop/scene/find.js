import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { freshId } from '../editor/document.js';
import { fileOf } from '../editor/files.js';
import { pasteRows } from '../editor/pasted.js';
import { area, line, now, pick, tick } from '../editor/fields.js';
import { list } from '../editor/ways.js';
import { reactionsField } from './reactions.js';

/** The card of a find-it board: its prompts with their boxes, what is mixed, what becomes of right and wrong ones. */
function findBody(thing, editor) {
    const put = (field, to, made = []) =>
        editor.store.edit([...made, { set: thing.id, field, to }], t('edits.labels.find'));

    return [
        area({
            key: `${thing.id}.start`,
            says: editor,
            label: t('cards.find.start'),
            shown: true,
            value: thing.start ?? '',
            hint: t('cards.find.noStart'),
            take: (start) => put('start', start),
        }),
        rowsOf(thing, editor, put),
        choiceOf(thing, 'mixed', ['prompts', 'boxes', 'both'], put),
        choiceOf(thing, 'found', ['marked', 'gone'], put),
        tick({
            key: `${thing.id}.quiet`,
            label: t('cards.find.quiet'),
            value: Boolean(thing.quiet),
            take: (on) => put('quiet', on || undefined),
        }),
        tick({
            key: `${thing.id}.again`,
            label: t('cards.find.again'),
            value: Boolean(thing.again),
            take: (on) => put('again', on || undefined),
        }),
        reactionsField(thing, 'otherwise', editor, t('cards.find.wrong')),
        reactionsField(thing, 'react', editor, t('cards.find.all')),
        line({
            key: `${thing.id}.card-label`,
            label: t('cards.looks.nameForOthers'),
            value: thing.label ?? '',
            take: (label) => put('label', label),
        }),
    ];
}

function choiceOf(thing, field, ways, put) {
    return pick({
        key: `${thing.id}.${field}`,
        label: t(`cards.find.${field}`),
        value: thing[field] ?? ways[0],
        options: ways.map((way) => [way, t(`patterns.choices.${way}`)]),
        take: (way) => put(field, way),
    });
}

/** A row for each box: its prompt, the words on it, its picture. Rows that are pasted fill as many. */
function rowsOf(thing, editor, put) {
    const boxes = list(thing.boxes);
    const held = () => list(now(editor, thing).boxes);
    const change = (id, fields, made) =>
        put(
            'boxes',
            held().map((box) => (box.id === id ? { ...box, ...fields } : box)),
            made,
        );
    const paste = (event, place) => {
        const before = held();
        pasteRows(event, editor, 'boxes', (rows) => {
            const filled = rows.map(({ prompt, box }, at) => ({
                ...(at === 0 ? before[place] : newBox()),
                ask: prompt,
                md: box,
            }));
            put('boxes', [...before.slice(0, place), ...filled, ...before.slice(place + 1)]);
        });
    };

    return el(
        'div',
        { class: 'card-part', 'data-key': `${thing.id}.boxes` },
        el('h3', { class: 'caps' }, t('cards.find.boxes', { count: boxes.length })),
        el('p', { class: 'help' }, t('cards.find.boxesHelp')),
        boxes.map((box, place) => rowOf({ thing, box, place, editor, change, put, held, paste })),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${thing.id}.more`,
                onclick: () => put('boxes', [...held(), newBox()]),
            },
            icon('plus'),
            t('cards.find.more'),
        ),
    );
}

const newBox = () => ({ id: freshId('box'), ask: '', md: '' });

function rowOf({ thing, box, place, editor, change, put, held, paste }) {
    const number = place + 1;
    const file = fileOf(editor.store.game, box.asset);
    const asset = editor.store.game.assets?.find((one) => one.id === box.asset);
    const cell = (field) =>
        line({
            key: `${thing.id}.${box.id}.${field}`,
            label: t(`cards.find.cells.${field}`, { number }),
            shown: false,
            value: box[field] ?? '',
            hint: t(`cards.find.hints.${field}`),
            take: (to) => change(box.id, { [field]: to }),
            paste: (event) => paste(event, place),
        });

    return el(
        'div',
        { class: 'find-row', 'data-key': `${thing.id}.${box.id}` },
        cell('ask'),
        cell('md'),
        el(
            'button',
            {
                class: 'mover item-picture',
                'data-key': `${thing.id}.${box.id}.picture`,
                'aria-label': t('cards.find.picture', { number }),
                title: t('cards.find.picture', { number }),
                onclick: () => editor.pickPicture((found) => change(box.id, { asset: found.id }, found.edits)),
            },
            file ? el('img', { src: file, alt: '' }) : icon('image'),
        ),
        el(
            'button',
            {
                class: 'mover',
                'data-key': `${thing.id}.${box.id}.delete`,
                'aria-label': t('cards.find.delete', { number }),
                onclick: () =>
                    put(
                        'boxes',
                        held().filter((one) => one.id !== box.id),
                    ),
            },
            icon('x'),
        ),
        asset
            ? line({
                  key: `${thing.id}.${box.id}.alt`,
                  label: t('cards.find.alt', { number }),
                  shown: false,
                  value: asset.alt ?? '',
                  hint: t('cards.find.hints.alt'),
                  take: (alt) => editor.store.edit({ set: asset.id, field: 'alt', to: alt }, t('edits.labels.find')),
              })
            : null,
    );
}

/** What a stage shows as asked. */
const firstPrompt = (thing) => list(thing.boxes).find((box) => box.ask)?.ask ?? wordsAt('workshop.kinds').find;

export { findBody, firstPrompt };
