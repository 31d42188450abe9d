import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { area, pick } from '../editor/fields.js';
import { fileOf } from '../editor/files.js';

const KINDS = ['item', 'clue', 'badge', 'flag'];

/** What a token is to those who hold it: its kind, what it says when it is opened, and its picture. */
function heldField(token, editor) {
    const set = (field, to, made = []) =>
        editor.store.edit([...made, { set: token.id, field, to }], t('edits.labels.whatIsHeld'));
    const sorts = wordsAt('workshop.sheet.sorts');

    return el(
        'details',
        { class: 'card-more', 'data-key': `${token.id}.held` },
        el('summary', {}, icon('backpack'), t('cards.held.heading')),
        pick({
            key: `${token.id}.kind`,
            label: t('cards.held.kind'),
            value: token.kind ?? 'item',
            options: KINDS.map((kind) => [kind, sorts[kind]]),
            take: (kind) => set('kind', kind),
        }),
        token.kind === 'flag' ? null : [wordsField(token, set, editor), pictureField(token, set, editor)],
    );
}

function wordsField(token, set, editor) {
    return area({
        key: `${token.id}.md`,
        label: t('cards.held.words'),
        shown: true,
        rows: 2,
        value: token.md ?? '',
        says: editor,
        take: (md) => set('md', md),
    });
}

function pictureField(token, set, editor) {
    const file = fileOf(editor.store.game, token.asset);

    return el(
        'div',
        { class: 'small-line' },
        el(
            'button',
            {
                class: 'mover item-picture',
                'data-key': `${token.id}.picture`,
                'aria-label': t(token.asset ? 'cards.held.otherPicture' : 'cards.held.picture'),
                onclick: () => editor.pickPicture((found) => set('asset', found.id, found.edits)),
            },
            file ? el('img', { src: file, alt: '' }) : icon('image'),
        ),
        file
            ? el(
                  'button',
                  {
                      class: 'link',
                      'data-key': `${token.id}.bare`,
                      onclick: () => set('asset', undefined),
                  },
                  t('cards.held.withoutPicture'),
              )
            : t('cards.held.picture'),
    );
}

export { heldField };
