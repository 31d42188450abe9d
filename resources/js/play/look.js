import { el, icon } from '../lib/dom.js';

const STEPS = [1, 1.5, 2, 3, 4];

/**
 * A picture that can be looked at nearer: by its buttons, by + and −, by the wheel with Ctrl held, by a press; on touch
 * screens two fingers do what they always do. What is nearer is moved by scrolling.
 */
function nearer(picture) {
    if (picture.closest('.look')) return;
    let step = 0;
    const frame = el('div', { class: 'look-frame', tabindex: 0, role: 'group', 'aria-label': `${picture.alt}; plus and minus look nearer and farther` });
    const to = (next) => {
        step = Math.min(STEPS.length - 1, Math.max(0, next));
        picture.style.width = `${100 * STEPS[step]}%`;
    };
    const look = el('div', { class: 'look' }, el('div', { class: 'look-tools' },
        el('button', { type: 'button', 'aria-label': 'Nearer', onclick: () => to(step + 1) }, icon('zoom-in')),
        el('button', { type: 'button', 'aria-label': 'Farther', onclick: () => to(step - 1) }, icon('zoom-out'))), frame);
    picture.replaceWith(look);
    frame.append(picture);
    frame.addEventListener('keydown', (event) => {
        if (event.key === '+' || event.key === '=') to(step + 1);
        if (event.key === '-') to(step - 1);
    });
    frame.addEventListener('wheel', (event) => {
        if (!event.ctrlKey) return;
        event.preventDefault();
        to(step + (event.deltaY < 0 ? 1 : -1));
    }, { passive: false });
    picture.addEventListener('dblclick', () => to(step === 0 ? 2 : 0));
}

/** What stays in view while locks are answered, once more for a panel: beside it, or one tap away where there is no room. */
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

    return el('details', { class: 'stays', open: window.matchMedia('(min-width: 60rem)').matches }, el('summary', {}, icon('eye'), document.getElementById('play').dataset.stays), copies);
}

export { nearer, stayingBeside };
