import { dressDrawer, landLid, liftLid, moveDrawer } from '../lib/drawer.js';
import { dressFinds } from './find.js';

/** The board at the front of the room: everything is here, and nothing is asked of the server. */
function begin() {
    const pages = [...document.querySelectorAll('[data-page-of-board]')];
    const count = document.querySelector('[data-board-count]');
    let at = 0;

    function turn(to) {
        at = Math.min(pages.length - 1, Math.max(0, to));
        pages.forEach((page, place) => (page.hidden = place !== at));
        count.textContent = `${at + 1} / ${pages.length}`;
    }

    const tools = {
        back: () => turn(at - 1),
        next: () => turn(at + 1),
        reset() {
            document.querySelectorAll('[data-cover]').forEach((cover) => show(cover, false));
            resetFinds();
        },
        full: () =>
            document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen(),
    };
    const keys = { ArrowLeft: 'back', PageUp: 'back', ArrowRight: 'next', PageDown: 'next', r: 'reset', f: 'full' };
    document.querySelectorAll('[data-board]').forEach((button) => {
        button.addEventListener('click', () => tools[button.dataset.board]());
    });
    document.addEventListener('keydown', (event) => {
        const tool = event.ctrlKey || event.metaKey || event.altKey ? null : keys[event.key];
        if (!tool) return;
        event.preventDefault();
        tools[tool]();
    });
    document.querySelectorAll('[data-cover]').forEach(dress);
    const resetFinds = dressFinds();
    turn(0);
}

function dress(cover) {
    const turn = () => show(cover, cover.dataset.open !== '1');
    if (cover.classList.contains('drawer')) dressDrawer(cover, turn);
    cover.querySelector('button').addEventListener('click', turn);
}

/** Opens a cover, or covers it again. Each is told by its button. */
async function show(cover, isOpen) {
    if ((cover.dataset.open === '1') === isOpen) return;
    cover.dataset.open = isOpen ? '1' : '0';
    const button = cover.querySelector('button');
    button.setAttribute('aria-expanded', String(isOpen));
    button.setAttribute('aria-label', isOpen ? button.dataset.both : button.dataset.front);
    const moved = moveDrawer(cover, Number(isOpen));
    if (moved) return;
    await liftLid(cover);
    const isNow = cover.dataset.open === '1';
    cover.querySelector('[data-side=front]').hidden = isNow;
    cover.querySelector('[data-side=back]').hidden = !isNow;
    landLid(cover);
}

export { begin };
