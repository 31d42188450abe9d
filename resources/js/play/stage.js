import { t } from '../lib/catalogue.js';
import { el, icon, svg } from '../lib/dom.js';
import { nearer, stayingBeside } from './look.js';

/**
 * What a stage needs beside its drawing: things that open in a panel over it, its list, and on small screens a view of
 * the whole. Without scripts the list stands under the stage and everything in it works.
 */
function startStage(play) {
    play.addEventListener('click', (event) => {
        const opener = event.target.closest('[data-panel]');
        if (opener) {
            event.preventDefault();
            openPanel(opener.dataset.panel, opener);
        }
        if (event.target.closest('[data-digit]')) press(event.target.closest('[data-digit]'));
        if (event.target.closest('[data-stage-fit]')) toggleWhole(event.target.closest('[data-stage-fit]'));
        const areas = event.target.closest('[data-stage-areas]');
        if (areas) areas.setAttribute('aria-pressed', document.body.classList.toggle('show-areas'));
        if (event.target.closest('[data-stage-list]')) toggleList(event.target.closest('[data-stage-list]'));
    });
    play.addEventListener('keydown', (event) => {
        const opener = event.target.closest('[data-panel]');
        if (opener && event.key === ' ') {
            event.preventDefault();
            opener.click();
        }
    });
    dressStage();
    window.addEventListener('resize', dressStage);
}

/** A key of the pad: a digit more, or the last one away. */
function press(key) {
    const field = key.closest('form').querySelector('[data-digits]');
    field.value =
        key.dataset.digit === ''
            ? field.value.slice(0, -1)
            : (field.value + key.dataset.digit).slice(0, Number(field.dataset.digits));
}

/**
 * Lets an area be pressed inside its outline alone: a drawn polygon over it takes what is pressed and hands it on. A
 * clip path would do the same, but WebKit looks for taps on what it clips somewhere else.
 */
function outlined(area) {
    const room = area.closest('foreignObject');
    if (room.nextElementSibling) return;
    const [x, y, width, height] = ['x', 'y', 'width', 'height'].map((name) => Number(room.getAttribute(name)));
    const points = JSON.parse(area.dataset.points).map(([across, down]) => [x + across * width, y + down * height]);
    room.classList.add('stage-outlined');
    room.after(svg('polygon', { class: 'stage-outline', points: points.join(' '), onclick: () => area.click() }));
}

/** What a style sheet can't know, and the tools that only a small screen needs. */
function dressStage() {
    document.querySelectorAll('.stage [data-points]').forEach(outlined);
    document.querySelectorAll('.things > [data-stays] img, .said img').forEach(nearer);
    document.querySelectorAll('[data-pad]').forEach((pad) => {
        pad.hidden = false;
    });
    const frame = document.querySelector('[data-stage-frame]');
    const fit = document.querySelector('[data-stage-fit]');
    if (!frame || !fit) return;
    fit.hidden = frame.scrollWidth <= frame.clientWidth + 1 && !frame.classList.contains('is-whole');
}

/** The thing as it stands in the list, taken out of it and put over the stage until it is closed. */
function openPanel(id, opener) {
    const thing = document.getElementById(`thing-${id}`);
    if (!thing || thing.closest('dialog')) return;
    const place = document.createComment('');
    thing.before(place);
    const close = el(
        'button',
        { type: 'button', class: 'panel-close', 'aria-label': t('play.close'), onclick: () => panel.close() },
        icon('x'),
    );
    const panel = el(
        'dialog',
        { class: 'panel', 'aria-label': opener.getAttribute('aria-label') ?? opener.textContent.trim() },
        close,
        stayingBeside() ?? '',
        thing,
        el('p', { class: 'hidden-words', role: 'status' }),
    );
    panel.addEventListener('click', (event) => event.target === panel && panel.close());
    panel.addEventListener('close', () => {
        if (place.isConnected) place.replaceWith(thing);
        panel.remove();
        opener.focus();
    });
    document.getElementById('scene-main').append(panel);
    panel.showModal();
    (thing.querySelector('input:not([type=hidden]), textarea, select, button:not(.link)') ?? close).focus();
}

function closePanel() {
    document.querySelector('dialog.panel')?.close();
}

function toggleWhole(button) {
    const isWhole = document.querySelector('[data-stage-frame]').classList.toggle('is-whole');
    button.querySelector('span').textContent = t(isWhole ? 'play.stage.near' : 'play.stage.whole');
}

function toggleList(button) {
    const isList = document.getElementById('scene-main').classList.toggle('as-list');
    button.setAttribute('aria-expanded', isList);
}

export { closePanel, dressStage, startStage };
