<?php

use Tests\Support\Scripts;

/**
 * A workshop's store before a server that answers as it is told: what was asked, what was told, and how the game stands.
 *
 * @param  list<array<string, mixed>|null>  $replies  to what is sent, in order; null for no connection
 * @param  string  $acts  what is done with `store`
 * @return array{game: array<string, mixed>, asked: list<array<string, mixed>>, keys: list<string>, told: list<array<int, mixed>>, revision: int}
 */
function stored(array $replies, string $acts): array
{
    $game = ['title' => 'Kept', 'start' => 'a', 'scenes' => [['id' => 'a', 'title' => 'A', 'things' => []]]];

    return Scripts::run('workshop/store.js', <<<JS
        (async () => {
            globalThis.window = { addEventListener() {} };
            globalThis.document = { cookie: '' };
            const [asked, keys] = [[], []];
            globalThis.fetch = async (address, options) => {
                if (address.endsWith('/document')) return answer({ document: structuredClone(input.game), revision: 1, history: {} });
                const { key, ...body } = JSON.parse(options.body);
                keys.push(key);
                asked.push({ path: address.split('/').pop(), ...body });
                const reply = input.replies.shift();
                if (reply === null) throw new Error('no connection');

                return answer(reply.body, reply.status ?? 200);
            };
            const answer = (body, status = 200) => ({ status, headers: { get: () => 'application/json' }, json: async () => body });
            const store = module.openStore('/games/1');
            const told = [];
            for (const kind of ['saved', 'refused', 'aside']) store.news.addEventListener(kind, ({ detail }) => told.push([kind, detail]));
            await store.load();
            {$acts};
            await store.flushed();
            await new Promise((done) => setTimeout(done, 5));

            return { game: store.game, asked, keys, told, revision: store.revision };
        })()
        JS, ['game' => $game, 'replies' => $replies]);
}

/** @return array<string, mixed> */
function taken(int $revision, mixed $applied = null): array
{
    return ['body' => ['revision' => $revision, 'refusal' => null, 'applied' => $applied, 'history' => ['undo' => 'x', 'redo' => null]]];
}

const TITLE_B = ['set' => 'a', 'field' => 'title', 'to' => 'B'];

