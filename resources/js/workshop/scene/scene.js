import { el, icon } from '../../lib/dom.js';
import { redraw } from '../../lib/redraw.js';
import { freshId } from '../document.js';
import { sceneCard } from './card.js';
import { thingCard } from './thing.js';
import { thingOnPage } from './page.js';
import { waybill } from './waybill.js';

const TRAY = [
    ['text', 'type', 'Text'],
    ['choice', 'signpost', 'Choice'],
    ['lock', 'lock', 'Lock'],
];

/** The scene face: the page in the middle, the tray under it, the card beside it, the waybill along the lower edge. */
function openScene(holder, desk) {
    const page = el('div', { class: 'page', 'aria-label': 'What students see, in order' });
    const tray = el('div', { class: 'tray', role: 'toolbar', 'aria-label': 'Add a thing' }, TRAY.map(([kind, sign, name]) => el('button', { class: 'tray-button', 'data-add': kind, onclick: () => add(desk, kind) }, icon(sign), name)));
    const card = el('aside', { class: 'card', 'aria-label': 'Card' });
    const bill = el('nav', { class: 'waybill', 'aria-label': 'Waybill' });
    holder.append(el('div', { class: 'scene-middle' }, el('div', { class: 'scene-column' }, page, tray), card), bill);

    function draw() {
        const scene = desk.store.game.scenes.find((one) => one.id === desk.scene);
        const thing = (scene.things ?? []).find((one) => one.id === desk.thing) ?? null;
        redraw(page, [pageHead(scene, desk), ...(scene.things ?? []).map((one, place) => thingOnPage(one, place, scene, desk)), ending(scene), hollow(scene, desk)]);
        redraw(card, thing ? thingCard(thing, scene, desk) : sceneCard(scene, desk));
        redraw(bill, waybill(scene, desk));
        focusNew(page, desk);
    }

    return { draw };
}

function pageHead(scene, desk) {
    const backdrop = desk.store.game.assets?.find((asset) => asset.id === scene.backdrop?.asset);

    return el('button', { class: `page-head${desk.thing ? '' : ' chosen'}`, 'data-key': 'page-head', onclick: () => select(desk, null) },
        backdrop ? el('img', { src: `/files/${backdrop.file.split('/').pop()}`, alt: '' }) : null,
        el('span', { class: 'page-title' }, scene.title || 'Scene without a title'),
        el('span', { class: 'caps' }, 'scene'),
    );
}

function ending(scene) {
    return scene.ending ? el('p', { class: 'page-ending' }, el('span', { class: 'caps' }, `ending: ${scene.ending.kind}`), scene.ending.md ?? '') : null;
}

function hollow(scene, desk) {
    if ((scene.things ?? []).length > 0 || scene.ending) return null;

    return el('div', { class: 'page-empty' }, el('p', {}, 'Nothing stands here yet.'), el('button', { class: 'button', onclick: () => add(desk, 'lock') }, icon('lock'), 'Begin with a question'));
}

function select(desk, id) {
    desk.thing = id;
    desk.draw();
}

function add(desk, kind) {
    const scene = desk.store.game.scenes.find((one) => one.id === desk.scene);
    const value = { id: freshId(kind), kind, ...fresh(kind, desk.words) };
    const last = desk.thing ?? scene.things?.at(-1)?.id ?? null;
    desk.thing = value.id;
    desk.begun = value.id;
    desk.store.edit({ insert: 'things', in: scene.id, after: last, value }, `new ${kind}`);
}

/** A new thing is written in at once. */
function focusNew(page, desk) {
    const first = desk.begun && page.querySelector(`[data-thing="${desk.begun}"] textarea`);
    if (!first) return;
    desk.begun = null;
    first.focus();
    first.select();
}

function fresh(kind, words) {
    if (kind === 'text') return { md: words.newText };
    if (kind === 'choice') return { look: 'button', md: words.newChoice, react: [] };

    return { label: '', ask: words.newAsk, input: { type: 'text' }, rules: [{ match: { equals: [] }, verdict: 'open', say: '', go: '' }], otherwise: [] };
}

export { openScene, select };
