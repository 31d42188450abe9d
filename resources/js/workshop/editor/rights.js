import { t, wordsAt } from '../../lib/catalogue.js';
import { el } from '../../lib/tree.js';
import { line } from './fields.js';

/** Where a medium comes from, and under which licence: asked for where it is shown, and kept with the file. */
function rightsFields(asset, editor) {
    if (!asset) return null;
    const put = (field) => (to) => editor.store.edit({ set: asset.id, field, to }, t('edits.labels.sourceOrLicence'));
    const list = `licences.${asset.id}`;

    return el(
        'div',
        { class: 'card-row rights', 'data-key': `${asset.id}.rights` },
        line({
            key: `${asset.id}.credit`,
            label: t('films.source'),
            hint: t('films.sourceHint'),
            value: asset.credit ?? '',
            take: put('credit'),
        }),
        line({
            key: `${asset.id}.licence`,
            label: t('films.licence'),
            value: asset.licence ?? '',
            list,
            take: put('licence'),
        }),
        el(
            'datalist',
            { id: list },
            Object.values(wordsAt('films.licences')).map((value) => el('option', { value })),
        ),
    );
}

export { rightsFields };
