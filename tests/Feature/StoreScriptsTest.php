<?php

use Tests\Support\Feature\StoreScriptsCases;

const TITLE_B = ['set' => 'a', 'field' => 'title', 'to' => 'B'];

it('applies an edit at once and sends it with the revision it was made on', function (): void {
    $done = StoreScriptsCases::stored([StoreScriptsCases::taken(2, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "title"); if (store.game.scenes[0].title !== "B") throw new Error("not at once")');

    expect($done['game']['scenes'][0]['title'])->toBe('B')->and($done['asked'])->toBe([['path' => 'edits', 'command' => TITLE_B, 'label' => 'title', 'base' => 1]])
        ->and($done['revision'])->toBe(2)->and(end($done['told']))->toBe(['saved', 'saved']);
});

it('sends one after the other, each on the revision the one before made', function (): void {
    $done = StoreScriptsCases::stored([StoreScriptsCases::taken(2, TITLE_B), StoreScriptsCases::taken(3, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "one"); store.edit({ set: "a", field: "title", to: "C" }, "two")');

    expect(array_column($done['asked'], 'base'))->toBe([1, 2])->and($done['game']['scenes'][0]['title'])->toBe('C');
});

it('waits without a connection, says so, and loses nothing', function (): void {
    $done = StoreScriptsCases::stored([null, StoreScriptsCases::taken(2, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "title")');

    expect($done['asked'])->toHaveCount(2)->and($done['told'])->toContain(['saved', 'waiting'])->and($done['game']['scenes'][0]['title'])->toBe('B');
});

it('says why a change was refused and shows what is kept', function (): void {
    $kept = ['title' => 'Kept', 'start' => 'a', 'scenes' => [['id' => 'a', 'title' => 'Theirs', 'things' => []]]];
    $done = StoreScriptsCases::stored([['status' => 409, 'body' => ['revision' => 4, 'refusal' => 'Another tab changed it.', 'applied' => null, 'history' => [], 'document' => $kept]]], 'store.edit({ set: "a", field: "title", to: "B" }, "title")');

    expect($done['told'])->toContain(['refused', 'Another tab changed it.'])->and($done['game'])->toBe($kept)->and($done['revision'])->toBe(4);
});

it('puts what is still on its way on top of a document that came anew', function (): void {
    $kept = ['title' => 'Theirs', 'start' => 'a', 'scenes' => [['id' => 'a', 'title' => 'B', 'things' => []]]];
    $merged = ['body' => ['revision' => 4, 'refusal' => null, 'applied' => null, 'history' => [], 'document' => $kept]];
    $done = StoreScriptsCases::stored([$merged, StoreScriptsCases::taken(5, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "one"); store.edit({ set: "@game", field: "title", to: "Mine" }, "two")');

    expect($done['game']['title'])->toBe('Mine')->and($done['game']['scenes'][0]['title'])->toBe('B')->and($done['asked'][1]['base'])->toBe(4);
});

it('leaves to the server what only the server works out, and takes what it did', function (string $acts, string $path): void {
    $inserted = ['together' => [['insert' => 'scenes', 'in' => '@game', 'after' => 'a', 'value' => ['id' => 'a-2', 'title' => 'A 2', 'things' => []]]]];
    $done = StoreScriptsCases::stored([StoreScriptsCases::taken(2, $inserted)], "{$acts}; if (store.game.scenes.length !== 1) throw new Error('too early')");

    expect($done['asked'][0]['path'])->toBe($path)->and(array_column($done['game']['scenes'], 'id'))->toBe(['a', 'a-2']);
})->with([
    'a copy' => ['store.edit({ duplicate: ["a"] }, "copy")', 'edits'],
    'a copy among others' => ['store.edit([{ set: "a", field: "title", to: "A" }, { duplicate: ["a"] }], "copy")', 'edits'],
    'a pattern' => ['store.build({ pattern: "ladder" })', 'patterns'],
    'undoing' => ['store.undo()', 'undo'],
    'a return to a moment' => ['store.returnTo(3)', 'history'],
]);

it('loads anew when the server answered something that is no answer', function (): void {
    $done = StoreScriptsCases::stored([['status' => 422, 'body' => ['message' => 'That was not understood.']]], 'store.edit({ set: "a", field: "title", to: "B" }, "title")');

    expect($done['told'])->toContain(['refused', 'That was not understood.'])->and($done['game']['scenes'][0]['title'])->toBe('A');
});

it('gives each edit a key of its own, and the same one each time it is sent', function (): void {
    $done = StoreScriptsCases::stored([null, null, StoreScriptsCases::taken(2, TITLE_B), StoreScriptsCases::taken(3, TITLE_B), StoreScriptsCases::taken(4, TITLE_B)], 'store.edit({ set: "a", field: "title", to: "B" }, "one"); store.undo(); store.build({ pattern: "ladder" })');

    expect($done['keys'])->toHaveCount(5)->and(array_unique(array_slice($done['keys'], 0, 3)))->toHaveCount(1)->and(array_unique($done['keys']))->toHaveCount(3)
        ->and($done['keys'])->each->toMatch('/^[0-9a-f-]{32,36}$/');
});

it('sets an edit aside that the server fails at again and again, and keeps what comes after it', function (): void {
    $broken = ['status' => 500, 'body' => ['message' => 'Server Error']];
    $done = StoreScriptsCases::stored([$broken, $broken, $broken, $broken, StoreScriptsCases::taken(2, TITLE_B)], 'store.edit({ set: "a", field: "hue", to: "red" }, "hue"); store.edit({ set: "a", field: "title", to: "B" }, "title")');

    expect($done['told'])->toContain(['aside', 'hue'])->and($done['asked'][4]['label'])->toBe('title')->and($done['game']['scenes'][0])->toBe(['id' => 'a', 'title' => 'B', 'things' => []]);
});

it('keeps sending when what waits can no longer be put on top of what is kept', function (): void {
    $kept = ['title' => 'Kept', 'start' => 'b', 'scenes' => [['id' => 'b', 'title' => 'B', 'things' => []]]];
    $refused = ['status' => 409, 'body' => ['revision' => 4, 'refusal' => 'Gone.', 'applied' => null, 'history' => [], 'document' => $kept]];
    $done = StoreScriptsCases::stored([$refused, $refused, StoreScriptsCases::taken(5, ['set' => 'b', 'field' => 'title', 'to' => 'C'])], 'store.edit({ set: "a", field: "title", to: "x" }, "one"); store.edit({ remove: "a" }, "two"); store.edit({ set: "@game", field: "title", to: "Mine" }, "three")');

    expect($done['asked'])->toHaveCount(3)->and($done['game']['title'])->toBe('Mine')->and(end($done['told']))->toBe(['saved', 'saved']);
});
