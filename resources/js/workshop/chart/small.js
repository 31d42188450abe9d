import { t } from '../../lib/catalogue.js';
import { el, svg } from '../../lib/dom.js';
import { drawnMap } from './draw.js';
import { layout } from './layout.js';
import { plan } from './plan.js';

/**
 * The whole map in a small space, to point at a scene on; the name of the station that is pointed at stands under it.
 */
function smallMap(editor, take) {
    const chart = drawn(
        editor.store.game,
        { ...editor, chosen: null, walkTo: take },
        { role: 'group', 'aria-label': t('workshop.pointAt') },
    );
    const name = el('p', { class: 'small-map-name', role: 'status' }, t('workshop.pointAt'));
    const tell = ({ target }) => {
        const id = target.closest('.station-place')?.dataset.scene;
        if (id) name.textContent = editor.store.game.scenes.find((scene) => scene.id === id)?.title ?? '';
    };
    chart.addEventListener('pointerover', tell);
    chart.addEventListener('focusin', tell);

    return el('div', { class: 'small-map' }, chart, name);
}

/** A game's map to look at only. */
function miniature(game) {
    return el(
        'div',
        { class: 'small-map', inert: true },
        drawn(game, { scene: null, chosen: null, words: { map: {} }, walkTo() {} }, { 'aria-hidden': 'true' }),
    );
}

function drawn(game, editor, attributes) {
    const sea = svg('g');
    const chart = svg('svg', attributes, sea);
    lay();

    return chart;

    async function lay() {
        const drawing = plan(game);
        const placed = await layout(drawing, new Map(drawing.stations.map(({ id }) => [id, { across: 50, down: 17 }])));
        chart.setAttribute('viewBox', `0 0 ${placed.width} ${placed.height}`);
        drawnMap(sea, editor)(drawing, placed);
    }
}

export { miniature, smallMap };
