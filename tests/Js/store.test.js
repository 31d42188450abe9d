import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import { madeUpStorage, openTab, passWaits } from './support/tab.js';

const GAME = { title: 'Kept', start: 'a', scenes: [{ id: 'a', title: 'A', things: [] }] };
const TITLE = { set: 'a', field: 'title', to: 'B' };
const HISTORY = { undo: 'x', redo: null };

const taken = (revision, applied = TITLE) => ({
    status: 200,
    body: { revision, kept: revision, refusal: null, applied, history: HISTORY },
});
const whole = (revision, document, refusal = null) => ({
    status: refusal ? 409 : 200,
    body: { revision, kept: refusal ? null : revision, refusal, applied: null, history: HISTORY, document },
});
const NO_CONNECTION = { status: 0, body: null };
const BROKEN = { status: 500, body: { message: 'Server Error' } };

/** A tab before a server that gives these replies, in order, once what is done there is done and answered. */
async function done(replies, act, storage = madeUpStorage()) {
    const left = [...replies];
    const tab = openTab({
        answer: () => left.shift(),
        document: () => ({ status: 200, body: { document: GAME, revision: 1, history: {} } }),
        storage,
    });
    await tab.store.load();
    act(tab.store);
    await tab.store.flushed();

    return tab;
}

const tellings = (tab, kind) => tab.told.filter(([one]) => one === kind).map(([, detail]) => detail);

