import { dressBar, tellBar } from './bar.js';
import { crossed, held, readingTime, restAfter } from './course.js';
import { fileOf, joinPieces } from './pieces.js';

const READ = 'fravel.film.read';

/** The film of this page, as it runs; its media element outlives the markup around it. */
let film = null;

/** Takes up the film of the scene that is shown, or the one that ran already with what is known of it now. */
function dressFilm() {
    const root = /** @type {HTMLElement | null} */ (document.querySelector('[data-film]'));
    if (root === film?.root) return;
    if (!root) {
        film = null;

        return;
    }
    const before = film?.id === root.dataset.film ? film : null;
    film = { root, id: root.dataset.film, course: JSON.parse(root.dataset.course), media: null, last: -1, sent: null };
    film.media = mediaOf(root, before);
    if (film.media) before?.media === film.media ? takeUp(film, before) : begin(film);
    dressInstead(film);
    goOnOnceDone(film, before);
}

/** The media element of before goes on in the new markup: taken over in one go it does not even pause. */
function mediaOf(root, before) {
    const fresh = root.querySelector('video, audio');
    const isAnother = !fresh || !before?.media || fileOf(before.root, before.media) !== fileOf(root, fresh);
    if (!isAnother) fresh.replaceWith(before.media);
    const media = isAnother ? fresh : before.media;
    if (media) joinPieces(media, root);

    return media;
}

function begin(film) {
    const { media, course } = film;
    media.controls = false;
    measureLater(media);
    film.last = (course.open?.at ?? course.at) - 1;
    wind(course.open?.at ?? course.at);
    media.addEventListener('seeking', hold);
    for (const event of ['timeupdate', 'seeked']) media.addEventListener(event, tick);
    media.addEventListener('ended', further);
    media.addEventListener('playing', () => requestAnimationFrame(run));
    media.addEventListener('error', fail);
    for (const event of ['play', 'pause', 'loadedmetadata', 'ratechange', 'seeked'])
        media.addEventListener(event, tell);
    dressBar(film);
    if (media.error) fail();
}

/** Of a film whose poster is there the length can come after all that is seen first. */
function measureLater(media) {
    const measure = () => {
        if (media.preload === 'none') media.preload = 'metadata';
    };
    if (document.readyState === 'complete') measure();
    else addEventListener('load', measure, { once: true });
}

/** Goes on with what is known now. */
function takeUp(film, before) {
    film.last = before.last;
    dressBar(film);
    const { course } = film;
    film.until = course.until;
    if (course.times !== before.course.times) {
        wind(course.at);
        play();
    } else if (course.open && course.open.lasts === null) rest(course.open.at);
    else if (course.open) goBy(film.media.currentTime);
    else if (before.course.open && !course.open) play();
    tellBar(film);
}

/** A film that is moved before its length is known goes there once it is. */
function wind(at) {
    film.last = at - 0.5;
    film.until = film.course.until;
    const { media } = film;
    if (media.readyState > 0) media.currentTime = at;
    else media.addEventListener('loadedmetadata', () => (media.currentTime = at), { once: true });
}

/** A film at its end would begin anew; what it ran past there is looked for instead. */
function play() {
    if (film.media.ended) return tick();
    film.media.play().catch(() => tell());
}

function rest(at) {
    film.media.pause();
    if (Math.abs(film.media.currentTime - at) > 0.02) film.media.currentTime = at;
}

/** Looks at the time with every picture, so that a stop opens when it is due. */
function run() {
    if (!film?.media || film.media.paused) return;
    tick();
    requestAnimationFrame(run);
}

function tick() {
    if (!film?.media || film.media.seeking) return;
    const { media, course } = film;
    const now = media.currentTime;
    tellBar(film);
    if (course.open) return course.open.lasts === null ? stayBefore(course.open.at, now) : goBy(now);
    if (film.until && now >= film.until && course.then) return open({ id: course.then, at: film.until });
    const stop = crossed(course, film.last, now);
    film.last = Math.max(now, film.last);
    if (stop) open(stop);
}

/** Where a stop is due the film rests, unless it goes by itself. */
function open({ id, at, isPassing = false }) {
    if (!isPassing) rest(at);
    if (film.sent === id) return;
    film.sent = id;
    const form = film.root.querySelector('[data-film-cue]');
    form.elements.on.value = id;
    form.requestSubmit();
}

/** At the end of a piece the next one runs, where nothing holds the film up. */
function further() {
    tick();
    const now = film?.media?.currentTime;
    const isHeld = !film?.media || film.media.ended || held(film.course, now, now + 0.2) === now;
    const { open: stop } = film?.course ?? {};
    if (!isHeld && (!stop || stop.lasts !== null || now < stop.at - 0.1)) play();
}

/** What came before may be seen again while a stop is open; at the stop the film rests again. */
function stayBefore(at, now) {
    if (now > at + 0.05) rest(at);
}

/** A stop that goes by itself has its time; the film waits for the next where nothing has come back by then. */
function goBy(now) {
    const { open: stop } = film.course;
    const end = restAfter(film.course, stop.at);
    if (now > end) rest(end);
    if ((now < stop.at + stop.lasts && now > stop.at - 1) || film.sent === 'on') return;
    film.sent = 'on';
    goOn();
}

/** Nobody gets past a stop that must be answered. */
function hold() {
    if (!film?.media) return;
    const { media, course } = film;
    if (course.open && course.open.lasts === null && media.currentTime > course.open.at + 0.1) {
        media.currentTime = course.open.at;

        return;
    }
    const to = held(course, film.last, media.currentTime);
    if (to !== media.currentTime) media.currentTime = to;
    film.last = Math.min(to, to === media.currentTime ? to : film.last) - 0.05;
}

/** Once what was asked is answered the film goes on by itself, when that was read. */
function goOnOnceDone(film, before) {
    const { open: stop, asks } = film.course;
    const wasOpen = before?.course.open;
    if (!stop?.isDone || !asks || wasOpen?.id !== stop.id || wasOpen.isDone || stop.lasts !== null) return;
    const said = [...document.querySelectorAll('#scene [data-done]')].map((one) => one.textContent).join('');
    setTimeout(() => film.root.isConnected && goOn(), readingTime(said.trim().length));
}

function goOn() {
    const forms = [...document.querySelectorAll('#scene form.act')];
    /** @type {any} */ (forms.find((form) => form.elements.verb?.value === 'continue'))?.requestSubmit();
}

/** What can't be played is read: poster, words, and the stops in their order. */
function fail() {
    film.root.querySelector('[data-film-failed]').hidden = false;
    read(film, true);
}

function dressInstead(film) {
    const toggle = film.root.querySelector('[data-film-instead]');
    toggle.hidden = !film.media;
    toggle.addEventListener('click', () => {
        const isRead = !film.root.classList.contains('is-read');
        localStorage.setItem(READ, isRead ? 'yes' : '');
        read(film, isRead);
    });
    if (!film.media || localStorage.getItem(READ) === 'yes' || film.media.error) read(film, true);
}

function read({ root, media }, isRead) {
    root.classList.toggle('is-read', isRead);
    root.querySelector('[data-film-instead]').setAttribute('aria-pressed', String(isRead));
    const words = root.querySelector('[data-film-words]');
    if (words && isRead) words.open = true;
    if (isRead) media?.pause();
}

const tell = () => film?.media && tellBar(film);

export { dressFilm };
