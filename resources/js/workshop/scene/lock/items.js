import { t } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { freshId } from '../../editor/document.js';
import { fileOf } from '../../editor/files.js';
import { line } from '../../editor/fields.js';
import { pasteRows } from '../../editor/pasted.js';

/**
 * A list of what an answer is made of, a line each with words, a picture, or both; a list that is pasted into a line
 * fills as many, and takes the place of the words the list was `begun` with. `take` gets the list, and the edits that
 * bring a picture; `lead` and `below` are what else stands before a line and under it.
 *
 * @param {{key: string, items: any[], name: string, prefix: string, least?: number, editor: any, more: string,
 *     begun?: string[], lead?: (item: any) => any, below?: (item: any) => any,
 *     take: (items: any[], made?: any[]) => void}} options
 */
function itemList({ key, items, name, prefix, least = 1, editor, more, begun = [], lead, below, take }) {
    const change = (id, fields, made) =>
        take(
            items.map((one) => (one.id === id ? { ...one, ...fields } : one)),
            made,
        );
    const newItem = (md = '') => ({ id: freshId(prefix), md });
    const paste = (event, place) =>
        pasteRows(event, editor, 'items', (rows) => {
            const filled = rows.map(({ item: md }, at) => (at === 0 ? { ...items[place], md } : newItem(md)));
            const after = items.slice(place + 1).filter((one) => one.asset || !['', ...begun].includes(one.md));
            take([...items.slice(0, place), ...filled, ...after]);
        });

    return el(
        'div',
        { class: 'option-fields' },
        items.map((item, place) => [
            el(
                'div',
                { class: 'option-line' },
                lead?.(item),
                pictureButton(item, key, editor, change),
                line({
                    key: `${key}.${item.id}`,
                    label: t('cards.items.one', { name, number: place + 1 }),
                    shown: false,
                    value: item.md,
                    take: (md) => change(item.id, { md }),
                    paste: (event) => paste(event, place),
                }),
                items.length > least
                    ? el(
                          'button',
                          {
                              class: 'mover',
                              'aria-label': t('cards.items.delete', { name, number: place + 1 }),
                              onclick: () => take(items.filter((other) => other.id !== item.id)),
                          },
                          icon('x'),
                      )
                    : null,
            ),
            below?.(item),
        ]),
        el(
            'button',
            { class: 'link', 'data-key': `${key}.more`, onclick: () => take([...items, newItem()]) },
            icon('plus'),
            more,
        ),
    );
}

function pictureButton(item, key, editor, change) {
    const file = fileOf(editor.store.game, item.asset);

    return el(
        'button',
        {
            class: 'mover item-picture',
            'data-key': `${key}.${item.id}.picture`,
            'aria-label': t(item.asset ? 'cards.items.otherPicture' : 'cards.items.picture', { what: item.md }),
            title: t('cards.items.picture', { what: item.md }),
            onclick: () => editor.pickPicture((found) => change(item.id, { asset: found.id }, found.edits)),
        },
        file ? el('img', { src: file, alt: '' }) : icon('image'),
    );
}

export { itemList };
