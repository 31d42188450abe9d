import { t } from '../lib/catalogue.js';
import { el, icon } from '../lib/dom.js';

/** Once the page is there: what only helps to look comes after what is looked at. */
const isLoaded = () =>
    document.readyState === 'complete' || new Promise((done) => addEventListener('load', done, { once: true }));

/** What looking nearer is made of; once it came it is at hand at once. */
let looking = null;

/**
 * Lets what fills a frame be looked at nearer, as looking.js says; what is asked of it before that came waits.
 *
 * @param {HTMLElement} frame
 * @param {HTMLElement | SVGElement} drawing
 * @param {any} [options]
 * @returns {{step: (way: number) => void, whole: () => void}} a step nearer (1) or farther (-1), and all of it
 */
function lookNear(frame, drawing, options) {
    const later = async () => {
        await isLoaded();
        looking ??= await import('./looking.js');

        return looking.lookNear(frame, drawing, options);
    };
    const there = looking ? looking.lookNear(frame, drawing, options) : later();

    return {
        async step(way) {
            const { by, step } = await there;
            by(step ** way);
        },
        whole: async () => (await there).whole(),
    };
}

/** A picture that can be looked at nearer, with buttons for it. */
function nearer(picture) {
    if (picture.closest('.look')) return;
    const frame = el('div', {
        class: 'look-frame',
        tabindex: 0,
        role: 'group',
        'aria-label': t('play.near_help', { picture: picture.alt }),
    });
    picture.replaceWith(frame);
    frame.append(picture);
    const look = lookNear(frame, picture);
    const tool = (name, words, way) =>
        el('button', { type: 'button', 'aria-label': t(words), onclick: () => look.step(way) }, icon(name));
    const room = el('div', { class: 'look' });
    frame.replaceWith(room);
    room.append(
        el('div', { class: 'look-tools' }, tool('zoom-in', 'play.nearer', 1), tool('zoom-out', 'play.farther', -1)),
        frame,
    );
}

export { lookNear, nearer };
