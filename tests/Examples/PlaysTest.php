<?php

use Fravel\Document\Game;
use Fravel\Support\Json;
use Tests\Support\Plays;

test('plays', function (string $file): void {
    $example = Json::readObject((string) file_get_contents($file));
    $game = Game::of($example['game']);
    $state = Plays::through($game, $example['actions'], $example['seed'])->state->toArray();

    expect(Plays::events($game, $example['actions'], $example['seed']))->toBe($example['events'])
        ->and(array_intersect_key($state, $example['state']))->toEqual($example['state']);
})->with(fn () => array_map(static fn (string $file): array => [$file], array_combine(array_map(basename(...), $files = glob(__DIR__.'/plays/*.json')), $files)));
