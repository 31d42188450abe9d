import { t } from '../lib/catalogue.js';
import { targetOf } from '../lib/dom.js';

/** Each face by its name, and what opens it; it is loaded when it is opened for the first time. */
const FACES = {
    map: () => import('./map/map.js').then(({ openMap }) => openMap),
    scene: () => import('./scene/scene.js').then(({ openScene }) => openScene),
    sheet: () => import('./sheet/sheet.js').then(({ openSheet }) => openSheet),
};

/** The keys that turn to the faces. */
const KEYS = { 1: 'map', 2: 'scene', 3: 'sheet' };

const holderOf = (name) => document.getElementById(`face-${name}`);

const linkTo = (name) => document.querySelector(`[data-face="${name}"]`);

const isFace = (name) => Object.hasOwn(FACES, name ?? '');

/** The faces of a game, of which one is shown. */
function openFaces(editor) {
    const opened = {};

    /** Settles when the face is there; one that could not be fetched is asked for again the next time. */
    async function open(name) {
        const opening = await FACES[name]();
        opened[name] ??= opening(holderOf(name), editor);
    }

    async function show(face) {
        editor.face = face;
        for (const name of Object.keys(FACES)) {
            holderOf(name).hidden = name !== face;
            linkTo(name).setAttribute('aria-current', name === face ? 'page' : 'false');
        }
        sessionStorage.setItem(`face.${editor.address}`, face);
        if (opened[face]) return editor.draw();
        try {
            await open(face);
        } catch {
            return editor.alarm(t('workshop.notFetched'), { act: () => show(face), text: t('workshop.tryAgain') });
        }
        if (editor.face === face) editor.draw();
    }

    async function walkTo(scene, thing = null) {
        editor.scene = scene;
        editor.thing = thing;
        await show('scene');
    }

    fetchEarly();
    editor.offer({ show, walkTo, draw: () => opened[editor.face]?.draw() });
}

/** What somebody points at is on its way before it is pressed. */
function fetchEarly() {
    const fetchFace = (name) => FACES[name]().catch(() => {});
    for (const name of Object.keys(FACES))
        for (const event of ['pointerenter', 'focus'])
            linkTo(name).addEventListener(event, () => fetchFace(name), { once: true });
    // From the map and the sheet one goes into a scene.
    for (const name of ['map', 'sheet'])
        for (const event of ['pointerover', 'focusin'])
            holderOf(name).addEventListener(event, () => fetchFace('scene'), { once: true });
}

/** Which face a link was followed to before there was a script to show it. */
function faceOf(query) {
    const face = query.get('face');
    if (face !== null) history.replaceState(null, '', location.pathname);

    return isFace(face) ? face : null;
}

/** Which face was asked for while the game was on its way; what is pressed early is not lost. */
function earlyFace() {
    let face = null;
    const nav = document.querySelector('.faces-nav');
    const note = (event) => {
        event.preventDefault();
        face = targetOf(event).closest('[data-face]')?.dataset.face ?? face;
    };
    nav.addEventListener('click', note);

    return () => {
        nav.removeEventListener('click', note);

        return face;
    };
}

/** The face that was shown last in this tab; null where none was. */
function lastFace(editor) {
    const face = sessionStorage.getItem(`face.${editor.address}`);

    return isFace(face) ? face : null;
}

export { earlyFace, faceOf, KEYS, lastFace, openFaces };
