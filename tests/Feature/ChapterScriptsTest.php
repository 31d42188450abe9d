<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Tests\Support\Games;
use Tests\Support\Scripts;

/** @return array<string, mixed> after edits of chapters */
function chaptersAfter(string $edits): array
{
    $game = Games::document([
        ['id' => 'a', 'chapter' => 'sea', 'things' => [Games::choice('on', [['go' => 'b', 'do' => [['forget' => 'sea'], ['give' => 'key']]]])]],
        ['id' => 'b', 'chapter' => 'sea', 'arrive' => [['do' => [['forget' => 'sea']]]]],
        ['id' => 'c', 'chapter' => 'land'],
    ], ['chapters' => [['id' => 'sea', 'title' => 'Sea', 'start' => 'a'], ['id' => 'land', 'title' => 'Land', 'start' => 'c']], 'tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]]);
    $path = dirname(__DIR__, 2).'/resources/js/workshop';

    return Scripts::run('workshop/chapters.js', "(async () => { const { apply } = await import('{$path}/document.js'); return ({$edits}).reduce(apply, input); })()", $game);
}

it('calls a chapter otherwise, with all its scenes', function (): void {
    $after = chaptersAfter("module.renamed(input, 'sea', 'Ocean')");

    expect(array_column($after['chapters'], 'title'))->toBe(['Ocean', 'Land'])->and(array_column($after['scenes'], 'chapter'))->toBe(['sea', 'sea', 'land']);
});

it('makes one of two chapters that come to be called the same', function (): void {
    $after = chaptersAfter("module.renamed(input, 'sea', 'land')");

    expect(array_column($after['chapters'], 'id'))->toBe(['land'])->and(array_column($after['scenes'], 'chapter'))->toBe(['land', 'land', 'land'])
        ->and(json_encode($after))->toContain('"forget":"land"')->not->toContain('"sea"')
        ->and(Validation::ofReferences($after))->toBe([]);
});

it('takes a chapter away and leaves its scenes, with nothing that names it', function (): void {
    $after = chaptersAfter("module.gone(input, 'sea')");

    expect(array_column($after['scenes'], 'id'))->toBe(['a', 'b', 'c'])->and(array_column($after['scenes'], 'chapter'))->toBe(['land'])
        ->and(Validation::ofReferences($after))->toBe([])->and(GameDocument::of($after)->scene('a')->things[0]->react[0]->effects)->toHaveCount(1);
});
