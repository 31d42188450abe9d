<?php

use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Tests\Support\Plays;

test('plays', function (string $file): void {
    $example = Json::readObject((string) file_get_contents($file));
    $game = GameDocument::of($example['game']);
    $state = Plays::through($game, $example['actions'], $example['seed'])->state->toArray();
    $expected = array_map(
        static fn (mixed $field): mixed => $field instanceof stdClass ? (array) $field : $field, $example['state'],
    );

    expect(Plays::events($game, $example['actions'], $example['seed']))->toBe($example['events'])
        ->and(array_intersect_key($state, $expected))->toEqual($expected);
})->with(
    fn () => array_map(
        static fn (string $file): array => [$file],
        array_combine(
            array_map(
                static fn (string $file): string => strtr(basename($file, '.json'), '-', ' '),
                $files = glob(__DIR__.'/plays/*.json'),
            ),
            $files,
        ),
    ),
);
