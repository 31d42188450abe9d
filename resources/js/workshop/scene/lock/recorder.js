import { t } from '../../../lib/catalogue.js';
import { SWATCHES } from '../../../lib/palette.js';
import { classes } from '../../../lib/dom.js';
import { el, icon, svg } from '../../../lib/tree.js';
import { fileOf } from '../../editor/files.js';

/**
 * An answer recorded by pressing the very keys that students press. When every place is filled the next press begins
 * anew.
 *
 * @param {{key: string, label: string, choices: {id: string, md?: string, asset?: string, sign?: string, name?: string,
 *     colour?: string}[], length: number, value: string[], editor: any, take: (value: string[]) => void}} options
 */
function recorder({ key, label, choices, length, value, editor, take }) {
    const press = (id) => take(value.length < length ? [...value, id] : [id]);

    return el(
        'div',
        { class: 'recorder', role: 'group', 'aria-label': label },
        el(
            'ol',
            { class: 'recorded' },
            Array.from({ length }, (_, place) =>
                el(
                    'li',
                    {},
                    faceOf(
                        choices.find(({ id }) => id === value[place]),
                        editor,
                    ),
                ),
            ),
            value.length > 0
                ? el(
                      'li',
                      { class: 'recorded-tool' },
                      el(
                          'button',
                          {
                              class: 'mover',
                              'data-key': `${key}.erase`,
                              'aria-label': t('cards.items.erase'),
                              onclick: () => take(value.slice(0, -1)),
                          },
                          icon('delete'),
                      ),
                  )
                : null,
        ),
        el(
            'div',
            { class: 'recorder-keys' },
            choices.map((choice) =>
                el(
                    'button',
                    {
                        class: classes('recorder-key', value.length < length && 'is-wanted'),
                        'data-key': `${key}.press.${choice.id}`,
                        'aria-label': nameOf(choice, editor),
                        onclick: () => press(choice.id),
                    },
                    faceOf(choice, editor),
                ),
            ),
        ),
    );
}

function nameOf(choice, editor) {
    const asset = editor.store.game.assets?.find((one) => one.id === choice.asset);

    return choice.name ?? (choice.md || asset?.alt || choice.id);
}

function faceOf(choice, editor) {
    if (!choice) return null;
    if (choice.sign) return icon(choice.sign);
    if (choice.colour) return swatch(choice.colour);
    const file = fileOf(editor.store.game, choice.asset);

    return file ? el('img', { src: file, alt: '' }) : el('span', {}, choice.md);
}

/** A colour of an answer, with a picture of its own. */
function swatch(colour) {
    return svg(
        'svg',
        { class: `swatch-shape swatch-${colour in SWATCHES ? colour : 'other'}`, viewBox: '0 0 24 24' },
        svg('path', { 'fill-rule': 'evenodd', d: SWATCHES[colour] ?? SWATCHES.other }),
    );
}

export { recorder, swatch };
