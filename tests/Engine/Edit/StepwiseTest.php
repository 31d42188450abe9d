<?php

use Fravel\Document\Validation;
use Fravel\Edit\Blank;
use Fravel\Edit\Commands;
use Fravel\Support\Json;
use Tests\Support\Engine\StepwiseCases;

it('deletes several scenes in one gesture, each as the game stands then', function (): void {
    $game = StepwiseCases::chainOfScenes();
    $edited = StepwiseCases::together(
        $game, [['deleteScene' => 'b', 'lead' => 'e'], ['deleteScene' => 'c', 'lead' => 'd']],
    );
    $react = $edited->game->document['scenes'][0]['things'][0]['react'];

    expect(array_column($edited->game->document['scenes'], 'id'))->toBe(['a', 'd', 'e'])
        ->and(array_column($react, 'go'))->toBe(['e', 'd'])
        ->and(Validation::ofReferences($edited->game->document))->toBe([])
        ->and(Json::write($edited->inverse->apply($edited->game)->game->document))->toBe(Json::write($game->document));
});

it('leads what led to a deleted scene to the next one, when that is deleted too', function (): void {
    $edited = StepwiseCases::together(
        StepwiseCases::chainOfScenes(), [['deleteScene' => 'b', 'lead' => 'c'], ['deleteScene' => 'c', 'lead' => 'd']],
    );

    expect(array_column($edited->game->document['scenes'][0]['things'][0]['react'], 'go'))->toBe(['d', 'd']);
});

it('deletes a scene whose things were moved away before', function (): void {
    $edited = StepwiseCases::together(
        StepwiseCases::chainOfScenes(),
        [['move' => 'b-on', 'in' => 'a', 'after' => 'a-on'], ['deleteScene' => 'b', 'lead' => 'a']],
    );

    expect(array_column($edited->game->document['scenes'][0]['things'], 'id'))->toBe(['a-on', 'b-on'])
        ->and($edited->game->document['scenes'])->toHaveCount(4);
});

it('copies what was put in just before', function (): void {
    $value = ['id' => 'f', 'title' => 'F 1', 'layout' => 'page', 'things' => []];
    $edited = StepwiseCases::together(
        StepwiseCases::chainOfScenes(),
        [
            ['insert' => 'scenes', 'in' => '@game', 'after' => 'e', 'value' => $value],
            ['duplicate' => ['f'], 'times' => 2],
        ],
    );

    expect(array_column(array_slice($edited->game->document['scenes'], 5), 'title'))->toBe(['F 1', 'F 2', 'F 3']);
});

it('reads none of a gesture in which one is no command', function (array $command): void {
    expect(
        Commands::read(
            ['together' => [['set' => 'a', 'field' => 'title', 'to' => 'x'], $command]], StepwiseCases::chainOfScenes(),
        ),
    )->toBeNull();
})->with([
    'unknown' => [['dance' => 'a']],
    'a copy of what is not there' => [['duplicate' => ['nobody']]],
    'a deletion without a name' => [['deleteScene' => 3]],
]);

it('keeps walkthroughs as parts of the game that come and go', function (): void {
    $game = StepwiseCases::chainOfScenes();
    $edited = StepwiseCases::together(
        $game,
        [
            [
                'insert' => 'walkthroughs', 'in' => '@game', 'after' => null,
                'value' => ['id' => 'walk', 'name' => 'Way', 'steps' => []],
            ],
            ['set' => 'walk', 'field' => 'name', 'to' => 'The way'],
        ],
    );

    expect($edited->game->walkthroughs()['walk']->name)->toBe('The way')
        ->and($edited->inverse->apply($edited->game)->game->document)->toBe($game->document);
});

it('knows a game that nobody has touched', function (Closure $alter, bool $isUntouched): void {
    expect(Blank::isUntouched($alter(Blank::game('New', ['scene' => 'One', 'hello' => 'Hello']))))->toBe($isUntouched);
})->with([
    'as it began' => [fn (array $game): array => $game, true],
    'with a title of its own' => [fn (array $game): array => ['title' => 'Mine'] + $game, true],
    'with a second thing' => [function (array $game): array {
        $game['scenes'][0]['things'][] = ['id' => 'more', 'kind' => 'text', 'md' => ''];

        return $game;
    }, false],
    'with a way on' => [function (array $game): array {
        $game['scenes'][0]['next'] = [['go' => 'first-scene']];

        return $game;
    }, false],
    'with a second scene' => [function (array $game): array {
        $game['scenes'][] = ['id' => 'two'];

        return $game;
    }, false],
]);

it('leaves an end open that would lead in a circle of scenes that are gone', function (): void {
    $edited = StepwiseCases::together(
        StepwiseCases::chainOfScenes(), [['deleteScene' => 'b', 'lead' => 'c'], ['deleteScene' => 'c', 'lead' => 'b']],
    );

    expect(array_column($edited->game->document['scenes'][0]['things'][0]['react'], 'go'))->toBe(['', ''])
        ->and(Validation::ofReferences($edited->game->document))->toBe([]);
});
