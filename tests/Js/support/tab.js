import { openStore } from '../../../resources/js/workshop/editor/store.js';

/** What outlives a reload, as a browser keeps it. */
function madeUpStorage() {
    const kept = new Map();

    return {
        getItem: (name) => kept.get(name) ?? null,
        setItem: (name, value) => kept.set(name, value),
        removeItem: (name) => kept.delete(name),
    };
}

/**
 * A workshop in a tab before a server: what is asked and told, with a network that does what it is told.
 *
 * @param {(path: string, body: object) => {status: number, body: any}} answer
 * @param {() => object} document
 */
function openTab({ answer, document, storage = madeUpStorage() }) {
    const tab = { store: null, told: [], asked: [], loads: 0, isClosed: false };
    const link = {
        storage,
        get: async () => {
            tab.loads += 1;

            return tab.isClosed ? new Promise(() => {}) : document();
        },
        post: async (address, body) => {
            if (tab.isClosed) return new Promise(() => {});
            const path = address.split('/').at(-1);
            // As on its way through JSON: what is not there is not sent.
            const sent = JSON.parse(JSON.stringify(body));
            tab.asked.push({ path, ...sent });
            const reply = await answer(path, sent);

            return tab.isClosed ? new Promise(() => {}) : reply;
        },
    };
    tab.store = openStore('/games/1', link);
    for (const kind of ['saved', 'refused', 'kept', 'change'])
        tab.store.news.addEventListener(kind, ({ detail }) => tab.told.push([kind, detail]));

    return tab;
}

/** Waits pass at once, so that no test waits. */
function passWaits() {
    globalThis.setTimeout = (act) => setImmediate(act);
}

export { madeUpStorage, openTab, passWaits };
