import { get, newKey, pause, post } from '../lib/http.js';
import { apply } from './document.js';

/** So often may the server fail at one edit before it is set aside. */
const MOST_FAILURES = 4;

/**
 * The game as the workshop holds it: edits are applied at once and sent in order. Tells of news by events: `change` when
 * the document is another, `kept` when an edit has arrived, `saved` with what the state of saving is, `refused` with words,
 * `aside` with an edit's label when it failed again and again and was set aside, so that what came after it is kept.
 */
function openStore(address) {
    const news = new EventTarget();
    const store = { game: null, revision: 0, history: {}, news, edit, build, undo: () => step('undo'), redo: () => step('redo'), returnTo, load, flushed };
    let queue = [];
    let sending = null;

    /** The game as it is kept, with what is still on its way on top. */
    async function load() {
        for (let wait = 500; ; wait = Math.min(wait * 2, 8000)) {
            const { body } = await get(`${address}/document`);
            if (body?.document) {
                store.history = body.history;
                store.revision = body.revision;

                return takeUnderPending(body.document);
            }
            tell('saved', 'waiting');
            await pause(wait);
        }
    }

    /** One gesture: a command, or several that count as one. */
    function edit(commands, label) {
        const command = Array.isArray(commands) ? { together: commands } : commands;
        if (!isTheServers(command)) {
            store.game = apply(store.game, command);
            tell('change');
        }
        push('edits', { command, label });
    }

    /** What only the server can build; it arrives like any other edit. */
    function build(body) {
        push('patterns', body);
    }

    function step(path) {
        push(path, {});
    }

    function returnTo(change) {
        push('history', { change });
    }

    /** Each with a key of its own: a reply that is lost on the way does nothing twice. */
    function push(path, body) {
        queue.push({ path, body: { ...body, key: newKey() } });
        sending ??= send();
    }

    async function send() {
        while (queue.length > 0) {
            tell('saved', 'saving');
            const { path, body } = queue[0];
            const reply = await deliver(`${address}/${path}`, { ...body, base: store.revision });
            queue.shift();
            await heed(reply, path, body);
        }
        sending = null;
        tell('saved', 'saved');
    }

    /** Sends until there is an answer. What the server can't take, try after try, comes back without one. */
    async function deliver(to, body) {
        for (let wait = 500, failures = 0; ; wait = Math.min(wait * 2, 8000)) {
            const reply = await post(to, body);
            if (reply.status === 500) failures += 1;
            if (failures === MOST_FAILURES) return reply;
            if (reply.status === 401 || reply.status === 419) tell('saved', 'signedOut');
            else if (reply.status === 0 || reply.status === 429 || reply.status >= 500) tell('saved', 'waiting');
            else return reply;
            await pause(wait);
        }
    }

    function heed({ status, body }, path, sent) {
        if (!body || body.revision === undefined) {
            if (status === 500) tell('aside', sent.label ?? '');
            else tell('refused', body?.message ?? '');

            return load();
        }
        store.history = body.history;
        store.revision = body.revision;
        if (body.refusal) tell('refused', body.refusal);
        if (body.document) return takeUnderPending(body.document);
        if (path === 'edits' && !isTheServers(sent.command)) return tell('kept');
        store.game = apply(store.game, body.applied);
        tell('change');
    }

    /** The server's document, with what is still on its way on top. */
    function takeUnderPending(document) {
        const pending = queue.filter((entry) => entry.path === 'edits' && !isTheServers(entry.body.command));
        take(pending.reduce((game, entry) => put(game, entry.body.command), document), store.revision);
    }

    /** What can't be put on top any more is for the server to refuse, in words. */
    function put(game, command) {
        try {
            return apply(game, command);
        } catch {
            return game;
        }
    }

    function take(document, revision) {
        store.game = document;
        store.revision = revision;
        tell('change');
    }

    /** Resolves when all that was done is kept. */
    async function flushed() {
        await sending;
    }

    function tell(kind, detail) {
        news.dispatchEvent(new CustomEvent(kind, { detail }));
    }

    window.addEventListener('beforeunload', (event) => {
        if (queue.length > 0) event.preventDefault();
    });

    return store;
}

/** Commands whose edits only the server works out: what leads to a scene, and ids for copies. */
function isTheServers(command) {
    return 'deleteScene' in command || 'duplicate' in command || Boolean(command.together?.some(isTheServers));
}

export { openStore };
