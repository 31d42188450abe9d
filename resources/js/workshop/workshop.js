import { t, wordsAt } from '../lib/catalogue.js';
import { drawMaths } from '../lib/maths.js';
import { GAME } from './document.js';
import { openFindings } from './findings.js';
import { openHistory } from './history.js';
import { openLost } from './lost.js';
import { openMap } from './map/map.js';
import { openPatterns } from './patterns/patterns.js';
import { openScene } from './scene/scene.js';
import { openSheet } from './sheet/sheet.js';
import { openStore } from './store.js';

/** The keys that turn to the faces. */
const FACES = { 1: 'map', 2: 'scene', 3: 'sheet' };

const byId = (id) => document.getElementById(id);

/** One game, its faces, and what is always in view: saved state, undo and redo. */
async function begin() {
    const faces = byId('faces');
    const store = openStore(faces.dataset.address);
    const desk = { store, scene: null, thing: null, show, walkTo, rehearsal: faces.dataset.rehearsal };
    const lost = openLost(byId('lost'), store);
    desk.alarm = alarm;
    store.news.addEventListener('saved', ({ detail }) => saved(detail));
    store.news.addEventListener('refused', ({ detail }) => refused(detail, lost));
    window.addEventListener('beforeunload', (event) => store.isPending() && event.preventDefault());
    await store.load();
    if (!store.game) return;
    const asked = new URLSearchParams(location.search).get('scene');
    desk.scene = store.game.scenes.some((scene) => scene.id === asked) ? asked : store.game.start;
    desk.patterns = openPatterns(desk, faces.dataset.address);
    desk.draw = () => drawn[desk.face]?.draw();
    const drawn = {
        map: openMap(byId('face-map'), desk),
        scene: openScene(byId('face-scene'), desk),
        sheet: openSheet(byId('face-sheet'), desk),
    };

    function show(face) {
        desk.face = face;
        for (const name of Object.keys(drawn)) {
            byId(`face-${name}`).hidden = name !== face;
            document
                .querySelector(`[data-face="${name}"]`)
                .setAttribute('aria-current', name === face ? 'page' : 'false');
        }
        sessionStorage.setItem(`face.${faces.dataset.address}`, face);
        desk.draw();
    }

    function walkTo(scene, thing = null) {
        desk.scene = scene;
        desk.thing = thing;
        show('scene');
    }

    store.news.addEventListener('change', () => {
        if (!store.game.scenes.some((scene) => scene.id === desk.scene)) desk.scene = store.game.start;
        desk.draw();
        frame(desk);
    });
    store.news.addEventListener('kept', () => frame(desk));
    listen(desk);
    drawMaths(faces);
    show(
        asked
            ? 'scene'
            : (sessionStorage.getItem(`face.${faces.dataset.address}`) ??
                  (store.game.scenes.length > 1 ? 'map' : 'scene')),
    );
    frame(desk);
    openFindings(desk, faces.dataset.address);
    openHistory(desk, faces.dataset.address);
    openAsked(desk);
}

/** A new game that begins with a pattern asks for its content at once. */
function openAsked(desk) {
    const pattern = new URLSearchParams(location.search).get('pattern');
    if (!pattern) return;
    history.replaceState(null, '', location.pathname);
    desk.patterns.open(pattern);
}

function listen(desk) {
    const { store } = desk;
    document
        .querySelectorAll('[data-face]')
        .forEach((button) => button.addEventListener('click', () => desk.show(button.dataset.face)));
    byId('undo').addEventListener('click', store.undo);
    byId('redo').addEventListener('click', store.redo);
    byId('game-title').addEventListener('change', (event) =>
        store.edit(
            { set: GAME, field: 'title', to: event.target.value.trim() || t('games.untitled') },
            t('edits.labels.titleOfTheGame'),
        ),
    );
    const goOn = byId('go-on-rehearsing');
    goOn.hidden = !new URLSearchParams(location.search).has('rehearsing');
    goOn.addEventListener('click', async (event) => {
        event.preventDefault();
        document.activeElement?.blur();
        await store.flushed();
        location.href = goOn.href;
    });
    byId('rehearse').addEventListener('click', async (event) => {
        event.preventDefault();
        document.activeElement?.blur();
        await store.flushed();
        location.href = `${desk.rehearsal}?from=${encodeURIComponent(desk.scene)}`;
    });
    document.addEventListener('keydown', (event) => onKey(event, desk));
}

function onKey(event, desk) {
    const isTyping = event.target.matches('input, textarea, select');
    if (event.ctrlKey || event.metaKey) {
        if (isTyping || event.key.toLowerCase() !== 'z') return;
        event.preventDefault();
        event.shiftKey ? desk.store.redo() : desk.store.undo();
    } else if (!isTyping && !event.altKey && FACES[event.key] && !event.target.closest('.grid')) {
        desk.show(FACES[event.key]);
    }
}

function frame(desk) {
    const { undo, redo } = desk.store.history;
    const title = byId('game-title');
    if (document.activeElement !== title) title.value = desk.store.game.title;
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

function alarm(words, link = null) {
    const alert = byId('alert');
    alert.replaceChildren(words, ' ');
    if (link)
        alert.append(
            Object.assign(document.createElement('a'), { href: link.href, target: '_blank', textContent: link.text }),
        );
    alert.hidden = words === '';
    clearTimeout(alarm.timer);
    alarm.timer = setTimeout(
        () => {
            alert.hidden = true;
        },
        link ? 60000 : 9000,
    );
}

export { begin };
