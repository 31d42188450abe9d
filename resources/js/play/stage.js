import { t } from '../lib/catalogue.js';
import { el, icon, svg } from '../lib/dom.js';
import { stayingBeside } from './beside.js';
import { cutStage } from './cut.js';
import { dock } from './dock.js';
import { dressFinding } from './finding.js';
import { lookNear, nearer } from './near.js';

/**
 * What a stage needs beside its drawing: things that open in a panel over it, its list, and looking nearer. Without
 * scripts the list stands under the stage and everything in it works.
 */
function startStage(play) {
    play.addEventListener('click', (event) => {
        const opener = event.target.closest('[data-panel]');
        if (opener) {
            event.preventDefault();
            openPanel(opener.dataset.panel, opener);
        }
        const areas = event.target.closest('[data-stage-areas]');
        if (areas) areas.setAttribute('aria-pressed', document.body.classList.toggle('show-areas'));
        if (event.target.closest('[data-stage-list]')) toggleList();
    });
    play.addEventListener('keydown', (event) => {
        const opener = event.target.closest('[data-panel]');
        if (opener && event.key === ' ') {
            event.preventDefault();
            opener.click();
        }
    });
    dressStage();
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

/** What a style sheet can't know. */
function dressStage() {
    document.querySelectorAll('.stage [data-points]').forEach(outlined);
    document.querySelectorAll('.things > [data-stays] img, .said img').forEach(nearer);
    const frame = document.querySelector('[data-stage-frame]:not(.is-dressed)');
    if (frame) dressFrame(frame);
    if (frame && listed === document.getElementById('scene-main').dataset.scene) showList(true);
    const help = document.querySelector('[data-finding][hidden]');
    if (help) dressFinding(help);
}

/** Lets a stage be looked at nearer; where it was put it stays until another scene comes. */
function dressFrame(frame) {
    frame.classList.add('is-dressed');
    if (frame.dataset.cut || frame.dataset.phoneCut) cutStage(frame);
    const [nearButton, wholeButton] = ['near', 'whole'].map((tool) => document.querySelector(`[data-stage-${tool}]`));
    nearButton.classList.remove('by-script');
    const look = lookNear(frame, frame.querySelector('.stage'), {
        name: document.getElementById('scene-main').dataset.scene,
        tell: (scale) => {
            wholeButton.hidden = scale === 1;
        },
    });
    nearButton.addEventListener('click', () => look.step(1));
    wholeButton.addEventListener('click', () => {
        look.whole();
        nearButton.focus();
    });
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
    dock(panel, opener);
    panel.showModal();
    (firstOf(thing) ?? close).focus();
}

/** Where an answer begins: the first of its fields, places or buttons that is seen. */
function firstOf(thing) {
    const parts = [...thing.querySelectorAll('.places, input:not([type=hidden]), textarea, select, button:not(.link)')];

    return parts.find((part) => part.checkVisibility());
}

function closePanel() {
    document.querySelector('dialog.panel')?.close();
}

/** The scene whose things are shown as a list, so that an action does not put it away. */
let listed = null;

function toggleList() {
    const scene = document.getElementById('scene-main');
    listed = scene.classList.contains('as-list') ? null : scene.dataset.scene;
    showList(listed !== null);
}

function showList(isList) {
    const scene = document.getElementById('scene-main');
    scene.classList.toggle('as-list', isList);
    scene.dispatchEvent(new Event('listed'));
    document.querySelector('[data-stage-list]')?.setAttribute('aria-expanded', String(isList));
}

export { closePanel, dressStage, startStage };
