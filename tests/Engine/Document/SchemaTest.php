<?php

use Fravel\Document\Validation;
use Fravel\Support\Json;
use Opis\JsonSchema\Validator;
use Tests\Support\Games;

/** @param  array<array-key, mixed>  $document */
function schemaAccepts(array $document): bool
{
    static $schema = null;
    $schema ??= json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/game.schema.json'));

    return (new Validator)->validate(json_decode(Json::write($document)), $schema)->isValid();
}

test('the published schema takes every example', function (string $file): void {
    $example = Json::readObject((string) file_get_contents($file));
    $game = $example['game'] ?? $example;

    expect(schemaAccepts($game))->toBeTrue()->and(Validation::ofShape($game))->toBe([]);
})->with(fn () => array_map(static fn (string $file): array => [$file], [...glob(dirname(__DIR__, 2).'/Examples/{plays,checks}/*.json', GLOB_BRACE), ...glob(dirname(__DIR__, 3).'/database/demo/*/game.json')]));

test('the schema takes every lock of the answer examples', function (string $file): void {
    foreach (Json::readObject((string) file_get_contents(dirname(__DIR__, 2)."/Examples/{$file}"))['cases'] as $case) {
        $game = Games::document([['id' => 'room', 'things' => [$case['lock']]]]);
        expect(schemaAccepts($game))->toBeTrue($case['name'])
            ->and(Validation::ofShape($game))->toBe([], $case['name']);
    }
})->with(['answers.json', 'more-answers.json']);

test('the schema refuses what the engine refuses', function (array $change, string $place, string $code): void {
    // That an id is given once is no matter of shape: the schema can't say it.
    expect(schemaAccepts(array_replace_recursive(Games::twoRooms(), $change)))->toBe($code === 'id.twice');
})->with('broken documents');
