import { t } from '../lib/catalogue.js';
import { el, html, icon, targetOf } from '../lib/dom.js';
import { pause } from '../lib/http.js';
import { drawMaths } from '../lib/maths.js';
import { beam, settle, showNew, standing } from './arrival.js';
import { dressCall } from './call.js';
import { clearPlace } from './clear-place.js';
import { startClock } from './clock.js';
import { countTurned, dressCovers, landCover, moveCover, restCover } from './covers.js';
import { dressFilm } from './film/film.js';
import { nextPrompt, shakeBox } from './find.js';
import { startGuards } from './guard.js';
import { dressInputs, tellJudged, turnKeyboard } from './inputs/inputs.js';
import { deliver, keep, left } from './pending.js';
import { listen, putAway } from './news.js';
import { offerRejoin } from './rejoin.js';
import { dressSatchel, showRims } from './satchel.js';
import { feedbackOf, gameLanguage, unsaidOf } from './said.js';
import { knownAfter } from './seq.js';
import { dressSounds, hearWhat, sounding } from './sounds.js';
import { closePanel, dressStage, startStage } from './stage.js';
import { picturesOf } from './pictures.js';
import { isAsBefore, noteReply, rest, startTaps } from './taps.js';
import { dressTeam } from './team.js';

/** Up to this width of a stage what is said stands below it, as most of what is read does. */
const NARROW = 686;

/**
 * Sends actions without leaving the page. Every form works without this too. What can be pressed comes first, and the
 * rest in small steps, so that a press is answered between them.
 */
async function begin() {
    const play = document.getElementById('play');
    startTaps(play);
    play.addEventListener('submit', (event) => {
        const form = targetOf(event).closest('form.act');
        if (!form) return;
        event.preventDefault();
        if (!form.dataset.busy) act(play, form, event.submitter);
    });
    play.addEventListener('click', turnKeyboard);
    startStage(play);
    wipeTyped();
    const steps = [
        () => dressInputs(play),
        dressCovers,
        dressFilm,
        () => startGuards(play),
        dressSounds,
        dressSatchel,
        dressCall,
        () => dressTeam(play),
        startClock,
        () => drawMaths(play),
    ];
    for (const step of steps) {
        await pause(0);
        step();
    }
    listen(play, (reply) => {
        const whole = { said: [], given: [], verdict: null, refusal: null, ...reply };
        noteReply(null, whole);
        show(play, play, whole);
    });
    resume(play);
}

/** An answer that came back with the address is in its field now; the address needs it no more. */
function wipeTyped() {
    if (new URLSearchParams(location.search).has('typed')) history.replaceState(null, '', location.pathname);
}

async function act(play, form, submitter) {
    const fields = new FormData(form, submitter?.type === 'image' ? null : submitter);
    if (isAsBefore(form, fields)) return;
    const ballot = document.querySelector('[data-ballot]');
    if (ballot) fields.set('ballot', /** @type {HTMLElement} */ (ballot).dataset.ballot);
    form.dataset.busy = 'yes';
    keep(play.dataset.address, fields);
    if (queued > 0) note(form, t('play.queued'));
    await inTurn(() => finish(play, form.isConnected ? form : formOf(fields), fields));
    delete form.dataset.busy;
}

/** Sends what was on its way when the page was left: it counts once, whether or not it had arrived. */
async function resume(play) {
    left(play.dataset.address).forEach((fields) => inTurn(() => finish(play, formOf(fields), fields)));
}

/** What is done while something is on its way waits for its turn: it arrives in the order it was done. */
let [queued, before] = [0, Promise.resolve()];

function inTurn(send) {
    queued++;
    before = before.then(send, send).finally(() => queued--);

    return before;
}

async function finish(play, form, fields) {
    const moved = moveCover(form);
    const reply = await deliver(play.dataset.address, fields, (why, seconds) =>
        note(form, `${t(`play.${why}`)} ${t('play.again', { seconds })}`),
    );
    await moved;
    if (reply.body?.refusal || !reply.body) restCover(form);
    if (reply.status === 401) closePanel();
    if (reply.status === 401) return offerRejoin(play, reply.body.words, form);
    if (!reply.body || reply.body.behind) return location.reload();
    noteReply(fields, reply.body);
    await picturesOf(reply.body);
    show(play, form, reply.body);
}

