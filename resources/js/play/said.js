import { t, wordsAt } from '../lib/catalogue.js';
import { el, html, icon, mark } from '../lib/dom.js';
import { leadTo } from './arrival.js';
import { isOver } from './clock.js';

/** The first word of a verdict; none where nobody was right or wrong, or where what is said begins with it already. */
function headOf({ verdict, said }) {
    if (!verdict || ['noted', 'waiting'].includes(verdict.name)) return null;
    const head = t(`play.verdict.${verdict.name}`);
    const bare = (words) =>
        words
            .trim()
            .replace(/[.!]+$/, '')
            .toLowerCase();
    const first = said.length > 0 ? html(el('div'), said[0]).textContent : '';

    // "Open. Right." says one thing twice.
    const isVerdict = Object.values(wordsAt('play.verdict')).some((words) => bare(words) === bare(first));

    return isVerdict || bare(first).startsWith(bare(head)) ? null : head;
}

/** What is said of an answer about which the teacher says nothing: wordings take turns. */
function unsaidWords({ verdict, said }) {
    if (!verdict || said.length > 0) return null;
    const wordings = verdict.own.length > 0 ? verdict.own : wordsAt(`play.voice.${verdict.name}`);

    return wordings[verdict.tries % wordings.length];
}

/** What stands at a lock that is done need not be said beside it. */
function unsaidOf(reply) {
    const id = reply.verdict?.lock;
    const done = id && document.querySelector(`#thing-${CSS.escape(id)} [data-done]`);
    if (!done?.checkVisibility()) return reply;
    const isThere = (markup) => done.textContent.includes(html(el('div'), markup).textContent.trim());

    return { ...reply, verdict: null, said: reply.said.filter((markup) => !isThere(markup)) };
}

function feedbackOf(reply, fresh) {
    // That the time is up stands on the page already.
    if (reply.refusal) return isOver() ? null : el('p', { class: 'said said-refused' }, reply.refusal);
    if (!reply.verdict && [reply.said, reply.given, fresh].every((list) => list.length === 0)) return null;
    const { verdict, isMarked } = reply.verdict ?? {};
    const [head, unsaid] = [headOf(reply), unsaidWords(reply)];
    const words = reply.said.map((markup) => html(el('div', { class: 'words', lang: gameLanguage() }), markup));
    const gained = reply.given.map((name) => el('p', { class: 'gained' }, icon('backpack'), name));
    if (fresh.length > 0) gained.push(newHere(fresh));
    if (unsaid) words.push(el('p', {}, unsaid));

    return el(
        'div',
        { class: `said said-${verdict ?? 'plain'}` },
        isMarked ? mark(verdict === 'round' ? 'open' : verdict) : null,
        el('div', {}, head ? el('strong', {}, `${head} `) : null, words, gained),
    );
}

/** What is new, with the way to it. */
function newHere(fresh) {
    const what = fresh.map(({ name }) => name).join(', ');
    const lead = { type: 'button', class: 'link gained', onclick: () => leadTo(fresh[0].id) };

    return el('p', {}, el('button', lead, icon('eye'), t('play.new.are', { what })));
}

/** Where the interface speaks another language, words of the game say which is theirs. */
function gameLanguage() {
    const { language } = document.getElementById('play').dataset;

    return language === document.documentElement.lang ? null : language;
}

export { feedbackOf, gameLanguage, unsaidOf };