describe('a store', () => {
    beforeEach(passWaits);

    it('applies an edit at once and sends it with the revision it was made on', async () => {
        const tab = await done([taken(2)], (store) => {
            store.edit(TITLE, 'title');
            assert.equal(store.game.scenes[0].title, 'B');
        });
        const [{ key, ...sent }] = tab.asked;
        assert.deepEqual(sent, { path: 'edits', command: TITLE, label: 'title', base: 1, made: 1, own: [] });
        assert.match(key, /^[0-9a-f-]{32,36}$/);
        assert.equal(tab.store.revision, 2);
        assert.deepEqual(tab.told.at(-1), ['saved', 'saved']);
    });

    it('shows what follows from an edit where the server did more than it was asked to', async () => {
        const more = { together: [TITLE, { set: '@game', field: 'title', to: 'Kept too' }] };
        const tab = await done([taken(2, more)], (store) => store.edit(TITLE, 'title'));
        assert.equal(tab.store.game.scenes[0].title, 'B');
        assert.equal(tab.store.game.title, 'Kept too');
    });

    it('says of each that waits what it was made on, and which revisions since were made here', async () => {
        const tab = await done([taken(2), whole(9, GAME), taken(10), taken(11)], (store) => {
            for (const title of ['B', 'C', 'D']) store.edit({ ...TITLE, to: title }, title);
        });
        tab.store.edit(TITLE, 'later');
        await tab.store.flushed();
        assert.deepEqual(
            tab.asked.map(({ base, made, own }) => [base, made, own]),
            [
                [1, 1, []],
                [2, 1, [2]],
                [9, 1, [2, 9]],
                [10, 10, []],
            ],
        );
    });

    it('waits without a connection, says so, and sends the same key again', async () => {
        const tab = await done([NO_CONNECTION, { status: 503, body: null }, taken(2), taken(3)], (store) => {
            store.edit(TITLE, 'title');
            store.undo();
        });
        assert.equal(new Set(tab.asked.slice(0, 3).map(({ key }) => key)).size, 1);
        assert.notEqual(tab.asked[3].key, tab.asked[0].key);
        assert.ok(tellings(tab, 'saved').includes('waiting'));
        assert.equal(tab.store.game.scenes[0].title, 'B');
    });

    it('takes a question that could not even be asked for no connection', async () => {
        const left = [() => Promise.reject(new Error('no way out')), () => taken(2)];
        const tab = openTab({
            answer: () => left.shift()(),
            document: () => ({ status: 200, body: { document: GAME, revision: 1, history: {} } }),
        });
        await tab.store.load();
        tab.store.edit(TITLE, 'title');
        await tab.store.flushed();
        assert.equal(tab.store.revision, 2);
    });

    it('says that somebody is signed out, and goes on when they are back', async () => {
        const tab = await done([{ status: 419, body: null }, { status: 401, body: {} }, taken(2)], (store) =>
            store.edit(TITLE, 'title'),
        );
        assert.ok(tellings(tab, 'saved').includes('signedOut'));
        assert.equal(tab.store.revision, 2);
    });

    it('gives back what was refused, with why, and shows what is kept', async () => {
        const theirs = { ...GAME, title: 'Theirs' };
        const tab = await done([whole(4, theirs, 'Another tab changed it.')], (store) => store.edit(TITLE, 'title'));
        assert.deepEqual(tellings(tab, 'refused'), [
            { command: TITLE, label: 'title', words: 'Another tab changed it.' },
        ]);
        assert.deepEqual([tab.store.game, tab.store.revision], [theirs, 4]);
        assert.deepEqual(
            tab.told.slice(-3).map(([kind]) => kind),
            ['change', 'refused', 'saved'],
        );
    });

    it('refuses at once what has no place any more, and sends nothing', async () => {
        const tab = await done([], (store) => store.edit({ set: 'gone', field: 'title', to: 'x' }, 'title'));
        assert.deepEqual(tellings(tab, 'refused'), [
            { command: { set: 'gone', field: 'title', to: 'x' }, label: 'title', code: 'part.gone' },
        ]);
        assert.equal(tab.asked.length, 0);
        assert.deepEqual(tab.store.game, GAME);
    });

    it('keeps sending when a removal or a move that waits has no place any more', async () => {
        const theirs = { title: 'Theirs', start: 'b', scenes: [{ id: 'b', title: 'B', things: [] }] };
        const tab = await done(
            [whole(4, theirs, 'Gone.'), whole(4, theirs, 'Gone.'), whole(4, theirs, 'Gone.'), taken(5), taken(6)],
            (store) => {
                store.edit(TITLE, 'one');
                store.edit({ move: 'a', in: '@game', after: null }, 'two');
                store.edit({ remove: 'a' }, 'three');
                store.edit({ set: '@game', field: 'title', to: 'Mine' }, 'four');
            },
        );
        assert.deepEqual(
            tab.asked.map(({ label }) => label),
            ['one', 'two', 'three', 'four'],
        );
        assert.equal(tab.store.game.title, 'Mine');
        assert.deepEqual(tab.told.at(-1), ['saved', 'saved']);
        tab.store.edit({ set: 'b', field: 'title', to: 'after' }, 'five');
        await tab.store.flushed();
        assert.equal(tab.store.game.scenes[0].title, 'after');
    });

    it('puts what is on its way on top of a document that came anew, but nothing only the server knows', async () => {
        const theirs = { ...GAME, title: 'Theirs' };
        const shown = [];
        await done([whole(4, theirs), whole(5, theirs), whole(6, theirs)], (store) => {
            store.edit({ set: '@game', field: 'note', to: 'n' }, 'one');
            store.edit([{ set: 'a', field: 'title', to: 'X' }, { duplicate: ['a'] }], 'two');
            store.edit({ set: 'a', field: 'note', to: 'Y' }, 'three');
            store.news.addEventListener('change', () =>
                shown.push([store.game.title, store.game.scenes[0].title, store.game.scenes[0].note]),
            );
        });
        assert.deepEqual(shown, [
            ['Theirs', 'A', 'Y'],
            ['Theirs', 'A', 'Y'],
            ['Theirs', 'A', undefined],
        ]);
    });

    for (const [what, act, path] of [
        ['a copy', (store) => store.edit({ duplicate: ['a'] }, 'copy'), 'edits'],
        [
            'a copy among others',
            (store) => store.edit([{ set: 'a', field: 'title', to: 'A' }, { duplicate: ['a'] }], 'copy'),
            'edits',
        ],
        ['a pattern', (store) => store.build({ pattern: 'ladder' }), 'patterns'],
        ['undoing', (store) => store.undo(), 'undo'],
        ['doing again', (store) => store.redo(), 'redo'],
        ['a return to a moment', (store) => store.returnTo(3), 'history'],
    ]) {
        it(`leaves ${what} to the server and takes what it did, under what is on its way`, async () => {
            const inserted = {
                insert: 'scenes',
                in: '@game',
                after: 'a',
                value: { id: 'a-2', title: 'A 2', things: [] },
            };
            const tab = await done(
                [taken(2, { together: [inserted, { set: 'a', field: 'title', to: 'Old' }] }), taken(3)],
                (store) => {
                    act(store);
                    assert.equal(store.game.scenes.length, 1);
                    store.edit(TITLE, 'title');
                },
            );
            assert.equal(tab.asked[0].path, path);
            assert.deepEqual(
                tab.store.game.scenes.map(({ id, title }) => [id, title]),
                [
                    ['a', 'B'],
                    ['a-2', 'A 2'],
                ],
            );
        });
    }

    it('loads anew when the server answered something that is no answer, and says so', async () => {
        const tab = await done(
            [
                { status: 422, body: { message: 'That was not understood.' } },
                { status: 200, body: null },
            ],
            (store) => {
                store.edit(TITLE, 'one');
                store.edit(TITLE, 'two');
            },
        );
        assert.deepEqual(
            tellings(tab, 'refused').map(({ words }) => words),
            ['That was not understood.', ''],
        );
        assert.equal(tab.store.game.scenes[0].title, 'A');
    });

    it('sets an edit aside that the server fails at again and again, and keeps what comes after it', async () => {
        const tab = await done([BROKEN, BROKEN, BROKEN, BROKEN, taken(2)], (store) => {
            store.edit({ set: 'a', field: 'hue', to: 'red' }, 'hue');
            store.edit(TITLE, 'title');
        });
        assert.deepEqual(
            tellings(tab, 'refused').map(({ label, code }) => [label, code]),
            [['hue', 'failed']],
        );
        assert.deepEqual(tab.store.game.scenes[0], { id: 'a', title: 'B', things: [] });
    });

    it('survives a reply that leads nowhere', async () => {
        const tab = await done(
            [
                taken(2, { set: 'gone', field: 'x', to: 1 }),
                { status: 200, body: { revision: 3, kept: 3, history: {}, applied: null } },
                taken(4),
            ],
            (store) => {
                store.undo();
                store.redo();
                store.edit(TITLE, 'title');
            },
        );
        assert.deepEqual([tab.asked.length, tab.loads], [3, 3]);
        assert.equal(tab.store.game.scenes[0].title, 'B');
        assert.deepEqual(tab.told.at(-1), ['saved', 'saved']);
    });

    it('sends after a reload what was on its way, with the same key', async () => {
        const storage = madeUpStorage();
        const before = openTab({
            answer: () => new Promise(() => {}),
            document: () => ({ status: 200, body: { document: GAME, revision: 1, history: {} } }),
            storage,
        });
        await before.store.load();
        before.store.edit(TITLE, 'title');
        assert.equal(before.store.isPending(), true);
        const tab = await done([taken(2)], () => {}, storage);
        assert.equal(tab.asked[0].key, before.asked[0].key);
        assert.equal(tab.store.game.scenes[0].title, 'B');
        assert.equal(tab.store.isPending(), false);
        assert.equal((await done([], () => {}, storage)).asked.length, 0);
    });

    it('says when the game is gone, and gives back what was typed', async () => {
        const gone = { status: 404, body: { message: 'Not found.' } };
        let isThere = true;
        const tab = openTab({
            answer: () => gone,
            document: () => (isThere ? { status: 200, body: { document: GAME, revision: 1, history: {} } } : gone),
        });
        await tab.store.load();
        isThere = false;
        tab.store.edit(TITLE, 'title');
        await tab.store.flushed();
        assert.deepEqual(
            tellings(tab, 'refused').map(({ words }) => words),
            ['Not found.'],
        );
        assert.deepEqual(tab.told.at(-1), ['saved', 'gone']);
    });
});
