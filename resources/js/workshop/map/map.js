import { el, svg } from '../../lib/dom.js';
import { openCamera } from './camera.js';
import { dragOnMap } from './drag.js';
import { drawnMap } from './draw.js';
import { onMapKey } from './keys.js';
import { MANY, forgetLayout, laidOut, layout, rememberedLayout } from './layout.js';
import { legend } from './legend.js';
import { drawList } from './list.js';
import { plan } from './plan.js';
import { provisionalLayout } from './provisional.js';
import { drawSelection } from './selection.js';
import { mapHead, mapTools } from './tools.js';
import { handPlaced } from './track.js';
import { insertFirst } from './verbs.js';

/** The map face: the game as a transit diagram. Laid out anew only when its stations, words or tracks are others. */
function openMap(holder, desk) {
    const words = { ...desk.words.map, patterns: desk.words.fromPattern };
    desk.chosen = { track: null, picked: new Set() };
    const sea = svg('g', { class: 'sea' });
    const chart = svg('svg', { class: 'chart', tabindex: '-1', role: 'group', 'aria-label': words.title }, svg('g', {}, sea));
    const keys = el('div', { class: 'legend' });
    const card = el('aside', { class: 'map-card', 'aria-label': words.card, hidden: true });
    const list = el('div', { class: 'map-list', hidden: true });
    const camera = openCamera(chart, sea);
    const head = mapHead(words, { seek, found, turn });
    const tools = mapTools(words, { patterns: () => desk.patterns.open(), first: () => insertFirst(desk), tidy, nearer: () => camera.nearer(1.3), farther: () => camera.nearer(1 / 1.3), all: () => camera.fit() });
    holder.append(camera.canvas, chart, list, keys, tools, card, head.node);
    const drawStanding = drawnMap(sea, desk);
    let [drawing, drawn, laid, placed] = [null, null, null, null];

    /** Where a layout takes long, the map is shown at once as well as may be, and finely when that is there. */
    async function draw() {
        drawing = plan(desk.store.game, desk.findings ?? []);
        const shape = JSON.stringify([drawing.stations.map(({ id, lines }) => [id, lines]), drawing.tracks.map(({ id, from, to }) => [id, from, to])]);
        if (shape === drawn) return laid === null ? undefined : show();
        drawn = shape;
        const remembered = rememberedLayout(shape);
        if (!remembered && drawing.stations.length > MANY) {
            laid = provisionalLayout(drawing, laid);
            await show();
        }
        const fine = remembered ?? await laidOut(shape, () => layout(drawing.stations, drawing.tracks, widthOf));
        if (drawn !== shape) return undefined;
        laid = fine;

        return show();
    }

    async function show() {
        const before = placed?.stations.size ?? 0;
        placed = handPlaced(laid, desk.store.game.scenes, drawing.tracks);
        camera.take(drawing, placed);
        if (before === 0 && camera.begin(desk.scene)) await painted();
        drawStanding(drawing, placed);
        camera.drawn();
        keys.replaceChildren(...legend(drawing, desk.store.game));
        drawSelection(card, desk, drawing);
        if (!list.hidden) drawList(list, desk, drawing, head.sought());
        if (before > 0 && Math.abs(placed.stations.size - before) > 1) camera.fit();
    }

    /** Laid out from nothing, whatever was remembered; what a hand has placed stays. */
    function tidy() {
        forgetLayout();
        drawn = null;

        return draw().then(camera.fit);
    }

    function seek(sought) {
        sea.classList.toggle('seeking', sought !== '');
        for (const node of sea.querySelectorAll('.station-place')) node.classList.toggle('found', sought !== '' && node.getAttribute('aria-label').toLowerCase().includes(sought));
        if (!list.hidden) drawList(list, desk, drawing, sought);
    }

    function found(sought) {
        const first = drawing.stations.find((station) => station.title.toLowerCase().includes(sought));
        if (!first) return;
        camera.goTo(placed.stations.get(first.id));
        sea.querySelector(`[data-scene="${CSS.escape(first.id)}"]`)?.focus();
    }

    function turn(isList) {
        list.hidden = !isList;
        chart.toggleAttribute('hidden', isList);
        keys.hidden = isList;
        draw();
    }

    dragOnMap(chart, sea, desk, () => placed);
    chart.addEventListener('keydown', (event) => onMapKey(event, drawing, placed, desk));

    return { draw };
}

/** When the frame that is being made has been shown. */
const painted = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));

const measure = document.createElement('canvas').getContext('2d');

function widthOf(words) {
    measure.font = '650 14px "Atkinson Hyperlegible Next Variable", sans-serif';

    return measure.measureText(words).width;
}

export { openMap };
