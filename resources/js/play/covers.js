import { dressDrawer, landLid, liftLid, moveDrawer } from '../lib/drawer.js';

/** Lets drawers be pulled and slid: what is meant is sent as their button sends it. */
function dressCovers() {
    document
        .querySelectorAll('.drawer:not(.is-dressed)')
        .forEach((drawer) => dressDrawer(drawer, () => drawer.querySelector('form').requestSubmit()));
}

/**
 * Moves the cover of a form at once, before it is known what is under it; what comes may be shown when that is done.
 *
 * @param {HTMLFormElement} form
 */
async function moveCover(form) {
    const cover = form.closest('[data-cover]');
    if (!cover) return;
    const toward = new FormData(form).get('verb') === 'lift' ? 1 : 0;
    await (moveDrawer(cover, toward) ?? liftLid(cover));
}

/** What was refused goes home. */
function restCover(form) {
    const cover = form.closest('[data-cover]');
    cover?.classList.remove('is-lifting');
    if (cover) moveDrawer(cover, Number(cover.dataset.open));
}

/** A lid that was drawn anew comes down with its other side. */
function landCover(element) {
    landLid(element?.querySelector('.cover-lid'));
}

export { dressCovers, landCover, moveCover, restCover };
