import { t } from '../lib/catalogue.js';
import { svg } from '../lib/dom.js';

const PRESSED = ':is(button, a, input:not([type=hidden]), select, textarea, [tabindex="0"])';

/**
 * What of a scene a redraw must keep: which it is, what stands in it, and where the student is.
 *
 * @typedef {{scene: string, things: Set<string>, at: string | null, isDrawn: boolean, box: string | null}} Standing
 */

/** @returns {Standing} */
function standing() {
    const active = document.activeElement;
    const drawn = active.closest('[data-drawn]');

    return {
        scene: sceneNow().dataset.scene,
        things: new Set(sections().map((section) => section.dataset.thing)),
        at: drawn?.dataset.drawn ?? active.closest('[data-thing]')?.dataset.thing ?? null,
        isDrawn: drawn !== null || active.closest('dialog') !== null,
        box: active.closest('[data-box]')?.dataset.box ?? null,
    };
}

const sceneNow = () => document.getElementById('scene-main');
const sections = () => [...sceneNow().querySelectorAll('[data-thing]')];

/** Whether the student is in the same scene still. */
const isSame = (before) => before.scene === sceneNow().dataset.scene;

/** Focus goes back to what the student was at, or to where a new scene begins. */
function settle(before) {
    if (!isSame(before)) {
        window.scrollTo({ top: 0 });
        document.querySelector('.scene-head h1')?.focus({ preventScroll: true });

        return;
    }
    (placeOf(before) ?? ownWords(before) ?? document.querySelector('.scene-head h1'))?.focus({ preventScroll: true });
}

/** What stands now where something was done that can't be done again. */
function ownWords({ at }) {
    const done = at && document.getElementById(`thing-${at}`)?.querySelector('[data-done]');
    if (!done?.checkVisibility()) return null;
    done.tabIndex = -1;

    return done;
}

function placeOf({ at, isDrawn, box }) {
    if (at === null) return null;
    const [drawn, section] = [
        document.querySelector(`[data-drawn="${CSS.escape(at)}"]`),
        document.getElementById(`thing-${at}`),
    ];
    const parts = (isDrawn ? [drawn, section] : [section, drawn]).flatMap((place) =>
        place ? [...place.querySelectorAll(PRESSED)] : [],
    );

    return (box && nearBox(box)) ?? parts.find((part) => part.checkVisibility()) ?? null;
}

/** The box that was picked, or the next one that still can be. */
function nearBox(id) {
    const boxes = [...document.querySelectorAll('[data-box]')].filter((one) => one.checkVisibility());
    const at = boxes.findIndex((one) => one.dataset.box === id);
    if (at < 0) return null;

    return [...boxes.slice(at), ...boxes.slice(0, at).reverse()].find((one) => !one.matches(':disabled')) ?? null;
}

/**
 * Shows what stands here now and did not before.
 *
 * @param {Standing} before
 * @returns {{id: string, name: string}[]}
 */
function showNew(before) {
    if (!isSame(before)) return [];
    const fresh = sections().filter((section) => !before.things.has(section.dataset.thing));
    for (const section of fresh) {
        section.classList.add('is-new');
        const drawn = document.querySelector(`[data-drawn="${CSS.escape(section.dataset.thing)}"]`);
        if (drawn) ring(drawn);
    }

    return fresh.map(({ dataset }) => ({ id: dataset.thing, name: dataset.name })).filter(({ name }) => name);
}

/** Leads to a thing, on the stage or in the list. */
function leadTo(id) {
    const places = [document.querySelector(`[data-drawn="${CSS.escape(id)}"]`), document.getElementById(`thing-${id}`)];
    const place = places.find((one) => one?.checkVisibility());
    place?.scrollIntoView({ block: 'center' });
    place?.querySelector(PRESSED)?.focus({ preventScroll: true });
}

/** A frame a little outside of a thing on the stage. */
function around(drawn, name) {
    const { x, y, width, height } = drawn.getBBox();

    return svg('rect', { class: name, x: x - 10, y: y - 10, width: width + 20, height: height + 20, rx: 12 });
}

/** Light that goes out from what has just opened, and is gone at once. */
function beam(drawn) {
    const light = around(drawn, 'beam');
    light.addEventListener('animationend', () => light.remove());
    if (!matchMedia('(prefers-reduced-motion: reduce)').matches) drawn.append(light);
}

/** A ring around a new thing on the stage. */
function ring(drawn) {
    const { x, y, width, height } = drawn.getBBox();
    drawn.append(
        around(drawn, 'new-ring'),
        svg('text', { class: 'new-word', x: x + width / 2, y: y > 60 ? y - 22 : y + height + 52 }, t('play.new.here')),
    );
}

export { beam, leadTo, settle, showNew, standing };
