import { html } from '../lib/dom.js';

/** From this width of a window what is held stands beside the name of the satchel. */
const WIDE = '(min-width: 40.02rem)';

/** The satchel lies open where there is room for it. */
function dressSatchel() {
    const satchel = document.querySelector('#rims [data-satchel]');
    if (satchel && window.matchMedia(WIDE).matches) satchel.setAttribute('open', '');
}

/** The satchel as it is now, open if it was, with what came into it marked and named. */
function showRims(markup) {
    const rims = document.getElementById('rims');
    const held = () => [...rims.querySelectorAll('[data-token]')];
    const before = new Set(held().map((token) => token.dataset.token));
    const wasOpen = rims.querySelector('[data-satchel]')?.hasAttribute('open');
    html(rims, markup);
    if (wasOpen) rims.querySelector('[data-satchel]')?.setAttribute('open', '');
    else if (before.size === 0) dressSatchel();
    const fresh = held().filter((token) => !before.has(token.dataset.token));
    for (const token of fresh) token.classList.add('is-new');
    const place = rims.querySelector('[data-satchel-new]');
    const names = fresh.map((token) => (token.querySelector('summary') ?? token).textContent.trim());
    if (place && names.length > 0) place.textContent = `+ ${names.join(', ')}`;
}

export { dressSatchel, showRims };
