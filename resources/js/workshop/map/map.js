import { select } from 'd3-selection';
import { zoom, zoomIdentity, zoomTransform } from 'd3-zoom';
import { el, icon, svg } from '../../lib/dom.js';
import { cullingOf } from './culling.js';
import { distantView } from './distance.js';
import { dragOnMap } from './drag.js';
import { drawnMap } from './draw.js';
import { MANY, forgetLayout, laidOut, layout, rememberedLayout } from './layout.js';
import { legend } from './legend.js';
import { drawList, toggle } from './list.js';
import { plan } from './plan.js';
import { provisionalLayout } from './provisional.js';
import { drawSelection } from './selection.js';
import { handPlaced } from './track.js';
import { insertFirst } from './verbs.js';

/** Below this scale words are not drawn: they could not be read, and they are most of the work. */
const READABLE = 0.34;

/** At this scale the words are easily read. */
const LEGIBLE = 0.85;

/** A map that can be seen whole at this scale is. */
const ENOUGH = 0.7;

/** The map face: the game as a transit diagram. Laid out anew only when its stations, words or tracks are others. */
function openMap(holder, desk) {
    const words = desk.words.map;
    desk.chosen = { track: null, picked: new Set() };
    const sea = svg('g', { class: 'sea' });
    const chart = svg('svg', { class: 'chart', role: 'group', 'aria-label': 'Map of the game' }, svg('g', {}, sea));
    const keys = el('div', { class: 'legend' });
    const card = el('aside', { class: 'map-card', 'aria-label': 'What is picked', hidden: true });
    const list = el('div', { class: 'map-list', hidden: true });
    const seek = el('input', { type: 'search', class: 'map-seek', 'aria-label': words.search, placeholder: words.search, oninput: () => find(), onkeydown: (event) => event.key === 'Enter' && goToFound() });
    const asList = el('button', { class: 'link map-as-list', 'aria-pressed': 'false', onclick: () => turn() }, icon('list'), words.list);
    const tool = (sign, name, onclick, key = null) => el('button', { class: 'mover', 'aria-label': name, title: name, 'data-key': key, onclick }, icon(sign));
    const tools = el('div', { class: 'map-tools' },
        tool('blocks', desk.words.fromPattern, () => desk.patterns.open(), 'map.patterns'), tool('list-start', words.first, () => insertFirst(desk), 'map.first'),
        tool('sparkles', words.tidy, () => tidy(), 'map.tidy'), tool('zoom-in', words.nearer, () => pan.scaleBy(view, 1.3)), tool('zoom-out', words.farther, () => pan.scaleBy(view, 1 / 1.3)), tool('maximize', words.all, () => fit()));
    const pan = zoom().scaleExtent([0.04, 3]).filter((event) => event.type === 'wheel' || (!event.shiftKey && !event.target.closest('.station-place, [data-track]'))).on('zoom', ({ transform }) => look(transform, true)).on('end', ({ transform }) => rest(transform));
    const distance = distantView(sea);
    const culling = cullingOf(sea);
    let room = { width: 0, height: 0 };
    const measureRoom = () => {
        const { width, height } = chart.getBoundingClientRect();
        if (width > 0) room = { width, height };
    };
    window.addEventListener('resize', measureRoom);
    holder.append(distance.canvas, chart, list, keys, tools, card, el('div', { class: 'map-head' }, el('p', { class: 'map-help' }, words.help), asList, seek));
    const view = select(chart).call(pan).on('dblclick.zoom', null);
    const drawStanding = drawnMap(sea, desk);
    let [drawing, drawn, laid, placed] = [null, null, null, null];

    /** A large map is painted while it moves; the drawing follows when it rests. */
    function look(transform, isMoving) {
        const isFar = transform.k < READABLE;
        sea.classList.toggle('far', isFar);
        if (!distance.show(transform, { isFar, isMoving }, room.width, room.height)) place(transform);
    }

    function rest(transform) {
        look(transform, false);
        place(transform);
    }

    function place(transform) {
        sea.setAttribute('transform', transform);
        culling.show(transform, room.width, room.height);
    }

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
        const found = remembered ?? await laidOut(shape, () => layout(drawing.stations, drawing.tracks, widthOf));
        if (drawn !== shape) return undefined;
        laid = found;

        return show();
    }

    /** Laid out from nothing, whatever was remembered; what a hand has placed stays. */
    function tidy() {
        forgetLayout();
        drawn = null;

        return draw().then(fit);
    }

    async function show() {
        const before = placed?.stations.size ?? 0;
        placed = handPlaced(laid, desk.store.game.scenes, drawing.tracks);
        distance.note(drawing, placed);
        if (before === 0 && begin()) await painted();
        drawStanding(drawing, placed);
        culling.note(placed);
        rest(zoomTransform(chart));
        keys.replaceChildren(...legend(drawing, desk.store.game));
        drawSelection(card, desk, drawing);
        if (!list.hidden) drawList(list, desk, drawing, sought());
        if (before > 0 && Math.abs(placed.stations.size - before) > 1) fit();
    }

    /** A map opens at a size that can be read, on the scene that is worked on; a small or a very large one is seen whole. */
    function begin() {
        if (!fit()) return false;
        const { k } = zoomTransform(chart);
        const at = placed.stations.get(desk.scene);
        if (k >= ENOUGH || placed.stations.size > 150 || !at) return true;
        pan.transform(view, zoomIdentity.translate(Math.min(60, room.width / 2 - at.x * LEGIBLE), Math.min(90, room.height / 2 - at.y * LEGIBLE)).scale(LEGIBLE));

        return true;
    }

    function fit() {
        measureRoom();
        const { width, height } = room;
        if (!placed || width === 0) return false;
        const scale = Math.min(1.4, (width - 40) / placed.width, (height - 130) / placed.height);
        pan.transform(view, zoomIdentity.translate((width - placed.width * scale) / 2, Math.max(20, (height - 90 - placed.height * scale) / 2)).scale(scale));

        return true;
    }

    const sought = () => seek.value.trim().toLowerCase();

    function find() {
        const words = sought();
        sea.classList.toggle('seeking', words !== '');
        for (const node of sea.querySelectorAll('.station-place')) node.classList.toggle('found', words !== '' && node.getAttribute('aria-label').toLowerCase().includes(words));
        if (!list.hidden) drawList(list, desk, drawing, words);
    }

    function goToFound() {
        const first = drawing.stations.find((station) => station.title.toLowerCase().includes(sought()));
        const at = first && placed.stations.get(first.id);
        if (!at || sought() === '') return;
        pan.translateTo(view, at.x, at.y);
        sea.querySelector(`[data-scene="${CSS.escape(first.id)}"]`)?.focus();
    }

    function turn() {
        list.hidden = !list.hidden;
        chart.toggleAttribute('hidden', !list.hidden);
        keys.hidden = !list.hidden;
        asList.setAttribute('aria-pressed', String(!list.hidden));
        asList.lastChild.textContent = list.hidden ? words.list : words.drawing;
        draw();
    }

    dragOnMap(chart, sea, desk, () => placed);
    chart.addEventListener('keydown', (event) => onMapKey(event, () => placed, drawing, desk));

    return { draw };
}

