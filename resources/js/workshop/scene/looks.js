import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { drawnWords } from '../../lib/words.js';
import { roomFor } from './stage/draw.js';
import { area, line, now, pick, tick } from '../editor/fields.js';
import { reactionsField } from './reactions.js';

/** The cards of things that only show: words, pictures, covers, links. What each may have and no more. */

const set =
    (editor, thing, label) =>
    (field, to, edits = []) =>
        editor.store.edit([...edits, { set: thing.id, field, to }], label);

function textBody(thing, editor) {
    const put = set(editor, thing, t('edits.labels.wordsOfTheText'));
    const isStage = thing.box !== undefined;

    return [
        isStage
            ? area({
                  key: `${thing.id}.card-md`,
                  label: t('cards.looks.words'),
                  shown: true,
                  rows: 3,
                  value: thing.md ?? '',
                  take: (md) => put('md', md, roomFor({ ...now(editor, thing), md })),
              })
            : null,
        isStage ? null : asDrawn(thing.md ?? ''),
        el('p', { class: 'help' }, t('cards.looks.starsMakeItalicsTwoMake')),
        isStage
            ? el(
                  'div',
                  { class: 'card-row' },
                  pick({
                      key: `${thing.id}.size`,
                      label: t('cards.looks.size'),
                      value: thing.size ?? 'body',
                      options: Object.entries(wordsAt('workshop.sizes')),
                      take: (size) => put('size', size),
                  }),
                  pick({
                      key: `${thing.id}.colour`,
                      label: t('cards.looks.colour'),
                      value: thing.colour ?? 'ink',
                      options: Object.entries(wordsAt('workshop.colours')),
                      take: (colour) => put('colour', colour),
                  }),
              )
            : null,
        isStage
            ? tick({
                  key: `${thing.id}.plate`,
                  label: t('cards.looks.onAPlateOfPaper'),
                  value: Boolean(thing.plate),
                  take: (on) => put('plate', on || undefined),
              })
            : null,
        staysField(thing, editor),
    ];
}

