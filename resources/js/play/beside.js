import { t } from '../lib/catalogue.js';
import { el, icon } from '../lib/dom.js';
import { nearer } from './near.js';

/**
 * What stays in reach while a lock is answered in a panel: what the teacher keeps in view, and the satchel. It stands
 * beside the panel, or one tap away where there is no room; what was entered stays.
 */
function stayingBeside() {
    const staying = [...document.querySelectorAll('#scene-main .thing[data-stays]')].map(copyOf);
    const held = [...document.querySelectorAll('#rims .tokens')].map(copyOf);
    if (staying.length + held.length === 0) return null;
    const isWide = window.matchMedia('(min-width: 60rem)').matches;
    const part = (name, words, copies) =>
        copies.length > 0
            ? el('details', { class: 'stays', open: isWide }, el('summary', {}, icon(name), t(words)), copies)
            : null;

    return el('div', { class: 'beside' }, part('eye', 'play.stays', staying), part('backpack', 'play.satchel', held));
}

/** Once more what stands on the page, with nothing by which the page would know it. */
function copyOf(thing) {
    const copy = thing.cloneNode(true);
    for (const name of ['id', 'data-thing']) copy.removeAttribute(name);
    copy.querySelectorAll('[id]').forEach((part) => part.removeAttribute('id'));
    copy.querySelectorAll('.look').forEach((look) => look.replaceWith(bare(look.querySelector('img'))));
    if (thing.matches('[data-stays]')) copy.querySelectorAll('img').forEach(nearer);

    return copy;
}

/** The picture without what looking nearer made of it. */
function bare(picture) {
    picture.removeAttribute('style');

    return picture;
}

export { stayingBeside };