/** The form of this page that such an action comes from; the scene itself when there is none any more. */
function formOf(fields) {
    const forms = [...document.querySelectorAll('form.act')];

    return (
        forms.find(
            (form) =>
                form.elements.verb?.value === fields.get('verb') &&
                (form.elements.on?.value ?? null) === fields.get('on'),
        ) ?? document.getElementById('scene')
    );
}

function show(play, form, reply) {
    const lock = form.closest('.lock');
    const before = standing();
    const heard = sounding();
    if (reply.beat) play.dataset.beat = reply.beat;
    if (play.dataset.seq) play.dataset.seq = knownAfter(Number(play.dataset.seq), reply.seq);
    if (reply.scene) showScene(reply.scene);
    const isElsewhere = standing().scene !== before.scene;
    if (isElsewhere) rest(play);
    if (isElsewhere) document.getElementById('scene-main').classList.add('just-come');
    if (isElsewhere || reply.verdict?.verdict === 'open') putAway();
    for (const [id, markup] of Object.entries(reply.things ?? {})) {
        const thing = document.getElementById(`thing-${id}`);
        html(thing, innerOf(markup));
        landCover(thing);
    }
    for (const [id, markup] of Object.entries(reply.drawn ?? {})) redrawn(id, markup);
    for (const [id, fields] of Object.entries(reply.locks ?? {})) showLock(id, fields);
    if (reply.rims !== undefined && reply.rims !== null) showRims(reply.rims);
    for (const id of ['vote', 'strip', 'backstage']) showAround(id, reply[id]);
    countTurned();
    const fresh = showNew(before);
    const feedback = feedbackOf(unsaidOf(reply), fresh);
    const place = placeFor(reply, lock, isElsewhere);
    place.replaceChildren(...(feedback ? [feedback] : []));
    dressStage();
    dressInputs(play);
    dressCovers();
    dressFilm();
    dressSounds();
    dressTeam(play);
    hearWhat(heard, { isOpened: reply.verdict?.verdict === 'open', ended: reply.ended ?? null });
    if (feedback && place.id === 'happened') float(feedback, reply.verdict?.lock ?? before.at);
    announce([feedbackOf(reply, fresh)?.textContent, nextPrompt(reply)].filter(Boolean).join(' '));
    if (reply.verdict?.verdict === 'wrong' && before.box) shakeBox(before.box);
    if (reply.verdict?.verdict === 'open') showOpened(reply.verdict.lock);
    if (!isElsewhere) bringToSight(place, reply);
    if (reply.scene || document.activeElement === document.body) settle(before);
    if (reply.scene) return;
    if (reply.verdict && reply.verdict.verdict !== 'open') tellJudged(lock);
}

/** One thing of the stage, drawn anew in its place. */
function redrawn(id, markup) {
    const held = document.querySelector(`[data-drawn="${CSS.escape(id)}"]`);
    const fresh = html(el('div'), `<svg>${markup}</svg>`).querySelector('[data-drawn]');
    held?.replaceWith(fresh);
    landCover(fresh);
}

/** What is said about a stage lies over it where it covers nothing; it can be put away. */
function float(feedback, about) {
    const close = { type: 'button', class: 'said-close', 'aria-label': t('play.close') };
    feedback.append(el('button', { ...close, onclick: () => feedback.remove() }, icon('x')));
    const frame = document.querySelector('[data-stage-frame]');
    if (!frame) return;
    const isBelow = frame.getBoundingClientRect().width <= NARROW;
    if (!isBelow) clearPlace(feedback, frame, about && document.querySelector(`[data-drawn="${CSS.escape(about)}"]`));
    if (!feedback.classList.contains('is-floating')) feedback.scrollIntoView({ block: 'nearest' });
}

