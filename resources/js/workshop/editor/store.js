import { get, newKey, post } from '../../lib/http.js';
import { isSilent, patiently } from '../../lib/patience.js';
import { attempt, isTheServers } from './document.js';
import { openQueue } from './queue.js';

/** So often may the server fail at one edit before it is set aside. */
const MOST_FAILURES = 4;

/**
 * The game as the workshop holds it: edits are applied at once and sent in order. Tells of news by events: `change`
 * when the document is another, `kept` when an edit has arrived, `saved` with what the state of saving is, and
 * `refused` with what could not be kept: `{command, label, words}` where the server said why, `{…, code}` where that
 * was known here.
 *
 * @param {string} address of the game
 * @param {{get: Function, post: Function, storage: Storage|null}} link to the server, and what outlives a reload
 */
function openStore(address, link = { get, post, storage: globalThis.sessionStorage ?? null }) {
    const news = new EventTarget();
    const queue = openQueue(`edits.${address}`, link.storage);
    const store = {
        game: null,
        revision: 0,
        history: {},
        news,
        load,
        edit,
        build,
        undo: () => push('undo'),
        redo: () => push('redo'),
        returnTo,
        flushed,
        isPending: () => queue.all().length > 0,
    };
    /** The game as the server has it; what the workshop holds has on top what is still on its way. */
    let kept = null;
    let sending = null;
    let isGone = false;

    /** The game as it is kept, with what is still on its way on top; that is sent, if a reload left some. */
    async function load() {
        await fetchKept();
        if (store.isPending()) sending ??= send();
    }

    async function fetchKept() {
        const { body } = await patiently(
            () => link.get(`${address}/document`),
            (reply) => Boolean(reply.body?.document) || isNoMore(reply),
            waiting,
        );
        isGone = !body?.document;
        if (isGone) return tell('saved', 'gone');
        store.history = body.history;
        store.revision = body.revision;
        stand(body.document);
    }

    /** One gesture: a command, or several that count as one. */
    function edit(commands, label) {
        const command = Array.isArray(commands) ? { together: commands } : commands;
        if (!isTheServers(command)) {
            const { game, refusal } = attempt(store.game, command);
            if (refusal !== null) return tell('refused', { command, label, code: refusal });
            store.game = game;
            tell('change');
        }
        push('edits', { command, label });
    }

    /** What only the server can build; it arrives like any other edit. */
    function build(body, path = 'patterns') {
        push(path, body);
    }

    function returnTo(change) {
        push('history', { change });
    }

    /** Each with a key of its own: a reply that is lost on the way does nothing twice. */
    function push(path, body = {}) {
        queue.push({ path, body: { ...body, key: newKey() }, made: store.revision });
        sending ??= send();
    }

    /** Goes on whatever the server and the network do: each entry is kept or given back, and the next one is sent. */
    async function send() {
        while (store.isPending()) {
            tell('saved', 'saving');
            const entry = queue.first();
            const reply = await deliver(entry);
            queue.settle();
            await heed(reply, entry);
            giveBack(reply, entry);
        }
        sending = null;
        tell('saved', isGone ? 'gone' : 'saved');
    }

    /** Sends until there is an answer. What the server can't take, try after try, comes back without one. */
    function deliver({ path, body, made }) {
        let failures = 0;
        const isAnswer = (reply) =>
            (reply.status === 500 && ++failures === MOST_FAILURES) || !(isSilent(reply) || isSignedOut(reply));

        return patiently(
            () => link.post(`${address}/${path}`, { ...body, base: store.revision, made, own: queue.own() }),
            isAnswer,
            waiting,
        );
    }

    async function heed({ body }, { path, body: { command } }) {
        if (body?.revision === undefined) return fetchKept();
        store.history = body.history;
        store.revision = body.revision;
        if (!body.refusal) queue.owns(body.kept);
        if (body.document) return stand(body.document);
        // What is asked again follows its question: then the server did more than it was asked to.
        const isShown = path === 'edits' && !isTheServers(command) && partsOf(command) === partsOf(body.applied);
        const { game, refusal } = attempt(kept, isShown ? command : body.applied);
        if (refusal !== null) return fetchKept();
        if (!isShown) return stand(game);
        kept = game;
        tell('kept');
    }

    /** Says what could not be kept, once the game stands without it. */
    function giveBack({ status, body }, { body: { command = null, label = '' } }) {
        if (body?.refusal) return tell('refused', { command, label, words: body.refusal });
        if (body?.revision !== undefined) return;
        tell('refused', { command, label, ...(status === 500 ? { code: 'failed' } : { words: body?.message ?? '' }) });
    }

    /**
     * The server's document, with what is still on its way on top; what doesn't fit there is for the server to refuse,
     * and what only the server works out shows when it has.
     */
    function stand(document) {
        kept = document;
        store.game = queue.all().reduce((game, { body }) => attempt(game, body.command).game, document);
        tell('change');
    }

    /** Resolves when all that was done is kept. */
    async function flushed() {
        await sending;
    }

    function waiting(reply) {
        tell('saved', isSignedOut(reply) ? 'signedOut' : 'waiting');
    }

    function tell(kind, detail) {
        news.dispatchEvent(new CustomEvent(kind, { detail }));
    }

    return store;
}

/** Commands in one gesture. */
const partsOf = (command) => command?.together?.length ?? 1;

/** Deleted, or no longer this teacher's. */
const isNoMore = ({ status }) => status === 403 || status === 404;

const isSignedOut = ({ status }) => status === 401 || status === 419;

export { openStore };
