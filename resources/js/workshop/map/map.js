import { select } from 'd3-selection';
import { zoom, zoomIdentity } from 'd3-zoom';
import { el, icon, svg } from '../../lib/dom.js';
import { plan } from './plan.js';
import { layout } from './layout.js';
import { drawMap } from './draw.js';
import { dragTracks } from './drag.js';
import { legend } from './legend.js';

/** The map face: the game as a transit diagram. Laid out anew only when its stations, words or tracks are others. */
function openMap(holder, desk) {
    const sea = svg('g', { class: 'sea' });
    const chart = svg('svg', { class: 'chart', role: 'group', 'aria-label': 'Map of the game' }, svg('g', {}, sea));
    const keys = el('div', { class: 'legend' });
    const tools = el('div', { class: 'map-tools' },
        el('button', { class: 'mover', 'data-key': 'map.patterns', 'aria-label': desk.words.fromPattern, title: desk.words.fromPattern, onclick: () => desk.patterns.open() }, icon('blocks')),
        el('button', { class: 'mover', 'aria-label': 'Nearer', title: 'Nearer', onclick: () => pan.scaleBy(view, 1.3) }, icon('zoom-in')),
        el('button', { class: 'mover', 'aria-label': 'Farther', title: 'Farther', onclick: () => pan.scaleBy(view, 1 / 1.3) }, icon('zoom-out')),
        el('button', { class: 'mover', 'aria-label': 'Show all', title: 'Show all', onclick: () => fit() }, icon('maximize')));
    holder.append(chart, keys, tools, el('p', { class: 'map-help' }, 'Tap a station to open it. Drag from a station to open water to make a scene, or to another station to lead there. Arrow keys follow the tracks.'));
    const pan = zoom().scaleExtent([0.08, 3]).filter((event) => !event.target.closest('.station-place') || event.type === 'wheel').on('zoom', ({ transform }) => sea.setAttribute('transform', transform));
    const view = select(chart).call(pan).on('dblclick.zoom', null);
    let drawn = null;
    let placed = null;

    async function draw() {
        const drawing = plan(desk.store.game);
        const shape = JSON.stringify([drawing.stations.map(({ id, lines }) => [id, lines]), drawing.tracks.map(({ id, from, to }) => [id, from, to])]);
        const before = placed?.stations.size ?? 0;
        if (shape !== drawn) {
            drawn = shape;
            const laid = await layout(drawing.stations, drawing.tracks, widthOf);
            if (drawn !== shape) return;
            placed = laid;
        }
        if (placed === null) return;
        drawMap(sea, drawing, placed, desk);
        keys.replaceChildren(...legend(drawing, desk.store.game));
        if (Math.abs(placed.stations.size - before) > 1) fit();
    }

    function fit() {
        const { width, height } = chart.getBoundingClientRect();
        if (!placed || width === 0) return;
        const scale = Math.min(1.4, (width - 40) / placed.width, (height - 130) / placed.height);
        pan.transform(view, zoomIdentity.translate((width - placed.width * scale) / 2, Math.max(20, (height - 90 - placed.height * scale) / 2)).scale(scale));
    }

    dragTracks(chart, sea, desk);
    chart.addEventListener('keydown', (event) => followTracks(event, () => placed, desk));

    return { draw };
}

const measure = document.createElement('canvas').getContext('2d');

function widthOf(words) {
    measure.font = '650 14px "Atkinson Hyperlegible Next Variable", sans-serif';

    return measure.measureText(words).width;
}

/** Arrow keys go along the tracks: to the station a track leads to or comes from that lies most in that direction. */
function followTracks(event, placedNow, desk) {
    const heading = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    const here = event.target.closest('.station-place')?.dataset.scene;
    const placed = placedNow();
    if (!heading || !here || !placed) return;
    event.preventDefault();
    const at = placed.stations.get(here);
    const near = new Set(plan(desk.store.game).tracks.flatMap(({ from, to }) => (from === here ? [to] : to === here ? [from] : [])));
    const lies = (id) => {
        const [dx, dy] = [placed.stations.get(id).x - at.x, placed.stations.get(id).y - at.y];

        return (dx * heading[0] + dy * heading[1]) / (Math.hypot(dx, dy) || 1);
    };
    const [best] = [...near].filter((id) => id !== here && lies(id) > 0.1).sort((a, b) => lies(b) - lies(a));
    if (best) event.currentTarget.querySelector(`[data-scene="${CSS.escape(best)}"]`)?.focus();
}

export { openMap };
