import { targetOf } from '../../lib/dom.js';
import { dressChips } from './chips.js';
import { dressCount } from './count.js';
import { dressPlaces } from './places.js';
import { dressPoint } from './point.js';
import { dressSorter } from './sorter.js';

const KINDS = {
    chips: dressChips,
    count: dressCount,
    places: dressPlaces,
    point: dressPoint,
    sorter: dressSorter,
};

/** Gives each way of answering what scripts can add to its form; each once. */
function dressInputs(root) {
    for (const field of root.querySelectorAll('[data-input]:not(.is-dressed)')) {
        field.classList.add('is-dressed');
        KINDS[field.dataset.input](field);
    }
    if (window.matchMedia('(pointer: coarse)').matches)
        for (const button of root.querySelectorAll('[data-letters]')) button.hidden = false;
}

/** A keyboard of digits for a number, and one with letters for whoever wants to name a unit. */
function turnKeyboard(event) {
    const button = targetOf(event).closest('[data-letters]');
    if (!button) return;
    const field = button.parentElement.querySelector('[data-number]');
    const isText = field.inputMode !== 'text';
    field.inputMode = isText ? 'text' : 'decimal';
    button.setAttribute('aria-pressed', String(isText));
    field.blur();
    field.focus();
}

/** Tells the answer of a lock that it was judged and stays shut. */
function tellJudged(lock) {
    lock?.querySelectorAll('[data-input]').forEach((field) => field.dispatchEvent(new CustomEvent('judged')));
}

export { dressInputs, tellJudged, turnKeyboard };
