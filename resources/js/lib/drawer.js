import { drag } from 'd3-drag';
import { select } from 'd3-selection';

/** How long a cover takes over its whole way, in milliseconds, and how much of it opens it when it is let go there. */
const WHOLE_WAY = 240;
const FAR_ENOUGH = 0.5;

/** Up to here a press is no pull, in pixels. */
const STILL = 6;

/** Drawers by their element: what moves each to a share of its way. */
const moves = new WeakMap();

const isCalm = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/**
 * Lets a cover be pulled out or slid across: it follows the finger along its way and no further, and goes home when it
 * is let go too early. `take` is told when it was meant to open or to shut; its button works by itself.
 *
 * @param {any} drawer
 * @param {() => void} take
 */
function dressDrawer(drawer, take) {
    drawer.classList.add('is-dressed');
    const [moved, back] = ['[data-moved]', '[data-back]'].map((part) => drawer.querySelector(part));
    const way = drawer.dataset.way.split(' ').map(Number);
    const isOpen = () => drawer.dataset.open === '1';
    let share = Number(isOpen());

    function put(next) {
        share = Math.min(1, Math.max(0, next));
        moved.setAttribute('transform', shifted(way, share));
        if (drawer.dataset.cover === 'pull') back.setAttribute('transform', shifted(way, share - 1));
    }

    moves.set(drawer, (to) => run(share, to, put));
    let [from, at] = [share, [0, 0]];
    const pulled = drag()
        .container(() => drawer)
        .touchable(true)
        .clickDistance(STILL)
        .on('start', ({ x, y }) => ([from, at] = [share, [x, y]]))
        .on('drag', ({ x, y }) => put(from + along([x - at[0], y - at[1]], way)))
        .on('end', () => {
            if (share === from) return;
            const isFar = share >= FAR_ENOUGH;
            const isMeant = isFar !== isOpen() && (isFar || drawer.hasAttribute('data-toggles'));
            if (isMeant) take();
            else moves.get(drawer)(Number(isOpen()));
        });
    letAcross(drawer, way);
    select(moved)
        .call(pulled)
        .style('touch-action', way[0] === 0 ? 'pan-x' : 'pan-y');
}

/** A finger that goes across the way moves the page: what would keep it from that is not told of it. */
function letAcross(drawer, [wayX]) {
    let [first, isAcross] = [null, null];
    const at = ({ clientX, clientY }) => [clientX, clientY];
    const listen = (name, act) => drawer.addEventListener(name, act, { capture: true, passive: true });
    listen('touchstart', ({ targetTouches }) => ([first, isAcross] = [at(targetTouches[0]), null]));
    listen('touchmove', (event) => {
        const [x, y] = at(event.targetTouches[0]).map((part, axis) => Math.abs(part - first[axis]));
        isAcross ??= wayX === 0 ? x > y : y > x;
        if (isAcross) event.stopPropagation();
    });
}

/** Moves a drawer to a share of its way; nothing for what is none. */
const moveDrawer = (drawer, to) => moves.get(drawer)?.(to) ?? null;

const shifted = (way, share) => `translate(${way.map((part) => part * share).join(' ')})`;

/** How much of a way a step goes along it. */
const along = ([x, y], [wayX, wayY]) => (x * wayX + y * wayY) / (wayX * wayX + wayY * wayY);

/** Goes from one share of a way to another, slower at its end. */
function run(from, to, put) {
    const lasts = WHOLE_WAY * Math.abs(to - from);
    if (lasts === 0 || isCalm()) return Promise.resolve(put(to));
    const begun = performance.now();

    return /** @type {Promise<void>} */ (
        new Promise((done) => {
            const step = (now) => {
                const passed = Math.min(1, Math.max(0, (now - begun) / lasts));
                put(from + (to - from) * (1 - (1 - passed) ** 3));
                if (passed < 1) requestAnimationFrame(step);
                else done();
            };
            requestAnimationFrame(step);
        })
    );
}

/** A lid goes up edge on; its other side may be shown when that is done. */
function liftLid(lid) {
    if (isCalm()) return Promise.resolve();
    lid.classList.add('is-lifting');

    return new Promise((done) => setTimeout(done, WHOLE_WAY / 2));
}

/** A lid comes down with its other side. */
function landLid(lid) {
    lid?.classList.remove('is-lifting');
    lid?.classList.add('is-landing');
}

export { dressDrawer, landLid, liftLid, moveDrawer };