/** What was answered is told of where one looks; what stands at the lock instead, too. */
function bringToSight(place, { verdict }) {
    if (!verdict) return;
    const done = document.querySelector(`#thing-${CSS.escape(verdict.lock)} [data-done]`);
    const told = [place.firstElementChild, done].find((one) => one?.checkVisibility());
    if (!told?.classList.contains('is-floating')) told?.scrollIntoView({ block: 'nearest' });
}

/** A thing that opens does so visibly: on the stage, and where it stands in the list. */
function showOpened(lock) {
    const drawn = document.querySelector(`[data-drawn="${CSS.escape(lock)}"]`);
    for (const place of [drawn, document.getElementById(`thing-${lock}`)]) place?.classList.add('just-opened');
    if (drawn) beam(drawn);
}

/** What stands around a rehearsal: on this page, around its frame, or nowhere when the frame was opened by itself. */
function showAround(id, markup) {
    const place = document.getElementById(id) ?? window.parent.document.getElementById(id);
    if (markup && place) html(place, markup);
}

/** Beside the answer where its lock still stands, else at the head of the scene. */
function placeFor(reply, lock, isElsewhere) {
    const id = reply.verdict?.lock ?? lock?.dataset.lock;
    const beside = isElsewhere || !id ? null : feedbackAt(CSS.escape(id));
    document.querySelectorAll('#happened').forEach((happened) => happened.replaceChildren());

    // A scene that was drawn anew has closed what lay over it.
    const isSeen = beside && (!reply.scene || beside.parentElement.checkVisibility());

    return isSeen ? beside : document.getElementById('happened');
}

/** Where feedback on a thing stands: in its panel or in the list, or on the stage itself. */
function feedbackAt(id) {
    const places = [...document.querySelectorAll(`:is(#thing-${id}, [data-drawn='${id}']) .feedback`)];

    return places.find((place) => place.parentElement.checkVisibility()) ?? places[0] ?? null;
}

function showScene(markup) {
    html(document.getElementById('scene'), markup);
    dressStage();
    document.title = `${document.querySelector('.scene-head h1').textContent} · Fravel`;
}

function showLock(id, fields) {
    const lock = document.querySelector(`[data-lock="${CSS.escape(id)}"]`);
    if (!lock) return;
    lock.dataset.state = fields.state;
    lock.dataset.wait = fields.wait;
    for (const opener of document.querySelectorAll(`[data-panel="${CSS.escape(id)}"]`)) tellState(opener, fields.state);
    lock.dispatchEvent(new CustomEvent('guard', { bubbles: true }));
    lock.querySelector('[data-hint-form]').hidden = !fields.hint;
    const hints = fields.hints.map((markup) =>
        el('div', { class: 'hint words' }, icon('lightbulb'), html(el('div', { lang: gameLanguage() }), markup)),
    );
    lock.querySelector('[data-hints]').replaceChildren(...hints);
    if (fields.order) standInOrder(lock, fields.order);
}

/** Where a lock stands it says what the last answer came to; a matter of opinion does not. */
function tellState(opener, state) {
    opener.dataset.state = state;
    if (!opener.dataset.name || !opener.querySelector(`.tried-${state}`)) return;
    opener.setAttribute('aria-label', `${opener.dataset.name}: ${t(`play.verdict.${state}`)}`);
}

/** Options stand in another order after a wrong try; what is picked and where the keyboard is stay. */
function standInOrder(lock, order) {
    const active = /** @type {HTMLElement} */ (document.activeElement);
    for (const id of order) {
        const option = lock.querySelector(`.option:has([value="${CSS.escape(id)}"])`);
        option?.parentElement.append(option);
    }
    if (active !== document.activeElement && active.isConnected) active.focus();
}

function note(form, words) {
    const place = form.closest('.lock')?.querySelector('[data-feedback]') ?? document.getElementById('happened');
    place.replaceChildren(el('p', { class: 'said said-refused' }, words));
}

/** Where a panel lies over the page, only what is in it is read out. */
function announce(words) {
    (document.querySelector('dialog.panel > [role=status]') ?? document.getElementById('announce')).textContent = words;
}

/** What stands inside the outermost element of some markup. */
function innerOf(markup) {
    return html(el('div'), markup).firstElementChild.innerHTML;
}

export { begin };
