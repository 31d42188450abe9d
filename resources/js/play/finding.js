import { t } from '../lib/catalogue.js';
import { svg } from '../lib/dom.js';

/** Borders of the parts of a picture that words can tell apart, from left and from above. */
const THIRDS = [1 / 3, 2 / 3];

/**
 * Help where finding is the task, by steps: how many places there are, in which part of the picture the next one is,
 * and at last where. What was shown once is not shown again.
 *
 * @param {HTMLElement} help
 */
function dressFinding(help) {
    const said = help.querySelector('[data-finding-said]');
    const sought = [...document.querySelectorAll('.things > .sought')].map((section) => section.dataset.thing);
    const scene = document.getElementById('scene-main').dataset.scene;
    if (!helped.has(scene)) helped.set(scene, { isCounted: false, shown: new Set(), named: null });
    const given = helped.get(scene);
    const left = () => sought.filter((id) => !given.shown.has(id) && !isDone(id));

    function step() {
        const [next] = left();
        if (!given.isCounted) {
            said.textContent = t('play.finding.count', { count: left().length });
            given.isCounted = true;
        } else if (next === undefined) said.textContent = t('play.finding.all');
        else if (given.named === next) show(next);
        else tell(next);
    }

    function tell(id) {
        given.named = id;
        said.textContent = t(`play.finding.where.${partOf(drawn(id))}`);
    }

    function show(id) {
        const { x, y, width, height } = drawn(id).getBBox();
        document.querySelectorAll('.found-ring').forEach((ring) => ring.remove());
        drawn(id).append(
            svg('rect', { class: 'new-ring found-ring', x: x - 10, y: y - 10, width: width + 20, height: height + 20 }),
        );
        said.textContent = t('play.finding.there');
        given.shown.add(id);
    }

    help.querySelector('[data-finding-help]').addEventListener('click', step);
    help.hidden = false;
}

/** What help was given in each scene: a redraw begins it not anew. */
const helped = new Map();

/** An open lock, or a choice that is marked, needs no finding any more. */
const isDone = (id) => Boolean(document.getElementById(`thing-${id}`)?.querySelector('[data-done], button .mark'));

/** @returns {any} */
const drawn = (id) => document.querySelector(`[data-drawn="${CSS.escape(id)}"]`);

/** Such as `upper-left`; `middle` in the middle. */
function partOf(place) {
    const { x, y, width, height } = place.getBBox();
    const third = (value, whole) => THIRDS.filter((border) => value > border * whole).length;
    const across = ['left', 'middle', 'right'][third(x + width / 2, 1600)];
    const down = ['upper', 'middle', 'lower'][third(y + height / 2, 900)];

    return across === 'middle' && down === 'middle' ? 'middle' : `${down}-${across}`;
}

export { dressFinding };
