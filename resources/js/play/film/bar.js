import { clock, held, rangesOf } from './course.js';

const SPEEDS = [1, 1.25, 1.5, 0.75];

/** What runs the film by hand: play, the line with its stops, captions, speed, the whole screen. */
function dressBar(film) {
    const { root, media, course } = film;
    const at = (name) => root.querySelector(`[data-film-${name}]`);
    const bar = at('bar');
    if (!bar) return;
    bar.classList.remove('by-script');
    at('play').onclick = () => (media.paused ? media.play().catch(() => {}) : media.pause());
    at('begin').hidden = false;
    at('begin').onclick = media.onclick = () => at('play').click();
    at('line').oninput = ({ target }) => (media.currentTime = held(course, film.last, Number(target.value)));
    at('line').onkeydown = (event) => step(event, film);
    at('speed').onclick = () => {
        media.playbackRate = SPEEDS[(SPEEDS.indexOf(media.playbackRate) + 1) % SPEEDS.length];
    };
    if (at('captions'))
        at('captions').onclick = ({ currentTarget }) => {
            const isOn = currentTarget.getAttribute('aria-pressed') !== 'true';
            currentTarget.setAttribute('aria-pressed', String(isOn));
            root.classList.toggle('without-captions', !isOn);
        };
    if (at('whole'))
        at('whole').onclick = () => (document.fullscreenElement ? document.exitFullscreen() : whole(root, media));
    for (const line of root.querySelectorAll('[data-film-words] li'))
        line.onclick = () => (media.currentTime = held(course, film.last, Number(line.dataset.at)));
    tellBar(film);
}

function whole(root, media) {
    const picture = root.requestFullscreen ? root : media;
    (picture.requestFullscreen ?? picture.webkitEnterFullscreen)?.call(picture);
}

/** Arrows go a second, page keys ten. */
function step(event, film) {
    const by = { ArrowLeft: -1, ArrowRight: 1, ArrowDown: -1, ArrowUp: 1, PageDown: -10, PageUp: 10 }[event.key];
    if (!by) return;
    event.preventDefault();
    film.media.currentTime = Math.max(0, held(film.course, film.last, film.media.currentTime + by));
}

/** Shows where the film is. */
function tellBar(film) {
    const { root, media, course } = film;
    const at = (name) => root.querySelector(`[data-film-${name}]`);
    root.classList.toggle('is-running', !media.paused);
    if (!media.paused) root.classList.add('has-run');
    caption(film);
    if (!at('bar')) return;
    const length = Number.isFinite(media.duration) ? media.duration : 0;
    const now = clock(media.currentTime);
    if (at('time').textContent !== now) {
        at('time').textContent = now;
        at('line').setAttribute('aria-valuetext', now);
    }
    at('line').max = length || 100;
    at('line').value = media.currentTime;
    at('play').setAttribute('aria-label', media.paused ? at('play').dataset.play : at('play').dataset.pause);
    at('speed').textContent = `${media.playbackRate}×`;
    at('speed').setAttribute('aria-label', `${at('speed').dataset.says}: ${media.playbackRate}`);
    if (length === 0 || at('marks').dataset.of === String(length)) return;
    at('marks').dataset.of = length;
    at('length').textContent = ` / ${clock(length)}`;
    drawMarks(at('marks'), course, length);
}

/** Where stops are, done and not, and what lies behind the one that waits. */
function drawMarks(place, course, length) {
    const mark = (kind, from, to) => {
        const one = document.createElement('span');
        one.className = kind;
        one.style.left = `${(100 * from) / length}%`;
        if (to !== undefined) one.style.width = `${(100 * (to - from)) / length}%`;

        return one;
    };
    const end = Math.max(...rangesOf(course).map(([, to]) => to));
    place.replaceChildren(
        ...(end < length ? [mark('film-closed', end, length)] : []),
        ...course.stops.map((stop) => mark(`film-mark${stop.isDone && stop.isSeen ? ' is-done' : ''}`, stop.at)),
    );
}

function caption({ root, media, course }) {
    const place = root.querySelector('[data-film-caption]');
    const now = media.currentTime;
    const line = course.lines.findLast(({ at, until }) => now >= at && now < until);
    const words = line?.text ?? '';
    if (place.textContent !== words) place.textContent = words;
    place.hidden = words === '';
    for (const one of root.querySelectorAll('[data-film-words] li'))
        one.classList.toggle('is-said', Boolean(line) && Number(one.dataset.at) === line.at);
}

export { dressBar, tellBar };
