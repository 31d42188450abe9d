import { t, wordsAt } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { line, now, pick } from '../../editor/fields.js';

/** How a choice or a lock stands on a stage. */
function lookFields(thing, editor) {
    if (thing.box === undefined) return null;
    const put = (field, to) => editor.store.edit({ set: thing.id, field, to }, t('edits.labels.look'));
    const plain = thing.kind === 'lock' ? 'plate' : 'button';
    const asset = editor.store.game.assets?.find((one) => one.id === thing.asset);

    return el(
        'div',
        { class: 'card-part' },
        pick({
            key: `${thing.id}.look`,
            label: t('cards.looks.looksLike'),
            value: thing.look === 'object' ? `object ${thing.object ?? 'padlock'}` : (thing.look ?? plain),
            options: [
                [plain, wordsAt('workshop.looks')[plain]],
                ...(thing.kind === 'lock' ? objects() : []),
                ['picture', t('workshop.looks.picture')],
                ['clear', t('workshop.looks.clear')],
            ],
            take: (look) =>
                look.startsWith('object ')
                    ? becomeObject(thing, look.split(' ')[1], editor)
                    : look === 'picture' && !asset
                      ? editor.pickPicture((found) =>
                            editor.store.edit(
                                [...ownPicture(thing, found, editor), { set: thing.id, field: 'look', to: 'picture' }],
                                t('edits.labels.look'),
                            ),
                        )
                      : put('look', look),
        }),
        thing.look === 'picture'
            ? el(
                  'button',
                  {
                      class: 'link',
                      'data-key': `${thing.id}.change`,
                      onclick: () =>
                          editor.pickPicture((found) =>
                              editor.store.edit(ownPicture(thing, found, editor), t('edits.labels.look')),
                          ),
                  },
                  icon('image'),
                  t('cards.looks.anotherPicture'),
              )
            : null,
        thing.look === 'clear'
            ? pick({
                  key: `${thing.id}.shape`,
                  label: t('cards.looks.shape'),
                  value: thing.shape ?? 'rect',
                  options: Object.entries(wordsAt('workshop.shapes')),
                  take: (shape) => put('shape', shape === 'rect' ? undefined : shape),
              })
            : null,
        thing.look && thing.look !== plain
            ? line({
                  key: `${thing.id}.card-label`,
                  label: t('cards.looks.nameForList'),
                  value: thing.label ?? '',
                  take: (label) => put('label', label),
              })
            : null,
    );
}

/** What a lock may stand as that opens visibly, each as it is called. */
const objects = () => Object.entries(wordsAt('workshop.objects')).map(([name, words]) => [`object ${name}`, words]);

/** A thing that opens is about as high as wide: a plate becomes that where its middle was. */
function becomeObject(thing, object, editor) {
    const [x, y, width, height] = thing.box;
    const size = Math.max(140, Math.min(260, height * 2));
    const box = [x + (width - size) / 2, y + (height - size) / 2, size, size].map(Math.round);
    const isPlate = (thing.look ?? 'plate') === 'plate';
    const fields = { look: 'object', object, ...(isPlate ? { box: inside(box) } : {}) };
    editor.store.edit(
        Object.entries(fields).map(([field, to]) => ({ set: thing.id, field, to })),
        t('edits.labels.look'),
    );
}

/** A picture of one's own: what is tapped gets its proportions, as large as it was and where its middle was. */
function ownPicture(thing, found, editor) {
    const [x, y, width, height] = now(editor, thing).box;
    const ratio = found.width / found.height || 1;
    const high = Math.min(900, 1600 / ratio, Math.sqrt((width * height) / ratio));
    const box = [x + (width - high * ratio) / 2, y + (height - high) / 2, high * ratio, high];

    return [
        ...found.edits,
        { set: thing.id, field: 'asset', to: found.id },
        { set: thing.id, field: 'box', to: inside(box.map(Math.round)) },
        ...(thing.shape ? [{ set: thing.id, field: 'shape' }] : []),
    ];
}

/** No part of it off the stage. */
const inside = (/** @type {number[]} */ [x, y, width, height]) => [
    Math.min(1600 - width, Math.max(0, x)),
    Math.min(900 - height, Math.max(0, y)),
    width,
    height,
];

export { lookFields };
