import { t } from '../../../../lib/catalogue.js';
import { el, icon } from '../../../../lib/tree.js';
import { fileOf } from '../../../editor/files.js';

/** A place on a picture; where nothing else is chosen it is the picture behind the scene. */
const point = {
    matches: ['inside', 'anything'],
    begin: (words, others, scene) => ({ type: 'point', asset: scene?.backdrop?.asset ?? null }),
    match: () => ({ inside: [] }),
    fields: ({ lock, input, set, editor }) => [
        fileOf(editor.store.game, input.asset) ? null : el('p', { class: 'help' }, t('cards.lock.pointHelp')),
        el(
            'button',
            {
                class: fileOf(editor.store.game, input.asset) ? 'link' : 'button',
                'data-key': `${lock.id}.point-picture`,
                onclick: () => editor.pickPicture((found) => set({ asset: found.id }, found.edits)),
            },
            icon('image'),
            t(input.asset ? 'cards.lock.otherPicture' : 'cards.lock.choosePicture'),
        ),
    ],
};

export { point };
