import { t } from '../lib/catalogue.js';
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

/** How many covers are lifted by now, and whether there are some to be covered again. */
function countTurned() {
    const lids = [...document.querySelectorAll('#scene-main [data-thing].thing-cover')];
    const turned = lids.filter((one) => one.querySelector('[data-lifted]')).length;
    const isAny = document.querySelector('#scene-main [data-lifted="again"]') !== null;
    document.querySelector('[data-cover-again]')?.classList.toggle('invisible', !isAny);
    const place = document.querySelector('[data-turned]');
    if (!place) return;
    const words = t('play.turned', { turned, of: lids.length });
    if (place.textContent !== words) place.textContent = words;
}

export { countTurned, dressCovers, landCover, moveCover, restCover };
