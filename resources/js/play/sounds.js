import { t } from '../lib/catalogue.js';

const WANTED = 'fravel.sounds';

/** What is heard in the scene, and which it is. */
let [heard, address] = [null, null];

/** The voice of the device, while it reads. */
const voice = globalThis.speechSynthesis ?? null;

const isWanted = () => localStorage.getItem(WANTED) === 'yes';

/** Sounds are off until the student wants them; then those of the scene and of covers that are lifted are heard. */
function dressSounds() {
    const scene = document.getElementById('scene-main');
    const tools = scene?.querySelector('[data-sound-tools]');
    if (!tools || tools.dataset.dressed) return;
    tools.dataset.dressed = 'yes';
    const sounds = /** @type {HTMLElement} */ (tools.querySelector('[data-sounds]'));
    sounds.hidden = !scene.dataset.sound && !scene.querySelector('[data-cover-sound]');
    sounds.addEventListener('click', () => {
        localStorage.setItem(WANTED, isWanted() ? '' : 'yes');
        tell(sounds);
        hear(scene.dataset.sound);
    });
    tell(sounds);
    hear(scene.dataset.sound);
    dressVoice(tools.querySelector('[data-aloud]'), scene);
}

function tell(button) {
    button.setAttribute('aria-pressed', String(isWanted()));
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

/** Covers that were lifted just now are heard once. */
function hearCovers(before) {
    for (const cover of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('[data-cover-sound]'))) {
        const id = cover.closest('[data-thing]')?.dataset.thing ?? cover.dataset.coverSound;
        if (isWanted() && !before.has(id)) new Audio(cover.dataset.coverSound).play().catch(() => {});
    }
}

/** @returns {Set<string>} covers that can be heard now */
const sounding = () =>
    new Set(
        [.../** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('[data-cover-sound]'))].map(
            (cover) =>
                /** @type {HTMLElement | null} */ (cover.closest('[data-thing]'))?.dataset.thing ??
                cover.dataset.coverSound,
        ),
    );

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

export { dressSounds, hearCovers, readable, sounding };