/** When the frame that is being made has been shown. */
const painted = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));

const measure = document.createElement('canvas').getContext('2d');

function widthOf(words) {
    measure.font = '650 14px "Atkinson Hyperlegible Next Variable", sans-serif';

    return measure.measureText(words).width;
}

/** Arrow keys go along the tracks, with Alt they place the station; Space picks it. */
function onMapKey(event, placedNow, drawing, desk) {
    const heading = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    const here = event.target.closest('.station-place')?.dataset.scene;
    const placed = placedNow();
    if (event.key === 'Escape') desk.chosen = { track: null, picked: new Set() };
    if (event.key === 'Escape') desk.draw();
    if (!here || !placed) return;
    if (event.key === ' ') toggle(desk, here);
    if (event.key === ' ' || heading) event.preventDefault();
    if (!heading) return;
    const at = placed.stations.get(here);
    if (event.altKey) desk.store.edit({ set: here, field: 'at', to: [Math.round(at.x + 20 * heading[0]), Math.round(at.y + 20 * heading[1])] }, 'placed a station');
    else follow(event.currentTarget, here, heading, placed, drawing);
}

/** To the station a track leads to or comes from that lies most in that direction. */
function follow(chart, here, heading, placed, drawing) {
    const at = placed.stations.get(here);
    const near = new Set(drawing.tracks.flatMap(({ from, to }) => (from === here ? [to] : to === here ? [from] : [])));
    const lies = (id) => {
        const [dx, dy] = [placed.stations.get(id).x - at.x, placed.stations.get(id).y - at.y];

        return (dx * heading[0] + dy * heading[1]) / (Math.hypot(dx, dy) || 1);
    };
    const [best] = [...near].filter((id) => id !== here && lies(id) > 0.1).sort((a, b) => lies(b) - lies(a));
    if (best) chart.querySelector(`[data-scene="${CSS.escape(best)}"]`)?.focus();
}

export { openMap };
