<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Tests\Support\Feature\ChapterScriptsCases;

it('calls a chapter otherwise, with all its scenes', function (): void {
    $after = ChapterScriptsCases::chaptersAfter("module.renamed(input, 'sea', 'Ocean')");

    expect(array_column($after['chapters'], 'title'))->toBe(['Ocean', 'Land'])->and(array_column($after['scenes'], 'chapter'))->toBe(['sea', 'sea', 'land']);
});

it('makes one of two chapters that come to be called the same', function (): void {
    $after = ChapterScriptsCases::chaptersAfter("module.renamed(input, 'sea', 'land')");

    expect(array_column($after['chapters'], 'id'))->toBe(['land'])->and(array_column($after['scenes'], 'chapter'))->toBe(['land', 'land', 'land'])
        ->and(json_encode($after))->toContain('"forget":"land"')->not->toContain('"sea"')
        ->and(Validation::ofReferences($after))->toBe([]);
});

it('takes a chapter away and leaves its scenes, with nothing that names it', function (): void {
    $after = ChapterScriptsCases::chaptersAfter("module.gone(input, 'sea')");

    expect(array_column($after['scenes'], 'id'))->toBe(['a', 'b', 'c'])->and(array_column($after['scenes'], 'chapter'))->toBe(['land'])
        ->and(Validation::ofReferences($after))->toBe([])->and(GameDocument::of($after)->scene('a')->things[0]->react[0]->effects)->toHaveCount(1);
});
