import { t, wordsAt } from '../../../../lib/catalogue.js';
import { SWATCHES } from '../../../../lib/palette.js';
import { el, icon } from '../../../../lib/tree.js';
import { freshId } from '../../../editor/document.js';
import { line, now } from '../../../editor/fields.js';
import { itemList } from '../items.js';
import { swatch } from '../recorder.js';
import { places } from './typed.js';

/** What a pad of signs begins with. */
const SIGNS = ['★', '●', '▲', '■', '◆', '✚'];
const COLOURS = ['red', 'yellow', 'green', 'blue'];

const DIRECTIONS = [
    { id: 'U', sign: 'arrow-up' },
    { id: 'L', sign: 'arrow-left' },
    { id: 'R', sign: 'arrow-right' },
    { id: 'D', sign: 'arrow-down' },
];

const keys = {
    matches: ['order', 'anything'],
    begin(words) {
        const signs = [...new Set([...(words[0] ?? '')].filter((sign) => sign.trim()))];
        const isSpelt = signs.length >= 2 && signs.length <= 12;

        return {
            type: 'keys',
            keys: (isSpelt ? signs.sort() : SIGNS).map((md) => ({ id: freshId('key'), md })),
            length: isSpelt ? [...words[0]].filter((sign) => sign.trim()).length : 3,
            columns: 3,
        };
    },
    match(words, input) {
        const ids = [...(words[0] ?? '')].map((sign) => input.keys.find((key) => key.md === sign)?.id);

        return { order: ids.includes(undefined) ? [] : ids };
    },
    choices: (input) => input.keys,
    beside: ({ lock, input, set }) => places(lock, input, set, 'cards.lock.places', 40),
    fields: ({ lock, input, set, editor }) => [
        itemList({
            key: lock.id,
            items: input.keys,
            name: t('cards.lock.key'),
            prefix: 'key',
            least: 2,
            editor,
            more: t('cards.lock.anotherKey'),
            begun: SIGNS,
            take: (items, made) => set({ keys: items }, made),
        }),
        el(
            'div',
            { class: 'card-row' },
            el(
                'button',
                {
                    class: 'link',
                    'data-key': `${lock.id}.pictures`,
                    onclick: () => editor.pickPicture((found) => addPicture(lock, found, set, editor), true),
                },
                icon('image'),
                t('cards.lock.keysFromPictures'),
            ),
            line({
                key: `${lock.id}.columns`,
                label: t('cards.lock.keysInARow'),
                type: 'number',
                value: input.columns ?? 3,
                take: (columns) => set({ columns: Math.min(12, Math.max(1, Number(columns) || 3)) }),
            }),
        ),
    ],
};

/** One key more, of a picture; the signs that the pad was begun with make room for it. */
function addPicture(lock, found, set, editor) {
    const keys = now(editor, lock).input.keys.filter((key) => key.asset || !SIGNS.includes(key.md));
    set({ keys: [...keys, { id: freshId('key'), md: '', asset: found.id }] }, found.edits);
    editor.draw();
}

const arrows = {
    matches: ['equals', 'anything'],
    begin: (words) => ({ type: 'arrows', length: spelt(words[0] ?? '').length || 4 }),
    match: (words) => ({ equals: words.map(spelt).filter(Boolean) }),
    choices: () => DIRECTIONS.map((way) => ({ ...way, name: t(`cards.lock.ways.${way.id}`) })),
    beside: ({ lock, input, set }) => places(lock, input, set, 'cards.lock.places', 40),
};

const spelt = (word) => (/^[UDLR]+$/i.test(word) ? word.toUpperCase() : '');

const colours = {
    matches: ['order', 'anything'],
    begin(words) {
        const known = words.filter((word) => word in SWATCHES && word !== 'other');

        return { type: 'colours', palette: [...new Set([...known, ...COLOURS])], length: known.length || 3 };
    },
    match: (words, input) => ({ order: words.every((word) => input.palette.includes(word)) ? words : [] }),
    choices: (input) =>
        input.palette.map((colour) => ({ id: colour, colour, name: wordsAt('cards.palette')[colour] ?? colour })),
    beside: ({ lock, input, set }) => places(lock, input, set, 'cards.lock.places', 40),
    fields: ({ lock, input, set }) =>
        el(
            'div',
            { class: 'palette-choice', role: 'group', 'aria-label': t('cards.lock.palette') },
            Object.entries(wordsAt('cards.palette')).map(([colour, name]) =>
                el(
                    'button',
                    {
                        class: 'recorder-key',
                        'data-key': `${lock.id}.palette.${colour}`,
                        'aria-pressed': String(input.palette.includes(colour)),
                        'aria-label': name,
                        title: name,
                        onclick: () => set({ palette: turned(input.palette, colour) }),
                    },
                    swatch(colour),
                ),
            ),
        ),
};

/** The palette with a colour more or less; two at least stay. */
function turned(palette, colour) {
    if (!palette.includes(colour)) return [...palette, colour];

    return palette.length > 2 ? palette.filter((one) => one !== colour) : palette;
}

const PRESSED = { keys, arrows, colours };

export { PRESSED };
