import { svg } from '../../lib/dom.js';
import { newScene } from '../scene/fields.js';

/** How far a press may wander and still be a tap, in pixels. */
const TAP = 6;

/** Dragging from a station to open water makes a scene and its route; to another station, a route there. */
function dragTracks(chart, sea, desk) {
    chart.addEventListener('pointerdown', (event) => {
        const from = event.target.closest('.station-place');
        if (!from || event.button !== 0) return;
        event.stopPropagation();
        const line = svg('path', { class: 'track-drawn' });
        const begin = [event.clientX, event.clientY];
        const move = (moved) => {
            const [a, b] = [toSea(sea, ...begin), toSea(sea, moved.clientX, moved.clientY)];
            line.setAttribute('d', `M${a.x} ${a.y}L${b.x} ${b.y}`);
            if (!line.isConnected && distance(begin, moved) > TAP) sea.append(line);
        };
        const end = (ended) => {
            window.removeEventListener('pointermove', move);
            window.removeEventListener('pointerup', end);
            line.remove();
            if (distance(begin, ended) <= TAP) return;
            swallowClick();
            const onto = document.elementFromPoint(ended.clientX, ended.clientY)?.closest('.station-place');
            if (onto !== from && chart.contains(document.elementFromPoint(ended.clientX, ended.clientY))) lead(desk, from.dataset.scene, onto?.dataset.scene ?? null);
        };
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', end);
    });
}

/** A choice that leads to the scene, or to a new one made with it. */
function lead(desk, from, to) {
    const scene = desk.store.game.scenes.find((one) => one.id === from);
    desk.scene = from;
    const made = to ? [] : [newScene(desk.store.game, desk)];
    const id = to ?? made[0].value.id;
    const choice = { id: `way-${Date.now().toString(36)}`, kind: 'choice', look: 'button', md: desk.words.newChoice, react: [{ go: id }] };
    desk.scene = id;
    desk.store.edit([...made, { insert: 'things', in: from, after: scene.things?.at(-1)?.id ?? null, value: choice }], to ? 'new way' : 'new scene');
}

function toSea(sea, x, y) {
    return new DOMPoint(x, y).matrixTransform(sea.getScreenCTM().inverse());
}

function distance([x, y], event) {
    return Math.hypot(event.clientX - x, event.clientY - y);
}

/** The click that a drag ends with opens nothing. */
function swallowClick() {
    const stop = (event) => event.stopPropagation();
    window.addEventListener('click', stop, { capture: true, once: true });
    setTimeout(() => window.removeEventListener('click', stop, { capture: true }), 50);
}

export { dragTracks };
