<?php

use Fravel\Play\Playing;
use Fravel\State\Action;
use Tests\Support\Engine\StartAtCases;

it('enters the scene with what is held, so that arriving knows of it', function (
    array $tokens, string $said, int $points,
): void {
    $outcome = Playing::startAt(StartAtCases::greetingGame(), 'hall', $tokens, [], 1, 0);

    expect(StartAtCases::saidBy($outcome))->toBe([$said])->and($outcome->state->tally('points'))->toBe($points)
        ->and($outcome->state->scene)->toBe('hall');
})->with([
    'nothing held' => [[], 'It is dark.', 1], 'the lamp held' => [['lamp'], 'You bring light.', 2],
    'what the game has not' => [['sword'], 'It is dark.', 1],
]);

it('begins with tallies as they are given', function (): void {
    $game = StartAtCases::greetingGame();
    $rich = Playing::startAt($game, 'hall', [], ['points' => 5, 'other' => 9], 1, 0)->state;

    expect($rich->tallies)->toBe(['points' => 5])
        ->and(Playing::act($game, $rich, Action::of(['choose' => 'show']), 0)->state->ended)->toBe('won')
        ->and(
            Playing::act(
                $game, Playing::startAt($game, 'hall', [], [], 1, 0)->state, Action::of(['choose' => 'show']), 0,
            )->isRefused()
        )->toBeTrue();
});

it('is the same as starting, where nothing is asked for', function (int $seed): void {
    $game = StartAtCases::greetingGame();

    expect(Playing::startAt($game, $game->start(), [], [], $seed, 7, 'Mia'))
        ->toEqual(Playing::start($game, $seed, 7, 'Mia'));
})->with([1, 2, 77]);
