<?php

use Fravel\Document\Validation;
use Fravel\Support\Json;
use Tests\Support\Engine\SchemaCases;
use Tests\Support\Games;

test('the published schema takes every example', function (string $file): void {
    $example = Json::readObject((string) file_get_contents($file));
    $game = $example['game'] ?? $example;

    expect(SchemaCases::schemaAccepts($game))->toBeTrue()->and(Validation::ofShape($game))->toBe([]);
})->with(
    fn () => array_map(
        static fn (string $file): array => [$file],
        [
            ...glob(dirname(__DIR__, 2).'/Examples/{plays,checks}/*.json', GLOB_BRACE),
            ...glob(dirname(__DIR__, 3).'/database/demo/*/game.json'),
        ],
    ),
);

test('the schema takes every lock of the answer examples', function (string $file): void {
    foreach (Json::readObject((string) file_get_contents(dirname(__DIR__, 2)."/Examples/{$file}"))['cases'] as $case) {
        $game = Games::document([['id' => 'room', 'things' => [$case['lock']]]]);
        expect(SchemaCases::schemaAccepts($game))->toBeTrue($case['name'])
            ->and(Validation::ofShape($game))->toBe([], $case['name']);
    }
})->with(['answers.json', 'more-answers.json']);

test('the schema refuses what the engine refuses', function (array $change, string $place, string $code): void {
    // That an id is given once is no matter of shape: the schema can't say it.
    expect(SchemaCases::schemaAccepts(array_replace_recursive(Games::twoRooms(), $change)))->toBe($code === 'id.twice');
})->with('broken documents');
