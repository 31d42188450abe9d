import { select } from 'd3-selection';
import { zoom, zoomIdentity, zoomTransform } from 'd3-zoom';
import { svg } from '../lib/dom.js';

/** How far one step of a key, a button or the wheel goes, and how near at most. */
const STEP = 1.4;
const NEAREST = 6;
const BY_TAPS = 2.5;

/** Where one looks at what was looked at before, by its name: an action draws a stage anew, and it stays there. */
const kept = new Map();

/**
 * Lets what fills a frame be looked at nearer: by two fingers, two taps, the wheel, + and −, or what calls `by`. What
 * is nearer is moved by one finger or by the arrow keys, unless these are for something else (`arrow`). `tell` is given
 * how near it is, from 1 (seen whole).
 *
 * @param {HTMLElement} frame
 * @param {HTMLElement | SVGElement} drawing
 * @param {{name?: string, tell?: (scale: number) => void,
 *     arrow?: (across: number, down: number, event: KeyboardEvent) => void}} options
 */
function lookNear(frame, drawing, { name, tell = () => {}, arrow = null } = {}) {
    const where = whereMark();
    const view = select(frame);
    const look = zoom()
        .scaleExtent([1, NEAREST])
        .touchable(true)
        .constrain((transform, [, size]) => within(transform, size))
        .filter((event) => isForLooking(event, frame))
        .on('zoom', ({ transform }) => show(transform));
    const by = (factor) => view.call(look.scaleBy, factor);
    const whole = () => view.call(look.transform, zoomIdentity);
    /** @returns {[number, number]} */
    const size = () => [frame.clientWidth, frame.clientHeight];

    function show(transform) {
        const [width, height] = size();
        const { k, x, y } = transform;
        drawing.style.transform = k === 1 ? '' : `translate(${x}px, ${y}px) scale(${k})`;
        frame.classList.toggle('is-near', k > 1);
        where.show(k, -x / (k * width), -y / (k * height));
        if (name) kept.set(name, { k, x: x / width, y: y / height });
        tell(k);
    }

    /** The same place, whatever became of the frame's size. */
    function again({ k, x, y }) {
        const [width, height] = size();
        view.call(look.transform, within(zoomIdentity.translate(x * width, y * height).scale(k), size()));
    }

    function move(across, down) {
        const [width, height] = size();
        const { k } = zoomTransform(frame);
        view.call(look.translateBy, (-across * width) / (4 * k), (-down * height) / (4 * k));
    }

    view.call(look).on('dblclick.zoom', null);
    onTwoTaps(frame, (place) => (zoomTransform(frame).k > 1 ? whole() : view.call(look.scaleTo, BY_TAPS, place)));
    frame.addEventListener('keydown', (event) => {
        const act = { '+': () => by(STEP), '=': () => by(STEP), '-': () => by(1 / STEP), 0: whole }[event.key];
        const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (act) act();
        else if (way && arrow) arrow(way[0], way[1], event);
        else if (way && zoomTransform(frame).k > 1) move(way[0], way[1]);
        else return;
        event.preventDefault();
    });
    frame.addEventListener('focusin', ({ target }) => bringIn(target, frame, view, look));
    let before = size();
    new ResizeObserver(() => {
        const { k, x, y } = zoomTransform(frame);
        if (k > 1 && size()[0] > 0) again({ k, x: x / before[0], y: y / before[1] });
        before = size();
    }).observe(frame);
    frame.append(where.element);
    if (kept.has(name)) again(kept.get(name));

    return { by, whole, step: STEP };
}

/** No further than the drawing reaches. */
function within({ k, x, y }, [width, height]) {
    const between = (least, value) => Math.max(least, Math.min(0, value));

    return zoomIdentity.translate(between(width * (1 - k), x), between(height * (1 - k), y)).scale(k);
}

/**
 * The wheel scrolls a page that has more to show, unless the frame was taken up or Ctrl is held; one finger scrolls it
 * too, until something is looked at nearer.
 */
function isForLooking(event, frame) {
    if (event.type === 'wheel') return event.ctrlKey || frame.contains(document.activeElement) || !isScrolling();
    const isNear = zoomTransform(frame).k > 1;

    return event.type === 'touchstart' ? isNear || event.touches.length > 1 : isNear && !event.button;
}

const isScrolling = () => document.documentElement.scrollHeight > window.innerHeight + 1;

/** Two taps or clicks on one place, not on what can be pressed: that is pressed twice. */
function onTwoTaps(frame, act) {
    let last = { timeStamp: -Infinity, clientX: 0, clientY: 0 };
    frame.addEventListener('pointerup', (event) => {
        if (!event.isPrimary || event.target.closest('button, a')) return;
        const apart = Math.hypot(event.clientX - last.clientX, event.clientY - last.clientY);
        const isSecond = event.timeStamp - last.timeStamp < 350 && apart < 24;
        last = isSecond ? { timeStamp: -Infinity, clientX: 0, clientY: 0 } : event;
        const { left, top } = frame.getBoundingClientRect();
        if (isSecond) act([event.clientX - left, event.clientY - top]);
    });
}

/** What the keyboard comes to is brought into view. */
function bringIn(target, frame, view, look) {
    const { k } = zoomTransform(frame);
    if (k === 1 || target === frame || !target.matches(':focus-visible')) return;
    const [room, part] = [frame.getBoundingClientRect(), target.getBoundingClientRect()];
    const isIn =
        part.left >= room.left && part.right <= room.right && part.top >= room.top && part.bottom <= room.bottom;
    if (isIn) return;
    const across = room.left + room.width / 2 - (part.left + part.width / 2);
    const down = room.top + room.height / 2 - (part.top + part.height / 2);
    view.call(look.translateBy, across / k, down / k);
}

/** A small drawing of the whole with the part that is seen: it says that there is more, and where. */
function whereMark() {
    const part = svg('rect', { class: 'near-part' });
    const element = svg(
        'svg',
        { class: 'near-where', viewBox: '0 0 100 100', preserveAspectRatio: 'none', 'aria-hidden': 'true' },
        part,
    );

    return {
        element,
        show(k, left, top) {
            for (const [name, value] of Object.entries({ x: left, y: top, width: 1 / k, height: 1 / k }))
                part.setAttribute(name, String(value * 100));
        },
    };
}

export { lookNear };
