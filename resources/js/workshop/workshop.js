import { t, wordsAt } from '../lib/catalogue.js';
import { targetOf } from '../lib/dom.js';
import { drawMaths } from '../lib/maths.js';
import { Editor } from './editor/context.js';
import { GAME } from './editor/document.js';
import { openFindings } from './editor/findings.js';
import { openHistory } from './editor/history.js';
import { openLost } from './editor/lost.js';
import { watchTwins } from './editor/twins.js';
import { earlyFace, faceOf, KEYS, lastFace, openFaces } from './faces.js';

/** @returns {Found} */
const byId = (id) => /** @type {any} */ (document.getElementById(id));

/** One game, its faces, and what is always in view: saved state, undo and redo. */
async function begin() {
    const holder = byId('faces');
    const editor = new Editor(holder.dataset.address);
    const { store } = editor;
    const lost = openLost(byId('lost'), store);
    editor.offer({ alarm });
    store.news.addEventListener('saved', (/** @type {CustomEvent} */ { detail }) => saved(detail));
    store.news.addEventListener('refused', (/** @type {CustomEvent} */ { detail }) => refused(detail, lost));
    window.addEventListener('beforeunload', (event) => store.isPending() && event.preventDefault());
    const wanted = earlyFace();
    await store.load();
    if (!store.game) return;
    watchTwins(editor);
    const query = new URLSearchParams(location.search);
    const asked = query.get('scene');
    editor.scene = store.game.scenes.some((scene) => scene.id === asked) ? asked : store.game.start;
    if (editor.scene === asked) editor.thing = query.get('thing');
    openFaces(editor);
    editor.offer({ build: patternsOf(editor) });
    store.news.addEventListener('change', () => {
        if (!store.game.scenes.some((scene) => scene.id === editor.scene)) editor.scene = store.game.start;
        editor.draw();
        frame(editor);
    });
    store.news.addEventListener('kept', () => frame(editor));
    listen(editor);
    drawMaths(holder);
    const usual = store.game.scenes.length > 1 ? 'map' : 'scene';
    editor.show(wanted() ?? faceOf(query) ?? (asked ? 'scene' : (lastFace(editor) ?? usual)));
    frame(editor);
    openFindings(editor);
    openHistory(editor);
    openAsked(editor);
}

/** Patterns are loaded when the first is asked for, and stay as they were left. */
function patternsOf(editor) {
    let opening = null;
    const load = () => import('./patterns/patterns.js').then(({ openPatterns }) => openPatterns(editor));

    return async function build(pattern = null) {
        opening ??= load();
        try {
            (await opening).open(pattern);
        } catch {
            opening = null;
            editor.alarm(t('workshop.notFetched'), { act: () => build(pattern), text: t('workshop.tryAgain') });
        }
    };
}

/** A new game that begins with a pattern asks for its content at once. */
function openAsked(editor) {
    const pattern = new URLSearchParams(location.search).get('pattern');
    if (!pattern) return;
    history.replaceState(null, '', location.pathname);
    editor.build(pattern);
}

function listen(editor) {
    const { store } = editor;
    document.querySelectorAll('[data-face]').forEach((link) =>
        link.addEventListener('click', (event) => {
            event.preventDefault();
            editor.show(link.dataset.face);
        }),
    );
    byId('undo').addEventListener('click', store.undo);
    byId('redo').addEventListener('click', store.redo);
    byId('game-title').addEventListener('change', () =>
        store.edit(
            { set: GAME, field: 'title', to: byId('game-title').value.trim() || t('games.untitled') },
            t('edits.labels.titleOfTheGame'),
        ),
    );
    const goOn = byId('go-on-rehearsing');
    goOn.hidden = !new URLSearchParams(location.search).has('rehearsing');
    goOn.addEventListener('click', async (event) => {
        event.preventDefault();
        leaveField();
        await store.flushed();
        location.href = goOn.href;
    });
    byId('rehearse').addEventListener('click', async (event) => {
        event.preventDefault();
        leaveField();
        await store.flushed();
        location.href = `${editor.address}/rehearsal?from=${encodeURIComponent(editor.scene)}`;
    });
    document.addEventListener('keydown', (event) => onKey(event, editor));
}

/** What is typed in a field is kept when it is left. */
function leaveField() {
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
}

function onKey(event, editor) {
    const target = targetOf(event);
    const isTyping = target.matches('input, textarea, select');
    if (event.ctrlKey || event.metaKey) {
        if (isTyping || event.key.toLowerCase() !== 'z') return;
        event.preventDefault();
        event.shiftKey ? editor.store.redo() : editor.store.undo();
    } else if (!isTyping && !event.altKey && KEYS[event.key] && !target.closest('.sheet-grid')) {
        editor.show(KEYS[event.key]);
    }
}

function frame(editor) {
    const { undo, redo } = editor.store.history;
    const title = byId('game-title');
    if (document.activeElement !== title) title.value = editor.store.game.title;
    tool(byId('undo'), undo, t('workshop.undo'));
    tool(byId('redo'), redo, t('workshop.redo'));
}

function tool(button, label, verb) {
    button.disabled = label === null || label === undefined;
    button.title = label ? `${verb}: ${label}` : verb;
}

function saved(state) {
    const shown = byId('saved');
    shown.dataset.state = state;
    shown.querySelector('span').textContent = t(`workshop.${state}`);
    if (state === 'signedOut')
        alarm(t('workshop.signedOut'), { href: '/sign-in', text: t('workshop.signInElsewhere') });
}

/** Says why something could not be kept, and keeps in reach what was typed. */
function refused({ command, label, code, words }, lost) {
    alarm(
        words ??
            (code === 'failed'
                ? t('workshop.lost.failed', { label })
                : (wordsAt('edits.refused')[code] ?? t('edits.refused.other'))),
    );
    lost.take({ command, label });
}

let quieting = null;

/** With a link that leads elsewhere, or a button that does something about it. */
function alarm(words, link = null) {
    const alert = byId('alert');
    alert.replaceChildren(words, ' ', ...(link ? [link.act ? deed(link, alert) : elsewhere(link)] : []));
    alert.hidden = words === '';
    clearTimeout(quieting);
    quieting = setTimeout(
        () => {
            alert.hidden = true;
        },
        link ? 60000 : 9000,
    );
}

const elsewhere = ({ href, text }) =>
    Object.assign(document.createElement('a'), { href, target: '_blank', textContent: text });

const deed = ({ act, text }, alert) =>
    Object.assign(document.createElement('button'), {
        type: 'button',
        className: 'button',
        textContent: text,
        onclick: () => {
            alert.hidden = true;
            act();
        },
    });

export { begin };
