import { t } from '../lib/catalogue.js';
import { el, html, icon, mark, targetOf } from '../lib/dom.js';
import { drawMaths } from '../lib/maths.js';
import { startGuards } from './guard.js';
import { deliver, keep, left } from './pending.js';
import { offerRejoin } from './rejoin.js';
import { closePanel, dressStage, startStage } from './stage.js';

/** Sends actions without leaving the page. Every form works without this too. */
function begin() {
    const play = document.getElementById('play');
    startGuards(play);
    startStage(play);
    drawMaths(play);
    play.addEventListener('submit', (event) => {
        const form = targetOf(event).closest('form.act');
        if (!form) return;
        event.preventDefault();
        if (!form.dataset.busy) act(play, form, event.submitter);
    });
    play.addEventListener('input', (event) => {
        const field = targetOf(event);
        if (field.matches('[data-digits]')) field.value = field.value.replace(/[^\d\uFF10-\uFF19]/g, '');
    });
    wipeTyped();
    resume(play);
}

/** An answer that came back with the address is in its field now; the address needs it no more. */
function wipeTyped() {
    if (new URLSearchParams(location.search).has('typed')) history.replaceState(null, '', location.pathname);
}

async function act(play, form, submitter) {
    form.dataset.busy = 'yes';
    await finish(
        play,
        form,
        keep(play.dataset.address, new FormData(form, submitter?.type === 'image' ? null : submitter)),
    );
    delete form.dataset.busy;
}

/** Sends what was on its way when the page was left: it counts once, whether or not it had arrived. */
async function resume(play) {
    const fields = left(play.dataset.address);
    if (fields) await finish(play, formOf(fields), fields);
}

async function finish(play, form, fields) {
    const reply = await deliver(play.dataset.address, fields, (why, seconds) =>
        note(form, `${t(`play.${why}`)} ${t('play.again', { seconds })}`),
    );
    if (reply.status === 401) closePanel();
    if (reply.status === 401) return offerRejoin(play, reply.body.words, form);
    if (reply.body) show(play, form, reply.body);
    else location.reload();
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
    if (reply.scene) showScene(reply.scene);
    for (const [id, markup] of Object.entries(reply.things ?? {}))
        html(document.getElementById(`thing-${id}`), innerOf(markup));
    for (const [id, fields] of Object.entries(reply.locks ?? {})) showLock(id, fields);
    if (reply.rims !== undefined && reply.rims !== null) html(document.getElementById('rims'), reply.rims);
    for (const id of ['strip', 'backstage']) showAround(id, reply[id]);
    const feedback = feedbackOf(reply);
    const place = placeFor(reply, lock);
    place.replaceChildren(...(feedback ? [feedback] : []));
    if (feedback && place.id === 'happened')
        feedback.append(
            el(
                'button',
                {
                    type: 'button',
                    class: 'said-close',
                    'aria-label': t('play.close'),
                    onclick: () => feedback.remove(),
                },
                icon('x'),
            ),
        );
    dressStage();
    if (feedback) announce(feedback.textContent);
    if (reply.scene) arrive();
    else if (reply.verdict && reply.verdict.verdict !== 'open')
        form.querySelector('input:not([type=hidden]), textarea, select')?.focus();
}

/** What stands around a rehearsal: on this page, around its frame, or nowhere when the frame was opened by itself. */
function showAround(id, markup) {
    const place = document.getElementById(id) ?? window.parent.document.getElementById(id);
    if (markup && place) html(place, markup);
}

/** Beside the answer where its lock still stands, else at the head of the scene. */
function placeFor(reply, lock) {
    const id = reply.verdict?.lock ?? lock?.dataset.lock;
    const beside = reply.scene || !id ? null : document.querySelector(`#thing-${CSS.escape(id)} .feedback`);
    document.querySelectorAll('#happened').forEach((happened) => happened.replaceChildren());

    return beside ?? document.getElementById('happened');
}

function feedbackOf(reply) {
    if (reply.refusal) return el('p', { class: 'said said-refused' }, reply.refusal);
    if (!reply.verdict && reply.said.length === 0 && reply.given.length === 0) return null;
    const verdict = reply.verdict?.verdict;
    const words = reply.said.map((markup) => html(el('div', { class: 'words', lang: gameLanguage() }), markup));
    const gained = reply.given.map((name) => el('p', { class: 'gained' }, icon('backpack'), name));
    if (verdict && words.length === 0) words.push(el('p', {}, t(`play.neutral.${verdict}`)));

    return el(
        'div',
        { class: `said said-${verdict ?? 'plain'}` },
        verdict ? mark(verdict) : null,
        el('div', {}, verdict ? el('strong', {}, `${t(`play.verdict.${verdict}`)} `) : null, words, gained),
    );
}

/** Where the interface speaks another language, words of the game say which is theirs. */
function gameLanguage() {
    const { language } = document.getElementById('play').dataset;

    return language === document.documentElement.lang ? null : language;
}

function showScene(markup) {
    html(document.getElementById('scene'), markup);
    dressStage();
    document.title = `${document.querySelector('.scene-head h1').textContent} · Fravel`;
}

function arrive() {
    window.scrollTo({ top: 0 });
    document.querySelector('.scene-head h1')?.focus({ preventScroll: true });
}

function showLock(id, fields) {
    const lock = document.querySelector(`[data-lock="${CSS.escape(id)}"]`);
    if (!lock) return;
    lock.dataset.state = fields.state;
    lock.dataset.wait = fields.wait;
    lock.dispatchEvent(new CustomEvent('guard', { bubbles: true }));
    lock.querySelector('[data-hint-form]').hidden = !fields.hint;
    const hints = fields.hints.map((markup) =>
        el('div', { class: 'hint words' }, icon('lightbulb'), html(el('div', { lang: gameLanguage() }), markup)),
    );
    lock.querySelector('[data-hints]').replaceChildren(...hints);
}

function note(form, words) {
    const place = form.closest('.lock')?.querySelector('[data-feedback]') ?? document.getElementById('happened');
    place.replaceChildren(el('p', { class: 'said said-refused' }, words));
}

/** Where a panel lies over the page, only what is in it is read out. */
function announce(words) {
    (
        document.querySelector('dialog.panel [role=status].hidden-words') ?? document.getElementById('announce')
    ).textContent = words;
}

/** What stands inside the outermost element of some markup. */
function innerOf(markup) {
    return html(el('div'), markup).firstElementChild.innerHTML;
}

export { begin };
