import { t } from '../../lib/catalogue.js';
import { el, svg } from '../../lib/dom.js';
import { lookNear } from '../near.js';

/** One step of the keyboard's cursor, as a part of the picture; with Shift. */
const STEP = 0.02;
const FINE = 0.004;

/**
 * A place on a picture: tapped, or found with the arrow keys; the picture can be looked at nearer for it.
 *
 * @param {HTMLElement} field
 */
function dressPoint(field) {
    const picture = field.querySelector('[data-widget] img');
    const [across, down] = ['point_x', 'point_y'].map((name) => el('input', { type: 'hidden', name }));
    const cross = svg(
        'svg',
        { class: 'cross', viewBox: '-12 -12 24 24', 'aria-hidden': 'true' },
        svg('path', { d: 'M0-11v8M0 3v8M-11 0h8M3 0h8' }),
        svg('circle', { r: 6.5 }),
    );
    const said = el('span', { class: 'hidden-words', role: 'status' });
    const frame = field.querySelector('[data-frame]');
    const sheet = frame.querySelector('[data-sheet]');
    let at = null;
    fit(picture, sheet);
    picture.addEventListener('load', () => fit(picture, sheet));

    function set(x, y, isTold) {
        at = [Math.min(1, Math.max(0, x)), Math.min(1, Math.max(0, y))];
        [across.value, down.value] = at.map((part) => part.toFixed(4));
        cross.style.left = `${at[0] * 100}%`;
        cross.style.top = `${at[1] * 100}%`;
        cross.classList.add('is-set');
        const [left, top] = at.map((part) => Math.round(part * 100));
        if (isTold) said.textContent = t('play.inputs.pointed', { left, top });
    }

    frame.addEventListener('click', ({ clientX, clientY }) => {
        const { left, top, width, height } = picture.getBoundingClientRect();
        const place = [(clientX - left) / width, (clientY - top) / height];
        if (place.every((part) => part >= 0 && part <= 1)) set(place[0], place[1], true);
    });
    const look = lookNear(frame, sheet, {
        arrow(x, y, { shiftKey }) {
            const step = shiftKey ? FINE : STEP;
            const [left, top] = at ?? [0.5, 0.5];
            set(left + x * step, top + y * step, true);
        },
    });
    for (const button of field.querySelectorAll('[data-near]'))
        button.addEventListener('click', () => look.step(Number(button.dataset.near)));
    field.querySelector('[data-plain]').replaceChildren(across, down, ...sizes());
    field.querySelector('[data-plain]').hidden = true;
    field.querySelector('[data-widget]').hidden = false;
    sheet.append(cross);
    field.append(said);
}

/** As large as there is room, in its own shape: not every browser knows the size of a drawing. */
function fit(picture, sheet) {
    const { naturalWidth, naturalHeight } = picture;
    if (naturalHeight > 0) sheet.style.width = `min(100%, calc(62vh * ${naturalWidth / naturalHeight}))`;
}

/** The picture is as wide and as high as its whole. */
const sizes = () => ['width', 'height'].map((name) => el('input', { type: 'hidden', name, value: 1 }));

export { dressPoint };
