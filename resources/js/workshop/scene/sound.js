import { t } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';

/** The sound of a scene or of a cover: heard once a student wants sounds. */
function soundField(part, editor) {
    const asset = editor.store.game.assets?.find(({ id }) => id === part.sound);
    const put = (to, made = []) =>
        editor.store.edit(
            [...made, to ? { set: part.id, field: 'sound', to } : { set: part.id, field: 'sound' }],
            t('edits.labels.sound'),
        );

    return el(
        'div',
        { class: 'small-line', 'data-key': `${part.id}.sound` },
        icon('volume-2'),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${part.id}.sound.pick`,
                onclick: () =>
                    editor.bringFilm(({ fields, edits }) =>
                        fields.asset ? put(fields.asset, edits) : editor.alarm(t('films.soundOwn')),
                    ),
            },
            asset ? t('films.soundIs', { name: asset.alt || t('films.sound') }) : t('films.soundAdd'),
        ),
        asset
            ? el(
                  'button',
                  { class: 'link', 'data-key': `${part.id}.sound.off`, onclick: () => put(null) },
                  t('films.soundOff'),
              )
            : null,
    );
}

export { soundField };
