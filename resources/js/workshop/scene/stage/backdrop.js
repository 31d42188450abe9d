import { t, wordsAt } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { PALETTE } from '../../../lib/palette.js';
import { now, pick } from '../../editor/fields.js';
import { takeFile, takeSetting } from '../../editor/pictures.js';

const COLOURS = ['sand', 'paper', 'haze', 'deep', 'ink', 'moss', 'dusk', 'signal', 'lamp'].map((name) => PALETTE[name]);

let tone = 'lamplight';

/** What stands behind everything: a made setting, a colour or a picture. It never moves. */
function backdropFields(scene, editor) {
    const set = (fields, edits = []) =>
        editor.store.edit(
            [
                ...edits,
                {
                    set: scene.id,
                    field: 'backdrop',
                    to: { asset: null, colour: null, alt: '', ...now(editor, scene).backdrop, ...fields },
                },
            ],
            t('edits.labels.backdrop'),
        );
    const { settings, tones } = wordsAt('workshop');

    return el(
        'div',
        { class: 'card-part' },
        el('h3', { class: 'caps' }, t('stage.backdrop.heading')),
        el(
            'div',
            { class: 'setting-grid' },
            Object.entries(settings).map(([kind, name]) =>
                el(
                    'button',
                    {
                        class: `setting-choice${scene.backdrop?.made?.kind === kind ? ' chosen' : ''}`,
                        'data-key': `setting.${kind}`,
                        title: name,
                        'aria-label': name,
                        onclick: () =>
                            takeSetting(kind, tone, editor, ({ id, edits }) =>
                                set({ asset: id, made: { kind, tone } }, edits),
                            ),
                    },
                    el('img', { src: `/settings/${kind}/${tone}.svg`, alt: '', loading: 'lazy' }),
                ),
            ),
        ),
        pick({
            key: 'setting.tone',
            label: t('stage.backdrop.lightOfTheSettings'),
            value: tone,
            options: Object.entries(tones),
            take: (to) => {
                tone = to;
                const made = now(editor, scene).backdrop?.made;
                if (made)
                    takeSetting(made.kind, to, editor, ({ id, edits }) =>
                        set({ asset: id, made: { kind: made.kind, tone: to } }, edits),
                    );
                else editor.draw();
            },
        }),
        el(
            'div',
            { class: 'colour-row', role: 'group', 'aria-label': t('stage.backdrop.aPlainColour') },
            COLOURS.map((colour) =>
                swatch(colour, scene.backdrop?.colour === colour && !scene.backdrop?.asset, () =>
                    set({ asset: null, made: undefined, colour }),
                ),
            ),
        ),
        el(
            'label',
            { class: 'button file-label' },
            icon('upload'),
            t('stage.backdrop.aPictureOfYourOwn'),
            el('input', {
                type: 'file',
                accept: 'image/*',
                class: 'plain file-own',
                'aria-label': t('stage.backdrop.aPictureForTheBackdrop'),
                onchange: ({ target }) =>
                    target.files[0] &&
                    takeFile(target.files[0], editor, ({ id, edits }) => set({ asset: id, made: undefined }, edits)),
            }),
        ),
    );
}

function swatch(colour, isChosen, act) {
    return el('button', {
        class: `swatch${isChosen ? ' chosen' : ''}`,
        'data-key': `colour.${colour}`,
        'aria-label': t('stage.backdrop.colour', { colour }),
        'aria-pressed': String(isChosen),
        onclick: act,
        ref: (button) => button && (button.style.backgroundColor = colour),
    });
}

export { backdropFields };
