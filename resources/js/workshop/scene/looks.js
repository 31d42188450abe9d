import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { drawnWords } from '../../lib/words.js';
import { roomFor } from './stage/draw.js';
import { blankLock } from '../editor/blank-lock.js';
import { said } from '../editor/marks.js';
import { area, line, now, pick, tick } from '../editor/fields.js';
import { rightsFields } from '../editor/rights.js';

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
                  says: editor,
                  label: t('cards.looks.words'),
                  shown: true,
                  rows: 3,
                  value: thing.md ?? '',
                  take: (md) => put('md', md, roomFor({ ...now(editor, thing), md }, editor)),
              })
            : null,
        isStage ? null : asDrawn(said(thing.md, editor.store.game)),
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
                                ...blankLock(t('made.new.ask')),
                            },
                            t('edits.labels.aPictureThatIsA'),
                        ),
                },
                icon('lock'),
                t('cards.looks.itAsksForAnAnswer'),
            ),
        ),
        rightsFields(asset, editor),
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
            says: editor,
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

export { altField, linkBody, pictureBody, textBody };