/** A text with marks as students will see it; on a stage it stands there so. */
function asDrawn(md) {
    return /[*_#$|`>]|^[-\d]/m.test(md)
        ? el(
              'div',
              { class: 'as-drawn', 'aria-label': t('cards.looks.asStudentsSeeIt'), role: 'group' },
              drawnWords(md),
          )
        : null;
}

function pictureBody(thing, editor) {
    const asset = editor.store.game.assets?.find((one) => one.id === thing.asset);
    const become = (fields, label) =>
        editor.store.edit(
            Object.entries(fields).map(([field, to]) => ({ set: thing.id, field, to })),
            label,
        );

    return [
        altField(asset, editor),
        staysField(thing, editor),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${thing.id}.change`,
                onclick: () =>
                    editor.pickPicture((found) =>
                        set(editor, thing, t('edits.labels.picture'))('asset', found.id, found.edits),
                    ),
            },
            icon('image'),
            t('cards.looks.anotherPicture'),
        ),
        asset && asset.type !== 'image/svg+xml'
            ? el(
                  'button',
                  {
                      class: 'link',
                      'data-key': `${thing.id}.clear`,
                      onclick: () => editor.clearBackground(thing.id),
                  },
                  icon('eraser'),
                  t('cards.looks.makeItsBackgroundClear'),
              )
            : null,
        el(
            'div',
            { class: 'card-part' },
            el('h3', { class: 'caps' }, t('cards.looks.whenItIsTapped')),
            el(
                'button',
                {
                    class: 'button',
                    'data-key': `${thing.id}.acts`,
                    onclick: () =>
                        become(
                            { kind: 'choice', look: 'picture', md: '', react: [{ go: '' }] },
                            t('edits.labels.aPictureThatDoesSomething'),
                        ),
                },
                icon('signpost'),
                t('cards.looks.itLeadsSomewhereOrSays'),
            ),
            el(
                'button',
                {
                    class: 'button',
                    'data-key': `${thing.id}.asks`,
                    onclick: () =>
                        become(
                            {
                                kind: 'lock',
                                look: 'picture',
                                label: asset?.alt ?? '',
                                ask: t('made.new.ask'),
                                input: { type: 'text' },
                                rules: [{ match: { equals: [] }, verdict: 'open', say: '', go: '' }],
                                otherwise: [],
                            },
                            t('edits.labels.aPictureThatIsA'),
                        ),
                },
                icon('lock'),
                t('cards.looks.itAsksForAnAnswer'),
            ),
        ),
        asset?.credit
            ? el('p', { class: 'help' }, `${asset.credit}${asset.licence ? ` · ${asset.licence}` : ''}`)
            : null,
    ];
}

/** Words for those who don't see it, asked for where the picture is. */
function altField(asset, editor) {
    return asset
        ? line({
              key: `${asset.id}.alt`,
              label: t('cards.looks.whatItShowsForThose'),
              value: asset.alt ?? '',
              hint: t('cards.looks.aFewWords'),
              take: (alt) =>
                  editor.store.edit({ set: asset.id, field: 'alt', to: alt }, t('edits.labels.wordsForAPicture')),
          })
        : null;
}

/** A reference that students keep before them while they answer. */
function staysField(thing, editor) {
    return tick({
        key: `${thing.id}.stays`,
        label: t('cards.looks.staysInViewWhileStudents'),
        value: Boolean(thing.stays),
        take: (on) => set(editor, thing, t('edits.labels.staysInView'))('stays', on || undefined),
    });
}

/** How a choice or a lock stands on a stage. */
function lookFields(thing, editor) {
    if (thing.box === undefined) return null;
    const put = set(editor, thing, t('edits.labels.look'));
    const plain = thing.kind === 'lock' ? 'plate' : 'button';
    const asset = editor.store.game.assets?.find((one) => one.id === thing.asset);

    return el(
        'div',
        { class: 'card-part' },
        pick({
            key: `${thing.id}.look`,
            label: t('cards.looks.looksLike'),
            value: thing.look ?? plain,
            options: [
                [plain, wordsAt('workshop.looks')[plain]],
                ['picture', t('workshop.looks.picture')],
                ['clear', t('workshop.looks.clear')],
            ],
            take: (look) =>
                look === 'picture' && !asset
                    ? editor.pickPicture((found) =>
                          editor.store.edit(
                              [
                                  ...found.edits,
                                  { set: thing.id, field: 'asset', to: found.id },
                                  { set: thing.id, field: 'look', to: 'picture' },
                              ],
                              t('edits.labels.look'),
                          ),
                      )
                    : put(t('edits.labels.look'), look),
        }),
        thing.look === 'picture'
            ? el(
                  'button',
                  {
                      class: 'link',
                      'data-key': `${thing.id}.change`,
                      onclick: () => editor.pickPicture((found) => put('asset', found.id, found.edits)),
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

function coverBody(thing, editor) {
    const put = set(editor, thing, t('edits.labels.cover'));
    const face = (side) => ({ ...(now(editor, thing)[side] ?? {}) });
    const faceFields = (side, name) =>
        el(
            'div',
            { class: 'card-part' },
            el('h3', { class: 'caps' }, name),
            area({
                key: `${thing.id}.${side}`,
                label: name,
                value: thing[side]?.md ?? '',
                hint: t('cards.looks.wordsIfAny'),
                take: (md) => put(side, { ...face(side), md }),
            }),
            el(
                'button',
                {
                    class: 'link',
                    'data-key': `${thing.id}.${side}.picture`,
                    onclick: () =>
                        editor.pickPicture((found) => put(side, { ...face(side), asset: found.id }, found.edits)),
                },
                icon('image'),
                thing[side]?.asset ? t('cards.looks.anotherPicture') : t('cards.looks.aPicture'),
            ),
        );
    const locks = editor.store.game.scenes.flatMap((scene) =>
        (scene.things ?? []).filter((one) => one.kind === 'lock').map((lock) => [lock.id, lock.label || lock.ask]),
    );

    return [
        faceFields('front', t('cards.looks.whatCovers')),
        faceFields('back', t('cards.looks.whatIsUnderIt')),
        pick({
            key: `${thing.id}.opens`,
            label: t('cards.looks.liftedBy'),
            value: thing.opens ?? 'tap',
            options: Object.entries(wordsAt('workshop.opens')),
            take: (opens) => put('opens', opens),
        }),
        thing.opens === 'lock'
            ? pick({
                  key: `${thing.id}.lock`,
                  label: t('cards.looks.whichLock'),
                  value: thing.lock ?? '',
                  options: [['', t('cards.looks.choose')], ...locks],
                  take: (lock) => put('lock', lock || undefined),
              })
            : tick({
                  key: `${thing.id}.toggle`,
                  label: t('cards.looks.aSecondTapCoversIt'),
                  value: Boolean(thing.toggle),
                  take: (on) => put('toggle', on),
              }),
        line({
            key: `${thing.id}.card-label`,
            label: t('cards.looks.nameForOthers'),
            value: thing.label ?? '',
            take: (label) => put('label', label),
        }),
        reactionsField(thing, 'react', editor),
    ];
}

function linkBody(thing, editor) {
    const put = set(editor, thing, t('edits.labels.link'));

    return [
        line({
            key: `${thing.id}.url`,
            label: t('cards.looks.addressOfThePage'),
            type: 'url',
            value: thing.url ?? '',
            hint: 'https://',
            take: (url) => put('url', /^https?:\/\//i.test(url) || url === '' ? url : `https://${url}`),
        }),
        area({
            key: `${thing.id}.link-md`,
            label: t('cards.looks.whatToLookForThere'),
            shown: true,
            rows: 2,
            value: thing.md ?? '',
            take: (md) => put('md', md),
        }),
        line({
            key: `${thing.id}.card-label`,
            label: t('cards.looks.nameOfTheLink'),
            value: thing.label ?? '',
            take: (label) => put('label', label),
        }),
        el('p', { class: 'help' }, t('cards.looks.itOpensApartThePlay')),
    ];
}

export { altField, coverBody, linkBody, lookFields, pictureBody, textBody };
