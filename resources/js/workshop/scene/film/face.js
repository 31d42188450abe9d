import { t } from '../../../lib/catalogue.js';
import { el as make } from '../../../lib/dom.js';
import { el, icon, made, redraw } from '../../../lib/tree.js';
import { clock, filmOf, newStop, round, timeOf } from '../../editor/films.js';
import { clipOf } from '../../editor/files.js';
import { openLine } from './line.js';

/** Seconds that the keys beside play go. */
const STEPS = [-1, -0.1, 0.1, 1];

/**
 * The film of a scene above its page: the picture, what runs it, and the line with its stops. The element that plays
 * outlives every drawing.
 *
 * @param {import('../../editor/context.js').Editor} editor
 */
function openFilm(editor) {
    const media = /** @type {HTMLVideoElement} */ (
        make('video', { class: 'film-media', playsinline: true, preload: 'auto' })
    );
    const none = make('p', { class: 'help film-none', hidden: true });
    const bar = made(el('div', { class: 'film-tools', role: 'toolbar', 'aria-label': t('films.tools') }));
    const head = { at: 0, clip: null, game: null, film: null };
    const line = openLine({ head, seek, stopHere, editor, toggle });
    const node = make(
        'section',
        { class: 'film-face', 'aria-label': t('films.film'), hidden: true },
        make('div', { class: 'film-screen' }, media, none),
        bar,
        line.node,
    );

    function draw(scene) {
        const film = filmOf(editor.store.game, scene);
        node.hidden = film === null;
        head.film = film;
        if (film === null) return media.pause();
        show(film);
        if (film.stop && head.scene !== scene.id) seek(film.stop.stop.at);
        head.scene = scene.id;
        drawBar();
        line.draw();
    }

    /** Another film begins at its beginning. */
    function show({ clip }) {
        const file = clip.asset ? clipOf(editor, clip.asset) : null;
        if (head.clip !== clip.id) Object.assign(head, { clip: clip.id, at: 0 });
        if (media.getAttribute('src') !== file) file ? media.setAttribute('src', file) : media.removeAttribute('src');
        const asset = editor.store.game.assets?.find(({ id }) => id === clip.asset);
        const isSound = Boolean(asset?.type?.startsWith('audio/'));
        media.hidden = !file || isSound;
        none.hidden = !media.hidden;
        none.textContent = isSound
            ? t('films.soundOnly')
            : clip.source
              ? t('films.elsewhereHere', { address: clip.source })
              : t('films.noFile');
    }

    function seek(at) {
        head.at = round(Math.max(0, Math.min(at, line.length())));
        if (media.readyState > 0) media.currentTime = head.at;
        else media.addEventListener('loadedmetadata', () => (media.currentTime = head.at), { once: true });
        drawBar();
        line.draw();
    }

    function toggle() {
        media.paused ? media.play().catch(() => {}) : media.pause();
    }

    /** A stop stands where the film is, and is gone to. */
    function stopHere() {
        media.pause();
        const stop = newStop(editor.store.game, head.film.clip.id, head.at);
        editor.scene = stop.value.id;
        editor.thing = null;
        editor.store.edit(stop, t('edits.labels.newStop'));
    }

    function drawBar() {
        if (!head.film) return;
        redraw(bar, [
            tool('play', media.paused ? 'play' : 'pause', media.paused ? t('films.play') : t('films.pause'), toggle),
            STEPS.map((by) => {
                const [name, values] = [by < 0 ? 'back' : 'on', { seconds: Math.abs(by) }];

                return tool(`step${by}`, null, t(`films.${name}`, values), () => seek(head.at + by), {
                    words: t(`films.${name}Short`, values),
                });
            }),
            el('input', {
                class: 'film-at',
                'data-key': 'film.at',
                'aria-label': t('films.where'),
                value: clock(head.at, true),
                onchange: ({ target }) => seek(timeOf(target.value) ?? head.at),
            }),
            el('span', { class: 'film-of' }, `/ ${clock(line.length())}`),
            el(
                'button',
                { class: 'button film-stop-here', 'data-key': 'film.stop', onclick: stopHere },
                icon('plus'),
                t('films.stopHere'),
            ),
            el(
                'button',
                { class: 'button', 'data-key': 'film.paste', onclick: () => editor.pasteStops(head.film.clip.id) },
                icon('clipboard-paste'),
                t('films.pasteStops'),
            ),
            el(
                'button',
                {
                    class: 'button',
                    'data-key': 'film.card',
                    'aria-pressed': String(editor.thing === head.film.clip.id),
                    onclick: () => editor.walkTo(head.film.home.id, head.film.clip.id),
                },
                icon('captions'),
                t('films.captionsAndMore'),
            ),
        ]);
    }

    for (const event of ['play', 'pause']) media.addEventListener(event, drawBar);
    media.addEventListener('loadedmetadata', () => keepLength(media.duration));
    media.addEventListener('playing', () => requestAnimationFrame(run));
    media.addEventListener('seeked', follow);

    /** What the file itself says goes before what was told of it. */
    function keepLength(seconds) {
        const { film } = head;
        if (!film || !Number.isFinite(seconds)) return;
        line.draw();
        drawBar();
    }

    function run() {
        if (media.paused) return;
        follow();
        requestAnimationFrame(run);
    }

    function follow() {
        if (!head.film || !media.getAttribute('src')) return;
        head.at = round(media.currentTime);
        drawBar();
        line.draw();
    }

    line.measure(media);

    return { node, draw, head, media, seek };
}

function tool(key, sign, label, act, { words = '' } = {}) {
    return el(
        'button',
        { class: 'mover film-tool', 'data-key': `film.${key}`, 'aria-label': label, title: label, onclick: act },
        sign ? icon(sign) : words,
    );
}

export { openFilm };
