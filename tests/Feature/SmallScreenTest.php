<?php

use App\Play\OnStage;
use App\Play\StageCut;
use Tests\Support\Classroom;
use Tests\Support\Games;

it('cuts a stage to what is left on it, in the shape that needs least beside it', function (
    array $boxes, ?string $shape, string $box = '',
): void {
    $cut = StageCut::around($boxes);

    expect($cut?->shape)->toBe($shape)->and($cut?->box() ?? '')->toBe($box);
})->with([
    'a square' => [[[100, 100, 268, 268]], 'square', '84 84 300 300'],
    'two beside each other' => [[[100, 100, 100, 268], [500, 100, 268, 100]], 'flat', '74 84 720 300'],
    'at the edge' => [[[0, 0, 284, 284]], 'square', '0 0 300 300'],
    'nearly all' => [[[0, 0, 1500, 850]], null], 'nothing' => [[], null],
]);

it('leaves out of a picture only what words lay on', function (array $things, ?string $shape): void {
    $run = Classroom::open(Games::document([[
        'id' => 'a', 'layout' => 'stage', 'backdrop' => ['asset' => 'quay'], 'things' => $things,
    ]], ['assets' => [['id' => 'quay', 'file' => 'assets/'.str_repeat('a', 64).'.svg', 'type' => 'image/svg+xml']]]));
    $play = Classroom::join($run, 'Mia');
    $page = $this->withUnencryptedCookie('fravel_play', App\Play\Ticket::for($play->id)->text())
        ->get("/p/{$run->code}");

    $shape === null ? $page->assertDontSee('data-cut=', false) : $page->assertSee(" cut-{$shape} ", false);
})->with([
    'a band' => [[['id' => 't', 'kind' => 'text', 'md' => 'Words.', 'box' => [60, 716, 1480, 168]]], 'low'],
    'something beside it' => [[
        ['id' => 't', 'kind' => 'text', 'md' => 'Words.', 'box' => [60, 716, 1480, 168]],
        ['id' => 'p', 'kind' => 'picture', 'asset' => 'quay', 'alt' => 'Quay', 'box' => [100, 600, 180, 170]],
    ], 'half'],
    'something below' => [[
        ['id' => 't', 'kind' => 'text', 'md' => 'Words.', 'box' => [60, 716, 1480, 168]],
        ['id' => 'p', 'kind' => 'picture', 'asset' => 'quay', 'alt' => 'Quay', 'box' => [100, 700, 180, 170]],
    ], null],
    'words in the middle' => [[['id' => 't', 'kind' => 'text', 'md' => 'Words.', 'box' => [60, 300, 1480, 168]]], null],
    'narrow words' => [[['id' => 't', 'kind' => 'text', 'md' => 'Words.', 'box' => [60, 716, 700, 168]]], null],
]);

it('stands covers in as many columns as their words allow', function (array $fronts, int $columns): void {
    $covers = array_map(static fn (string $front, int $at): array => [
        'id' => "c{$at}", 'kind' => 'cover', 'box' => [0, 0, 90, 90], 'front' => ['md' => $front],
        'back' => ['md' => 'Under it.'],
    ], $fronts, array_keys($fronts));
    $this->run = Classroom::open(Games::document([['id' => 'a', 'layout' => 'stage', 'things' => $covers]]));
    $this->play = Classroom::join($this->run, 'Mia');
    $page = $this->withUnencryptedCookie('fravel_play', App\Play\Ticket::for($this->play->id)->text())
        ->get("/p/{$this->run->code}");

    $page->assertSee("tiles-{$columns}")->assertDontSee('Under it.');
})->with([
    'words' => [['Cod', 'Limpet'], 2], 'many short ones' => [array_fill(0, 8, '2 × 8 ='), 3],
    'a long word' => [['Cod', 'Leuchtturmwärterinnen'], 1], 'one' => [['Cod'], 1],
    'a long text' => [['Cod', str_repeat('so it is ', 12)], 1],
]);

it('shows on a plate what is asked where that fits', function (string $ask, array $box, bool $fits): void {
    expect(OnStage::fitsPlate($ask, ['box' => $box]))->toBe($fits);
})->with([
    ['How many?', [0, 0, 300, 80], true], ['How many steps are left to climb here?', [0, 0, 300, 80], false],
    ['Leuchtturmwärterinnen', [0, 0, 300, 200], false], ['How many steps are left?', [0, 0, 300, 120], true],
]);