it('applies an edit at once and sends it with the revision it was made on', function (): void {
    $done = stored([taken(2, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "title"); if (store.game.scenes[0].title !== "B") throw new Error("not at once")');

    expect($done['game']['scenes'][0]['title'])->toBe('B')->and($done['asked'])->toBe([['path' => 'edits', 'command' => TITLE_B, 'label' => 'title', 'base' => 1]])
        ->and($done['revision'])->toBe(2)->and(end($done['told']))->toBe(['saved', 'saved']);
});

it('sends one after the other, each on the revision the one before made', function (): void {
    $done = stored([taken(2, TITLE_B), taken(3, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "one"); store.edit({ set: "a", field: "title", to: "C" }, "two")');

    expect(array_column($done['asked'], 'base'))->toBe([1, 2])->and($done['game']['scenes'][0]['title'])->toBe('C');
});

it('waits without a connection, says so, and loses nothing', function (): void {
    $done = stored([null, taken(2, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "title")');

    expect($done['asked'])->toHaveCount(2)->and($done['told'])->toContain(['saved', 'waiting'])->and($done['game']['scenes'][0]['title'])->toBe('B');
});

it('says why a change was refused and shows what is kept', function (): void {
    $kept = ['title' => 'Kept', 'start' => 'a', 'scenes' => [['id' => 'a', 'title' => 'Theirs', 'things' => []]]];
    $done = stored([['status' => 409, 'body' => ['revision' => 4, 'refusal' => 'Another tab changed it.', 'applied' => null, 'history' => [], 'document' => $kept]]], 'store.edit({ set: "a", field: "title", to: "B" }, "title")');

    expect($done['told'])->toContain(['refused', 'Another tab changed it.'])->and($done['game'])->toBe($kept)->and($done['revision'])->toBe(4);
});

it('puts what is still on its way on top of a document that came anew', function (): void {
    $kept = ['title' => 'Theirs', 'start' => 'a', 'scenes' => [['id' => 'a', 'title' => 'B', 'things' => []]]];
    $merged = ['body' => ['revision' => 4, 'refusal' => null, 'applied' => null, 'history' => [], 'document' => $kept]];
    $done = stored([$merged, taken(5, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "one"); store.edit({ set: "@game", field: "title", to: "Mine" }, "two")');

    expect($done['game']['title'])->toBe('Mine')->and($done['game']['scenes'][0]['title'])->toBe('B')->and($done['asked'][1]['base'])->toBe(4);
});

it('leaves to the server what only the server works out, and takes what it did', function (string $acts, string $path): void {
    $inserted = ['together' => [['insert' => 'scenes', 'in' => '@game', 'after' => 'a', 'value' => ['id' => 'a-2', 'title' => 'A 2', 'things' => []]]]];
    $done = stored([taken(2, $inserted)], "{$acts}; if (store.game.scenes.length !== 1) throw new Error('too early')");

    expect($done['asked'][0]['path'])->toBe($path)->and(array_column($done['game']['scenes'], 'id'))->toBe(['a', 'a-2']);
})->with([
    'a copy' => ['store.edit({ duplicate: ["a"] }, "copy")', 'edits'],
    'a copy among others' => ['store.edit([{ set: "a", field: "title", to: "A" }, { duplicate: ["a"] }], "copy")', 'edits'],
    'a pattern' => ['store.build({ pattern: "ladder" })', 'patterns'],
    'undoing' => ['store.undo()', 'undo'],
    'a return to a moment' => ['store.returnTo(3)', 'history'],
]);

it('loads anew when the server answered something that is no answer', function (): void {
    $done = stored([['status' => 422, 'body' => ['message' => 'That was not understood.']]], 'store.edit({ set: "a", field: "title", to: "B" }, "title")');

    expect($done['told'])->toContain(['refused', 'That was not understood.'])->and($done['game']['scenes'][0]['title'])->toBe('A');
});

it('gives each edit a key of its own, and the same one each time it is sent', function (): void {
    $done = stored([null, null, taken(2, TITLE_B), taken(3, TITLE_B), taken(4, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "one"); store.undo(); store.build({ pattern: "ladder" })');

    expect($done['keys'])->toHaveCount(5)->and(array_unique(array_slice($done['keys'], 0, 3)))->toHaveCount(1)->and(array_unique($done['keys']))->toHaveCount(3)
        ->and($done['keys'])->each->toMatch('/^[0-9a-f-]{32,36}$/');
});

it('sets an edit aside that the server fails at again and again, and keeps what comes after it', function (): void {
    $broken = ['status' => 500, 'body' => ['message' => 'Server Error']];
    $done = stored([$broken, $broken, $broken, $broken, taken(2, TITLE_B)], 'store.edit({ set: "a", field: "hue", to: "red" }, "hue"); store.edit({ set: "a", field: "title", to: "B" }, "title")');

    expect($done['told'])->toContain(['aside', 'hue'])->and($done['asked'][4]['label'])->toBe('title')->and($done['game']['scenes'][0])->toBe(['id' => 'a', 'title' => 'B', 'things' => []]);
});

it('keeps sending when what waits can no longer be put on top of what is kept', function (): void {
    $kept = ['title' => 'Kept', 'start' => 'b', 'scenes' => [['id' => 'b', 'title' => 'B', 'things' => []]]];
    $refused = ['status' => 409, 'body' => ['revision' => 4, 'refusal' => 'Gone.', 'applied' => null, 'history' => [], 'document' => $kept]];
    $done = stored([$refused, $refused, taken(5, ['set' => 'b', 'field' => 'title', 'to' => 'C'])], 'store.edit({ set: "a", field: "title", to: "x" }, "one"); store.edit({ remove: "a" }, "two"); store.edit({ set: "@game", field: "title", to: "Mine" }, "three")');

    expect($done['asked'])->toHaveCount(3)->and($done['game']['title'])->toBe('Mine')->and(end($done['told']))->toBe(['saved', 'saved']);
});
