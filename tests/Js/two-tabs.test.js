import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { apply } from '../../resources/js/workshop/editor/document.js';
import { diceOf } from './support/dice.js';
import { madeUpServer } from './support/made-up-server.js';
import { madeUpStorage, openTab, passWaits } from './support/tab.js';

const scene = (id) => ({ id, title: id, things: [{ id: `${id}-text`, kind: 'text', md: '' }] });

const GAME = { title: 'Drawn', start: 'a', scenes: ['a', 'b', 'c', 'd'].map(scene) };

/** A turn of everything that waits. */
const moment = () => new Promise((done) => setImmediate(done));

/**
 * Two tabs on one game, and what a bad day brings: no connection, replies lost on the way, a server that fails,
 * reloads.
 */
async function badDay(seed) {
    const dice = diceOf(seed);
    const server = madeUpServer(GAME);
    const edits = [];
    const told = [];
    let isCalm = false;
    const network = async (path, body) => {
        await moment();
        if (!isCalm && dice.chance(0.2)) return { status: dice.pick([0, 429, 500, 503]), body: null };
        const reply = server.receive(path, structuredClone(body));

        return !isCalm && dice.chance(0.2) ? { status: 0, body: null } : structuredClone(reply);
    };
    const open = (storage) => {
        const tab = openTab({
            answer: network,
            document: async () =>
                !isCalm && dice.chance(0.3) ? { status: 0, body: null } : structuredClone(server.told()),
            storage,
        });
        tab.store.news.addEventListener('refused', ({ detail }) => told.push(detail.label));

        return { ...tab, tab, storage };
    };
    const tabs = [open(madeUpStorage()), open(madeUpStorage())];
    for (const { store } of tabs) await store.load();
    for (let number = 0; number < 40; number++) {
        const place = dice.below(2);
        if (dice.chance(0.08)) {
            tabs[place].tab.isClosed = true;
            tabs[place] = open(tabs[place].storage);
            await tabs[place].store.load();
        } else {
            act(dice, tabs[place].store, `edit ${number}`, edits);
        }
        for (let turns = dice.below(4); turns > 0; turns--) await moment();
    }
    isCalm = true;
    for (const { store } of tabs) await store.flushed();

    return { server, tabs, edits, told };
}

function act(dice, store, label, edits) {
    const some = dice.pick(['a', 'b', 'c', 'd', 'e']);
    const command = dice.pick([
        () => ({ set: some, field: 'title', to: label }),
        () => ({ set: `${some}-text`, field: 'md', to: label }),
        () => ({ set: `${some}-text`, field: dice.pick(['alt', 'note']), to: label }),
        () => ({ remove: dice.pick([some, `${some}-text`]) }),
        () => ({ move: dice.pick([some]), in: '@game', after: dice.pick([null, 'a', 'c']) }),
        () => ({ move: `${some}-text`, in: dice.pick(['a', 'b', 'd']), after: null }),
        () => ({ insert: 'scenes', in: '@game', after: null, value: scene('e') }),
        () => ({ duplicate: [some] }),
        () => ({
            together: [
                { set: some, field: 'note', to: label },
                { set: 'b', field: 'title', to: label },
            ],
        }),
        () => 'undo',
    ])();
    if (command === 'undo') return store.undo();
    edits.push(label);
    store.edit(command, label);
}

describe('two tabs on one game', () => {
    passWaits();
    for (let seed = 1; seed <= 300; seed++) {
        it(`end as the server has it, with nothing dropped in silence (${seed})`, async () => {
            const { server, tabs, edits, told } = await badDay(seed);
            for (const { store } of tabs) {
                assert.equal(store.isPending(), false);
                if (store.revision === server.revision) assert.deepEqual(store.game, server.document);
            }
            for (const { store, storage } of tabs) {
                assert.equal(storage.getItem('edits./games/1'), null);
                await store.load();
                assert.deepEqual(store.game, server.document);
            }
            for (const label of edits)
                assert.ok(server.labels.includes(label) || told.includes(label), `${label} was dropped in silence`);
        });
    }

    it('never lets one overwrite what it has not seen', async () => {
        const server = madeUpServer(GAME);
        const [one, two] = [1, 2].map(() =>
            openTab({
                answer: async (path, body) => {
                    await moment();
                    return server.receive(path, body);
                },
                document: async () => server.told(),
            }),
        );
        await one.store.load();
        await two.store.load();
        one.store.edit({ set: 'a', field: 'title', to: 'one' }, 'one');
        await one.store.flushed();
        // The first of both brings the news of what the other tab did; the second was typed without knowing of it.
        two.store.edit({ set: 'b', field: 'title', to: 'two' }, 'b');
        two.store.edit({ set: 'b', field: 'title', to: 'two again' }, 'b again');
        two.store.edit({ set: 'a', field: 'title', to: 'two' }, 'a');
        await two.store.flushed();
        assert.deepEqual(
            server.document,
            apply(apply(GAME, { set: 'a', field: 'title', to: 'one' }), { set: 'b', field: 'title', to: 'two again' }),
        );
        assert.deepEqual(
            two.told.filter(([kind]) => kind === 'refused').map(([, { label }]) => label),
            ['a'],
        );
    });
});
