import { t } from '../lib/catalogue.js';
import { iconAddress } from '../lib/dom.js';
import { tone } from './tones.js';

const WANTED = 'fravel.sounds';

/** What is heard in the scene, and which it is. */
let [heard, address] = [null, null];

/** The voice of the device, while it reads. */
const voice = globalThis.speechSynthesis ?? null;

const isWanted = () => localStorage.getItem(WANTED) === 'yes';

/** Sounds are off until the student wants them; then those of the scene, of covers and of what opens are heard. */
function dressSounds() {
    const scene = document.getElementById('scene-main');
    const tools = scene?.querySelector('[data-sound-tools]');
    if (!tools || tools.dataset.dressed) return;
    tools.dataset.dressed = 'yes';
    const sounds = /** @type {HTMLElement} */ (tools.querySelector('[data-sounds]'));
    sounds.classList.remove('invisible');
    sounds.addEventListener('click', () => {
        localStorage.setItem(WANTED, isWanted() ? '' : 'yes');
        tell(sounds);
        hear(scene.dataset.sound);
        if (isWanted() && !scene.dataset.sound) tone('open');
    });
    tell(sounds);
    hear(scene.dataset.sound);
    dressVoice(tools.querySelector('[data-aloud]'), scene);
}

function tell(button) {
    button.setAttribute('aria-pressed', String(isWanted()));
    button.querySelector('use').setAttribute('href', iconAddress(isWanted() ? 'volume-2' : 'volume-x'));
    name(button, t(isWanted() ? 'play.sounds.on' : 'play.sounds.off'));
}

function name(button, words) {
    button.querySelector('span').textContent = button.title = words;
}

/** The sound of a scene goes on while the next one has the same. */
function hear(sound) {
    const wanted = isWanted() && sound ? sound : null;
    if (wanted === address) return;
    heard?.pause();
    address = wanted;
    heard = wanted ? new Audio(wanted) : null;
    if (!heard) return;
    heard.loop = true;
    heard.play().catch(() => {});
}

/**
 * What has just happened is heard once: a scene that comes, a lock that opens, covers that were lifted, each with the
 * game's own sound where it has one.
 *
 * @param {{scene: string, lifted: Set<string>}} before
 * @param {{isOpened: boolean, ended: string | null}} now
 */
function hearWhat(before, { isOpened, ended }) {
    if (!isWanted()) return;
    const scene = document.getElementById('scene-main');
    const fresh = [...liftedCovers()].filter(([id]) => !before.lifted.has(id));
    const own = fresh.map(([, cover]) => /** @type {any} */ (cover)?.dataset.coverSound).filter(Boolean);
    for (const sound of own) new Audio(sound).play().catch(() => {});
    if (own.length > 0) return;
    if (scene.dataset.scene !== before.scene)
        return scene.dataset.sound ? undefined : tone(ended === 'won' ? 'won' : 'scene');
    if (isOpened) tone('open');
    else if (fresh.length > 0) tone('turn');
}

/** @returns {Map<string, Element | null>} covers that are lifted now, each with what it sounds like */
function liftedCovers() {
    const lifted = new Map();
    for (const part of document.querySelectorAll('#scene-main :is([data-lifted], [data-cover-sound])')) {
        const thing = /** @type {HTMLElement | null} */ (part.closest('[data-thing]'));
        const id = thing?.dataset.thing ?? /** @type {HTMLElement} */ (part).dataset.coverSound;
        if (id) lifted.set(id, part.matches('[data-cover-sound]') ? part : (lifted.get(id) ?? null));
    }

    return lifted;
}

/** @returns {{scene: string, lifted: Set<string>}} what can be heard by its change */
const sounding = () => ({
    scene: document.getElementById('scene-main').dataset.scene,
    lifted: new Set(liftedCovers().keys()),
});

/** The scene read out by the voice of the device. */
function dressVoice(button, scene) {
    if (!voice) return;
    button.classList.remove('by-script');
    if (voice.speaking) voice.cancel();
    button.addEventListener('click', () => {
        if (voice.speaking) return voice.cancel();
        const words = readable(scene);
        const says = new SpeechSynthesisUtterance(words);
        says.lang = document.getElementById('play').dataset.language;
        const told = (isSpeaking) => {
            button.classList.toggle('text-lamp', isSpeaking);
            name(button, t(isSpeaking ? 'play.sounds.quiet' : 'play.sounds.aloud'));
        };
        says.onstart = () => told(true);
        says.onend = says.onerror = () => told(false);
        voice.speak(says);
    });
}

/** What stands in a scene to be read: its title, texts, questions and options, in their order. */
function readable(scene) {
    const parts = [...scene.querySelectorAll('h1, .words, .option, .thing-choice button, [data-done]')];

    return parts
        .filter((part) => part.checkVisibility() && !part.parentElement.closest('.words, [data-done]'))
        .map((part) => part.textContent.replace(/\s+/g, ' ').trim())
        .filter(Boolean)
        .map((words) => (/[.!?:]$/.test(words) ? words : `${words}.`))
        .join(' ');
}

export { dressSounds, hearWhat, readable, sounding };
