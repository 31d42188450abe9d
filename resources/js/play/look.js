import { t } from '../lib/catalogue.js';
import { el, icon } from '../lib/dom.js';

/** How far one step of a key, a button or the wheel goes, and how near at most. */
const STEP = 1.4;
const NEAREST = 5;

/**
 * A picture that can be looked at nearer: by its buttons, by + and −, by two fingers, by the wheel when it is taken up
 * or with Ctrl held, by two taps. What is nearer is moved by scrolling; what was in the middle stays there.
 */
function nearer(picture) {
    if (picture.closest('.look')) return;
    let scale = 1;
    const frame = el('div', {
        class: 'look-frame',
        tabindex: 0,
        role: 'group',
        'aria-label': t('play.near_help', { picture: picture.alt }),
    });
    const to = (next) => {
        const [across, down] = [
            (frame.scrollLeft + frame.clientWidth / 2) / scale,
            (frame.scrollTop + frame.clientHeight / 2) / scale,
        ];
        scale = Math.min(NEAREST, Math.max(1, next));
        picture.style.width = `${100 * scale}%`;
        frame.scrollTo(across * scale - frame.clientWidth / 2, down * scale - frame.clientHeight / 2);
    };
    const look = el(
        'div',
        { class: 'look' },
        el(
            'div',
            { class: 'look-tools' },
            el(
                'button',
                { type: 'button', 'aria-label': t('play.nearer'), onclick: () => to(scale * STEP) },
                icon('zoom-in'),
            ),
            el(
                'button',
                { type: 'button', 'aria-label': t('play.farther'), onclick: () => to(scale / STEP) },
                icon('zoom-out'),
            ),
        ),
        frame,
    );
    picture.replaceWith(look);
    frame.append(picture);
    frame.addEventListener('keydown', (event) => {
        if (event.key === '+' || event.key === '=') to(scale * STEP);
        if (event.key === '-') to(scale / STEP);
    });
    frame.addEventListener(
        'wheel',
        (event) => {
            if (!event.ctrlKey && document.activeElement !== frame) return;
            event.preventDefault();
            to(event.deltaY < 0 ? scale * STEP : scale / STEP);
        },
        { passive: false },
    );
    picture.addEventListener('dblclick', () => to(scale > 1 ? 1 : 2));
    pinch(frame, () => scale, to);
}

/** Two fingers: as far as they part, so much nearer. One finger scrolls. */
function pinch(frame, scaleNow, to) {
    const fingers = new Map();
    let [apart, from] = [0, 1];
    const distance = () => {
        const [a, b] = [...fingers.values()];

        return Math.hypot(a.x - b.x, a.y - b.y);
    };
    const lift = ({ pointerId }) => fingers.delete(pointerId);
    frame.addEventListener('pointerdown', (event) => {
        if (event.pointerType !== 'touch') return;
        fingers.set(event.pointerId, { x: event.clientX, y: event.clientY });
        if (fingers.size === 2) [apart, from] = [distance(), scaleNow()];
    });
    frame.addEventListener('pointermove', (event) => {
        if (!fingers.has(event.pointerId)) return;
        fingers.set(event.pointerId, { x: event.clientX, y: event.clientY });
        if (fingers.size === 2 && apart > 0) to((from * distance()) / apart);
    });
    for (const kind of ['pointerup', 'pointercancel', 'pointerleave']) frame.addEventListener(kind, lift);
}

/**
 * What stays in view while locks are answered, once more for a panel: beside it, or one tap away where there is no
 * room.
 */
function stayingBeside() {
    const staying = [...document.querySelectorAll('#scene-main .thing[data-stays]')];
    if (staying.length === 0) return null;
    const copies = staying.map((thing) => {
        const copy = thing.cloneNode(true);
        copy.removeAttribute('id');
        copy.removeAttribute('data-thing');
        copy.querySelectorAll('[id]').forEach((part) => part.removeAttribute('id'));
        copy.querySelectorAll('.look').forEach((look) => look.replaceWith(look.querySelector('img')));
        copy.querySelectorAll('img').forEach(nearer);

        return copy;
    });

    return el(
        'details',
        { class: 'stays', open: window.matchMedia('(min-width: 60rem)').matches },
        el('summary', {}, icon('eye'), t('play.stays')),
        copies,
    );
}

export { nearer, stayingBeside };
