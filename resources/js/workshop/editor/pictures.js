import { t } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/dom.js';
import { send } from '../../lib/http.js';
import { GAME, freshId } from './document.js';

/** Pictures shown at a time, and of those used before. */
const SHOWN = 72;
const RECENT = 'fravel.pictures';

let index = null;

/** Finds a picture in the collection or takes one's own; `take` gets the command that adds it and its size. */
function picturePicker(editor, take, close) {
    const found = el('div', { class: 'picture-grid', role: 'listbox', 'aria-label': t('stage.pictures.all') });
    const field = el('input', {
        'data-key': 'pictures.search',
        type: 'search',
        'aria-label': t('stage.pictures.searchPictures'),
        placeholder: t('workshop.searchPictures'),
        autocomplete: 'off',
        oninput: ({ target }) => fillGrid(found, target.value, editor, take),
    });
    const file = el('input', {
        type: 'file',
        accept: 'image/png,image/jpeg,image/webp,image/gif,image/svg+xml',
        class: 'plain file-own',
        'aria-label': t('stage.pictures.aPictureOfYourOwn'),
        onchange: ({ target }) => target.files[0] && takeFile(target.files[0], editor, take),
    });
    fillGrid(found, '', editor, take);
    setTimeout(() => field.focus());

    return [
        el(
            'header',
            { class: 'card-head' },
            icon('image'),
            el('h2', {}, t('stage.pictures.aPicture')),
            el(
                'button',
                { class: 'link card-back', 'data-key': 'pictures.close', onclick: close },
                t('stage.pictures.close'),
            ),
        ),
        el(
            'div',
            { class: 'card-body picture-picker', 'data-key': 'pictures' },
            field,
            found,
            el('label', { class: 'button file-label' }, icon('upload'), t('stage.pictures.aPictureOfYourOwn'), file),
            el('p', { class: 'help' }, t('stage.pictures.orDragAFileOnto')),
        ),
    ];
}

async function fillGrid(grid, asked, editor, take) {
    index ??= await (await fetch('/build/pictures/index.json')).json();
    const names = asked.trim() === '' ? recent() : search(asked, editor.store.game.language);
    grid.replaceChildren(
        ...names.map((name) =>
            el(
                'button',
                {
                    class: 'picture-choice',
                    role: 'option',
                    title: name.replaceAll('-', ' '),
                    onclick: () => takeFromCollection(name, editor, take),
                },
                el('img', { src: `/build/pictures/${name}.svg`, alt: name.replaceAll('-', ' '), loading: 'lazy' }),
            ),
        ),
    );
    if (names.length === 0) grid.append(el('p', { class: 'help' }, t('stage.pictures.none', { asked })));
}

/** Every word must begin a word of the picture; names that say it themselves come first, shorter before longer. */
function search(asked, language) {
    const words = fold(asked).split(/\s+/);
    const field = language?.startsWith('fr') ? [2, 1] : [1, 2];
    const rank = ([name, ...texts]) => {
        const own = ` ${fold(texts[field[0] - 1])} `;
        const other = ` ${fold(texts[field[1] - 1])} `;
        const isIn = (text) => words.every((word) => text.includes(` ${word}`));
        if (fold(name.replaceAll('-', ' ')) === words.join(' ')) return 0;

        return isIn(` ${name.replaceAll('-', ' ')}`) ? 1 : isIn(own) ? 2 : isIn(other) ? 3 : 9;
    };

    return index
        .map((entry) => [rank(entry), entry[0]])
        .filter(([at]) => at < 9)
        .sort((a, b) => a[0] - b[0] || a[1].length - b[1].length)
        .slice(0, SHOWN)
        .map(([, name]) => name);
}

const fold = (text) =>
    (text ?? '')
        .normalize('NFKD')
        .replace(/\p{Mn}/gu, '')
        .toLowerCase();

const STARTERS = [
    'key',
    'old-key',
    'locked',
    'teapot',
    'candle',
    'open-book',
    'scroll',
    'compass',
    'mantelpiece-clock',
    'lamp',
    'door',
    'window',
    'framed-picture',
    'chair',
    'potted-plant',
    'cat',
    'anchor',
    'sailboat',
    'telescope',
    'world-map',
    'hammer',
    'toolbox',
    'fire',
    'magnifying-glass-tilted-left',
];

function recent() {
    const used = JSON.parse(localStorage.getItem(RECENT) ?? '[]');
    const known = new Set(index.map(([name]) => name));

    return [...used, ...STARTERS.filter((name) => !used.includes(name))]
        .filter((name) => known.has(name))
        .slice(0, SHOWN);
}

async function takeFromCollection(name, editor, take) {
    localStorage.setItem(
        RECENT,
        JSON.stringify(
            [name, ...JSON.parse(localStorage.getItem(RECENT) ?? '[]').filter((one) => one !== name)].slice(0, 24),
        ),
    );
    const fields = new FormData();
    fields.set('collection', name);
    await deliver(fields, editor, take, name);
}

async function takeFile(file, editor, take) {
    const fields = new FormData();
    fields.set('file', file);
    await deliver(fields, editor, take, file.name.replace(/\.[^.]*$/, ''));
}

async function takeSetting(setting, tone, editor, take) {
    const fields = new FormData();
    fields.set('setting', setting);
    fields.set('tone', tone);
    await deliver(fields, editor, take, `${setting}-${tone}`);
}

/** The same file twice is one asset. */
async function deliver(fields, editor, take, stem) {
    editor.store.news.dispatchEvent(new CustomEvent('saved', { detail: 'saving' }));
    const { status, body } = await send(`${editor.address}/pictures`, fields);
    editor.store.news.dispatchEvent(new CustomEvent('saved', { detail: 'saved' }));
    if (status !== 200) return editor.alarm(body?.message ?? t('workshop.pictureLost'));
    if (body.notice) editor.alarm(body.notice);
    const held = editor.store.game.assets?.find((asset) => asset.file === body.asset.file);
    const id =
        held?.id ??
        freshId(
            stem
                .toLowerCase()
                .replace(/[^a-z0-9]+/g, '-')
                .replace(/^[^a-z]+|-+$/g, '')
                .slice(0, 24) || 'picture',
        );
    take({
        id,
        edits: held
            ? []
            : [
                  {
                      insert: 'assets',
                      in: GAME,
                      after: editor.store.game.assets?.at(-1)?.id ?? null,
                      value: { id, ...body.asset },
                  },
              ],
        width: body.width,
        height: body.height,
    });
}

export { picturePicker, takeFile, takeSetting };
