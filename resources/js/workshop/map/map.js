import { t, wordsAt } from '../../lib/catalogue.js';
import { el, svg } from '../../lib/dom.js';
import { roomOf } from '../chart/boxes.js';
import { openCamera } from './camera.js';
import { channelLayout } from '../chart/channels.js';
import { dragOnMap } from './drag.js';
import { drawnMap } from '../chart/draw.js';
import { glide } from './glide.js';
import { covers, rememberLayout, rememberedLayout } from './kept.js';
import { onMapKey } from './keys.js';
import { isLarge, layout } from '../chart/layout.js';
import { legend } from './legend.js';
import { drawList } from './list.js';
import { plan } from '../chart/plan.js';
import { drawSelection } from './selection.js';
import { openSettlement } from '../chart/settle.js';
import { mapHead, mapTools } from './tools.js';
import { insertFirst } from '../editor/scenes.js';

/** How long a finer layout may take to be shown without being asked for, in milliseconds. */
const PATIENCE = 5000;

/** The map face: the game as a transit diagram. Laid out anew only when its stations, words or tracks are others. */
function openMap(holder, editor) {
    const words = { ...wordsAt('workshop.map'), patterns: t('workshop.fromPattern') };
    const sea = svg('g', { class: 'sea' });
    const chart = svg(
        'svg',
        { class: 'chart', tabindex: '-1', role: 'group', 'aria-label': words.title },
        svg('g', {}, sea),
    );
    const keys = el('div', { class: 'legend' });
    const card = el('aside', { class: 'map-card', 'aria-label': words.card, hidden: true });
    const list = el('div', { class: 'map-list', hidden: true });
    const camera = openCamera(chart, sea);
    const head = mapHead(words, { seek, found, turn });
    const tools = mapTools(words, {
        patterns: () => editor.build(),
        first: () => insertFirst(editor),
        tidy,
        nearer: () => camera.nearer(1.3),
        farther: () => camera.nearer(1 / 1.3),
        all: () => camera.fit(),
    });
    holder.append(camera.canvas, chart, list, keys, tools, card, head.node);
    const drawStanding = drawnMap(sea, editor);
    let [drawing, drawn, rooms, laid, placed, nodeOf] = [null, null, null, null, null, null];
    const settle = openSettlement();

    /**
     * What is new finds its place at once. A small map is then laid out anew, and its stations glide; a large one keeps
     * its layout until it is tidied, and before it has one it is laid out as well as may be without waiting.
     */
    async function draw() {
        drawing = plan(editor.store.game, editor.findings);
        const shape = shapeOf(drawing);
        if (shape === drawn) return laid === null ? undefined : show();
        drawn = shape;
        rooms = new Map(drawing.stations.map(({ id, lines }) => [id, roomOf(lines, widthOf)]));
        if (isLarge(drawing)) laid ??= rememberedLayout();
        const isKnown = laid !== null && covers(laid, drawing);
        if (!isKnown && isLarge(drawing)) laid = channelLayout(drawing, rooms);
        if (isKnown || isLarge(drawing)) await show();

        return isKnown && isLarge(drawing) ? undefined : layOut(shape);
    }

    /**
     * A layout that comes late, or for a game that was changed meanwhile, is kept for the next time: nobody wants a map
     * to leap.
     */
    async function layOut(shape, isAsked = false) {
        const begun = performance.now();
        const fine = await layout(drawing, rooms);
        if (isLarge(drawing)) rememberLayout(fine);
        if (drawn !== shape || (performance.now() - begun > PATIENCE && !isAsked)) return undefined;
        const before = placed;
        laid = fine;
        await show();
        if (before && !isLarge(drawing)) glide(before, placed, nodeOf);
    }

    async function show() {
        const before = placed?.stations.size ?? 0;
        placed = settle(laid, drawing, handsOf(editor.store.game), rooms);
        camera.take(drawing, placed);
        if (before === 0 && camera.begin(editor.scene)) await painted();
        nodeOf = drawStanding(drawing, placed);
        camera.drawn(nodeOf);
        keys.replaceChildren(...legend(drawing, editor.store.game));
        drawSelection(card, editor, drawing);
        list.classList.toggle('beside-card', !card.hidden);
        if (!list.hidden) drawList(list, editor, drawing, head.sought());
        if (before > 0 && Math.abs(placed.stations.size - before) > 1) camera.fit();
    }

    /** Laid out from nothing; what a hand has placed stays. */
    function tidy() {
        return layOut(drawn, true).then(camera.fit);
    }

    function seek(sought) {
        sea.classList.toggle('seeking', sought !== '');
        for (const node of sea.querySelectorAll('.station-place'))
            node.classList.toggle(
                'found',
                sought !== '' && node.getAttribute('aria-label').toLowerCase().includes(sought),
            );
        if (!list.hidden) drawList(list, editor, drawing, sought);
    }

    function found(sought) {
        const first = drawing.stations.find((station) => station.title.toLowerCase().includes(sought));
        if (!first) return;
        camera.goTo(placed.stations.get(first.id));
        sea.querySelector(`[data-scene="${CSS.escape(first.id)}"]`)?.focus();
    }

    function turn(isList) {
        list.hidden = !isList;
        holder.classList.toggle('listed', isList);
        chart.toggleAttribute('hidden', isList);
        keys.hidden = isList;
        draw();
    }

    dragOnMap(chart, sea, editor, () => placed);
    chart.addEventListener('keydown', (event) => onMapKey(event, drawing, placed, editor));

    return { draw };
}

/** When the frame that is being made has been shown. */
const painted = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));

const shapeOf = ({ stations, tracks }) =>
    JSON.stringify([stations.map(({ id, lines, film }) => [id, lines, film?.length]), tracks.map(({ id }) => id)]);

const handsOf = (game) =>
    new Map(
        game.scenes
            .filter((scene) => Array.isArray(scene.at) && scene.at.length === 2 && scene.at.every(Number.isFinite))
            .map((scene) => [scene.id, scene.at]),
    );

const measure = document.createElement('canvas').getContext('2d');

const widths = new Map();

function widthOf(words) {
    if (!widths.has(words)) widths.set(words, measured(words));

    return widths.get(words);
}

function measured(words) {
    measure.font = '650 14px "Atkinson Hyperlegible Next Variable", sans-serif';

    return measure.measureText(words).width;
}

export { openMap };
