<?php

use Fravel\Document\Bounds;
use Fravel\Document\Salvage;
use Fravel\Document\Validation;
use Fravel\Support\Problem;
use Tests\Support\Games;

/** @return array<string, mixed> a game with so many of something */
function sized(string $what, int $count): array
{
    $many = static fn (Closure $make): array => array_map($make, range(1, $count));
    $text = static fn (int $at): array => ['id' => "t{$at}", 'kind' => 'text', 'md' => 'x'];
    $clip = ['id' => 'film', 'kind' => 'clip', 'source' => 'https://example.org/f.mp4', 'length' => 9];

    return match ($what) {
        'scenes' => Games::document($many(static fn (int $at): array => ['id' => "s{$at}"])),
        'things' => Games::document([['id' => 'a', 'things' => $many($text)]]),
        'stops' => Games::document([['id' => 'a', 'things' => [$clip]], ...$many(
            static fn (int $at): array => ['id' => "s{$at}", 'stop' => ['clip' => 'film', 'at' => 1]],
        )]),
        'values' => Games::document([['id' => 'a', 'things' => [['id' => 'l', 'rules' => $many(
            static fn (int $at): array => ['match' => ['any' => [['equals' => ["w{$at}"]]]], 'verdict' => 'wrong'],
        )] + Games::lock('l', 'x')]]]),
    };
}

it('tells what is too much of a thing by its place and its bound, and keeps the rest', function (
    string $what, int $most, int $each, string $beyond,
): void {
    expect(Bounds::exceeded(sized($what, $most)))->toBe([]);
    $document = sized($what, $most + 2);
    $problems = array_filter(
        Validation::ofShape($document), static fn (Problem $one): bool => $one->code === 'size.beyond',
    );
    $first = array_values($problems)[0];
    expect([$first->place, $first->arguments['found'] - $first->arguments['most']])->toBe([$beyond, 2 * $each])
        ->and(Bounds::isWorse(sized($what, $most), $document))->toBeTrue()
        ->and(Bounds::isWorse($document, $document))->toBeFalse()
        ->and(Bounds::isWorse(sized($what, $most + 1), $document))->toBeTrue()
        ->and(Validation::ofShape(Salvage::of($document)?->document ?? []))->toBe([]);
})->with([
    'scenes' => ['scenes', Bounds::LISTS['scenes'], 1, '/scenes/5000'],
    'things of a scene' => ['things', Bounds::THINGS, 1, '/scenes/0/things/1000'],
    'stops of a film' => ['stops', Bounds::STOPS, 1, '/scenes/501/stop'],
]);

it('bounds what is nested in one thing', function (): void {
    $found = Bounds::exceeded(sized('values', 9000));
    expect(array_column($found, 'what'))->toBe(['values'])->and($found[0]->beyond)->toBe(['/scenes/0/things/0']);
});
