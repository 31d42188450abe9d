<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\Reference;
use Fravel\Document\References;
use Fravel\Document\Route;
use Fravel\Document\Validation;
use Fravel\Edit\Blank;
use Fravel\Thing\Things;
use Tests\Support\Games;

it('gives a free id, with a number behind it when it must', function (string $stem, array $taken, string $id): void {
    expect(Ids::fresh($stem, array_fill_keys($taken, true)))->toBe($id);
})->with([
    ['Lantern room', [], 'lantern-room'],
    ['Lantern room', ['lantern-room'], 'lantern-room-2'],
    ['Lantern room', ['lantern-room', 'lantern-room-2'], 'lantern-room-3'],
    ['7B', [], 'part-7b'],
    ['Étage', [], 'tage'],
    ['', [], 'part'],
    [str_repeat('long', 20), [], str_repeat('long', 8)],
]);

it('finds the ids of all parts, those of options and cues too', function (): void {
    $lock = ['input' => ['type' => 'options', 'options' => [['id' => 'yes'], ['id' => 'no']]]] + Games::lock('l', 'x');
    $clip = [
        'id' => 'film', 'kind' => 'clip',
        'cues' => [['id' => 'mid', 'at' => 1, 'things' => [Games::choice('jump', [])]]],
    ];
    $document = Games::document(
        [['id' => 'a', 'things' => [$lock, $clip]]], ['tokens' => [['id' => 'key', 'name' => 'Key']]],
    );

    expect(array_keys(Ids::in($document)))
        ->toEqualCanonicalizing(['key', 'a', 'l', 'yes', 'no', 'film', 'mid', 'jump']);
});

it('knows the field and the place of a reference', function (): void {
    $document = Games::document([[
        'id' => 'a', 'needs' => ['hasOf' => ['key', 'map'], 'atLeast' => 1], 'next' => ['go' => 'a'],
    ]]);
    $found = array_map(
        static fn (Reference $reference): array => [
            $reference->kind, $reference->id, $reference->field(), $reference->pointer(), $reference->isRoute,
        ],
        References::in($document),
    );

    expect($found)->toBe([
        ['scene', 'a', 'start', '/start', false],
        ['token', 'key', 'hasOf', '/scenes/0/needs/hasOf/0', false],
        ['token', 'map', 'hasOf', '/scenes/0/needs/hasOf/1', false],
        ['scene', 'a', 'go', '/scenes/0/next/go', true],
    ]);
});

it('finds references wherever a document may hold one', function (): void {
    $things = [
        ['id' => 'p', 'kind' => 'picture', 'asset' => 'x1'],
        [
            'id' => 'c', 'kind' => 'clip', 'asset' => 'x2', 'captions' => 'x3',
            'cues' => [['id' => 'q', 'react' => ['do' => [['give' => 'x4']]]]],
        ],
        ['id' => 'v', 'kind' => 'cover', 'lock' => 'x5', 'front' => ['asset' => 'x6'], 'back' => ['asset' => 'x7']],
        ['id' => 's', 'kind' => 'standing', 'of' => ['x8', 'x9']],
        ['id' => 'm', 'kind' => 'mosaic', 'asset' => 'x10', 'by' => [['lock' => 'x11']]],
        ['hints' => [[
            'md' => '', 'after' => ['open' => 'x12'], 'do' => [['take' => 'x13']],
        ]], 'opened' => ['go' => 'x14'], 'needs' => ['lifted' => 'x15'],
            'input' => [
                'type' => 'options', 'options' => [['id' => 'o', 'asset' => 'x16', 'do' => [['add' => 'x17']]]],
            ]] + Games::lock('l', 'x'),
    ];
    $document = Games::document(
        [['id' => 'a', 'things' => $things]],
        [
            'tokens' => [['id' => 't', 'name' => 'T', 'asset' => 'x18']],
            'chapters' => [['id' => 'ch', 'start' => 'x19']],
        ],
    );
    $found = array_map(static fn (Reference $reference): string => $reference->id, References::in($document));

    expect(array_diff(array_map(static fn (int $number): string => "x{$number}", range(1, 19)), $found))->toBe([]);
});

it('knows the first scene of a chapter, named or not', function (array $chapter, ?string $first): void {
    $game = Games::of(
        [['id' => 'a'], ['id' => 'b', 'chapter' => 'ch'], ['id' => 'c', 'chapter' => 'ch']],
        ['chapters' => [$chapter + ['id' => 'ch', 'title' => 'Chapter']]],
    );

    expect($game->firstSceneOf('ch'))->toBe($first)
        ->and($game->firstSceneOf('none'))->toBeNull()
        ->and($game->chapterOf('b'))->toBe('ch')
        ->and($game->chapterOf('a'))->toBeNull();
})->with([
    [[], 'b'],
    [['start' => 'c'], 'c'],
    [['start' => 'gone'], 'b'],
]);

it('tells a scene from the words for a place', function (): void {
    expect((new Route('hall'))->isScene())->toBeTrue()
        ->and(array_filter(Route::WORDS, static fn (string $word): bool => (new Route($word))->isScene()))->toBe([]);
});

it('begins a game from nothing that is sound', function (): void {
    $document = Blank::game('Begun', ['scene' => 'First', 'hello' => 'Hello.'], 'fr');

    expect(Validation::ofShape($document))->toBe([])
        ->and(Validation::ofReferences($document))->toBe([])
        ->and(GameDocument::of($document)->language())->toBe('fr')
        ->and(GameDocument::of($document)->title())->toBe('Begun');
});

it('names the kind of each thing as the document does', function (): void {
    $kinds = ['text', 'picture', 'clip', 'link', 'choice', 'lock', 'cover', 'standing', 'mosaic'];
    $things = array_map(static fn (string $kind): array => ['id' => "a-{$kind}", 'kind' => $kind], $kinds);

    expect(
        array_map(Things::kindOf(...), Games::of([['id' => 'a', 'things' => $things]])->scene('a')->things),
    )->toBe($kinds);
});
