<?php

use Fravel\Mosaic\Lab;
use Fravel\Mosaic\Reduction;
use Fravel\Mosaic\Secrecy;
use Fravel\Mosaic\Sharing;
use Fravel\Play\View;
use Tests\Support\Games;
use Tests\Support\Plays;

/** A disc on a plain ground, cell by cell. @return list<array{float, float, float}> */
function disc(int $columns, int $rows, string $disc = '#cf2e2e', string $ground = '#b9d6d8'): array
{
    $cells = [];
    for ($at = 0; $at < $columns * $rows; $at++) {
        $isIn = hypot($at % $columns - $columns / 2, intdiv($at, $columns) - $rows / 2) < $rows / 3;
        $cells[] = Lab::ofHex($isIn ? $disc : $ground);
    }

    return $cells;
}

it('gives every colour back as it was', function (string $hex): void {
    expect(Lab::hex(Lab::ofHex($hex)))->toBe($hex);
})->with(['#000000', '#ffffff', '#ff0000', '#00ff00', '#0000ff', '#123456', '#f2b134', '#808080']);

it('takes what looks alike together, and is the same each time', function (): void {
    $cells = [...disc(20, 16), ...disc(20, 16, '#d03030', '#bad7d9')];
    $reduced = Reduction::of($cells, 2);

    expect($reduced->palette)->toHaveCount(2)->and(strlen($reduced->cells))->toBe(640)
        ->and(substr($reduced->cells, 0, 320))->toBe(substr($reduced->cells, 320))
        ->and(Lab::ofHex($reduced->palette[0])[0])->toBeLessThan(Lab::ofHex($reduced->palette[1])[0])
        ->and(Reduction::of($cells, 2))->toEqual($reduced)
        ->and(Reduction::of([Lab::ofHex('#123456')], 8)->palette)->toBe(['#123456']);
});

it('gives each cell the colour that is nearest to it', function (): void {
    mt_srand(11);
    $cells = array_map(static fn (): array => Lab::ofHex(sprintf('#%06x', mt_rand(0, 0xFFFFFF))), range(1, 300));
    $reduced = Reduction::of($cells, 12);
    $palette = array_map(Lab::ofHex(...), $reduced->palette);
    $signs = array_flip(str_split(Reduction::SIGNS));
    foreach ($cells as $place => $cell) {
        $apart = array_map(static fn (array $colour): float => Lab::apart($cell, $colour), $palette);
        expect($apart[$signs[$reduced->cells[$place]]])->toBeLessThan(min($apart) + 0.002);
    }
});

it('shares every cell out, each lock by its weight', function (string $way): void {
    $cells = Reduction::of(disc(30, 20), 4)->cells;
    $owners = Sharing::of($cells, [1, 2, 3], $way, 7);
    $counts = array_count_values($owners);
    ksort($counts);

    expect($counts)->toBe([100, 200, 300])->and(Sharing::of($cells, [1, 2, 3], $way, 7))->toBe($owners);
    $way === 'bands' && expect($owners)->toBe([...$owners])->and(array_unique(array_slice($owners, 0, 100)))->toBe([0]);
})->with(Sharing::WAYS);

it('gives a lock the cells that were drawn for it, and scatters the others', function (): void {
    $cells = str_repeat('a', 12);
    $owners = Sharing::of($cells, [1, 1, 1], 'drawn', 5, 'ccccb....z..');

    expect(array_slice($owners, 0, 5))->toBe([2, 2, 2, 2, 1])
        ->and(array_slice($owners, 5))->toBe(array_slice(Sharing::of($cells, [1, 1, 1], 'scattered', 5), 5))
        ->and(Sharing::of($cells, [1, 1, 1], 'drawn', 5, 'ccc'))->toBe(Sharing::of($cells, [1, 1, 1], 'scattered', 5));
});

it('knows how much a picture shows, and an order that shows it late', function (): void {
    $reduced = Reduction::of(disc(24, 18), 2);
    $of = fn (string $way): Secrecy => Secrecy::of(
        $reduced->palette, $reduced->cells, 24, Sharing::of($reduced->cells, array_fill(0, 6, 1), $way, 3), 6,
    );
    $order = $of('bands')->order();
    $rising = array_column($order, 1);
    sort($rising);

    expect($of('scattered')->score([]))->toBe(0.0)
        ->and($of('scattered')->score(range(0, 5)))->toEqualWithDelta(1.0, 1e-9)
        ->and($of('scattered')->score([0]))->toBeLessThan(0.15)
        ->and(array_column($order, 1))->toBe($rising)
        ->and(end($order)[1])->toEqualWithDelta(1.0, 1e-9)
        ->and(array_unique(array_column($order, 0)))->toHaveCount(6);
});

it('gives a device the cells that were earned, and nothing of the others', function (): void {
    $reduced = Reduction::of(disc(8, 6), 2);
    $mosaic = ['id' => 'm', 'kind' => 'mosaic', 'columns' => 8, 'rows' => 6, 'palette' => $reduced->palette,
        'cells' => $reduced->cells, 'spread' => 'bands', 'asset' => 'photo',
        'by' => [['lock' => 'l'], ['lock' => 'k']]];
    $game = Games::of([['id' => 'a', 'things' => [$mosaic, Games::lock('l', 'x'), Games::lock('k', 'y')]]]);
    $shown = fn (array $acts): array => View::of($game, Plays::through($game, $acts)->state, 0)->things[0];
    $half = $shown([['answer' => 'l', 'with' => 'x']]);
    $count = fn (array $runs): int => array_sum(array_column(array_merge(...array_values($runs)), 2));

    expect($shown([])['runs'])->toBe([])->and(json_encode($shown([])))->not->toContain('#')->not->toContain('photo')
        ->and($count($half['runs']))->toBe(24)->and(max(array_column(array_merge(...array_values($half['runs'])), 1)))
        ->toBe(2)
        ->and($count($shown([['answer' => 'l', 'with' => 'x'], ['answer' => 'k', 'with' => 'y']])['runs']))->toBe(48);
});
