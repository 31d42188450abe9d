import { t } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/dom.js';
import { smallMap } from '../chart/small.js';
import { address } from './stage/draw.js';
import { newScene, sceneName } from '../editor/fields.js';

/**
 * Scenes pointed at on a small map, or as pictures with names, to be searched; or a new one, made on the spot. `take`
 * gets an id and the commands that make it.
 */
function scenePicker(editor, take, close) {
    const { game } = editor.store;
    const grid = el('div', { class: 'scene-grid' });
    const fill = (asked) => {
        const words = asked.trim().toLowerCase();
        const found = game.scenes.filter((scene) => sceneName(game, scene).toLowerCase().includes(words));
        grid.replaceChildren(...found.map((scene) => tile(scene, editor, () => take(scene.id, []))), made());
    };
    const made = () =>
        el(
            'button',
            {
                class: 'scene-tile scene-tile-new',
                onclick: () => {
                    const scene = newScene(game, editor);
                    take(scene.value.id, [scene]);
                },
            },
            icon('plus'),
            t('workshop.aNewScene'),
        );
    const field = el('input', {
        type: 'search',
        'aria-label': t('workshop.searchScenes'),
        placeholder: t('workshop.searchScenes'),
        autocomplete: 'off',
        oninput: ({ target }) => fill(target.value),
    });
    fill('');
    setTimeout(() => field.focus());

    return [
        el(
            'header',
            { class: 'card-head' },
            icon('signpost'),
            el('h2', {}, t('workshop.leadsWhere')),
            el('button', { class: 'link card-back', onclick: close }, t('cards.picker.notNow')),
        ),
        el(
            'div',
            { class: 'card-body', 'data-key': 'scene-picker' },
            game.scenes.length > 2 ? smallMap(editor, (id) => take(id, [])) : null,
            field,
            grid,
        ),
    ];
}

function tile(scene, editor, act) {
    const href = address(scene.backdrop?.asset, editor);
    const face = href
        ? el('img', { src: href, alt: '', loading: 'lazy' })
        : el('span', { class: 'scene-tile-bare' }, icon(scene.ending ? 'flag' : 'file-text'));
    if (!href && scene.backdrop?.colour) face.style.backgroundColor = scene.backdrop.colour;

    return el(
        'button',
        { class: `scene-tile${scene.id === editor.scene ? ' chosen' : ''}`, onclick: act },
        face,
        el('span', {}, sceneName(editor.store.game, scene)),
    );
}

export { scenePicker };
