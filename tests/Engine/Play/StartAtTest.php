<?php

use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\EventKind;
use Tests\Support\Games;

/** A hall that greets those who hold a lamp, and counts who comes in. */
function greetingGame(): Fravel\Document\GameDocument
{
    return Games::of([
        ['id' => 'gate', 'things' => [Games::choice('in', ['go' => 'hall'])]],
        ['id' => 'hall', 'arrive' => [['if' => ['has' => 'lamp'], 'say' => 'You bring light.', 'do' => [['add' => 'points', 'by' => 1]]], ['say' => 'It is dark.']], 'things' => [Games::choice('show', ['go' => 'end']) + ['if' => ['tally' => 'points', 'is' => '>=', 'value' => 3]]]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['tokens' => [['id' => 'lamp', 'name' => 'Lamp', 'kind' => 'item']], 'tallies' => [['id' => 'points', 'name' => 'Points', 'start' => 1, 'shown' => true]]]);
}

/** @return list<string> */
function saidBy(Fravel\Play\Outcome $outcome): array
{
    return array_values(array_map(fn (array $event): string => (string) $event[1], array_filter($outcome->eventList(), fn (array $event): bool => $event[0] === EventKind::Said->value)));
}

it('enters the scene with what is held, so that arriving knows of it', function (array $tokens, string $said, int $points): void {
    $outcome = Playing::startAt(greetingGame(), 'hall', $tokens, [], 1, 0);

    expect(saidBy($outcome))->toBe([$said])->and($outcome->state->tally('points'))->toBe($points)->and($outcome->state->scene)->toBe('hall');
})->with(['nothing held' => [[], 'It is dark.', 1], 'the lamp held' => [['lamp'], 'You bring light.', 2], 'what the game has not' => [['sword'], 'It is dark.', 1]]);

it('begins with tallies as they are given', function (): void {
    $game = greetingGame();
    $rich = Playing::startAt($game, 'hall', [], ['points' => 5, 'other' => 9], 1, 0)->state;

    expect($rich->tallies)->toBe(['points' => 5])->and(Playing::act($game, $rich, Action::of(['choose' => 'show']), 0)->state->ended)->toBe('won')
        ->and(Playing::act($game, Playing::startAt($game, 'hall', [], [], 1, 0)->state, Action::of(['choose' => 'show']), 0)->isRefused())->toBeTrue();
});

it('is the same as starting, where nothing is asked for', function (int $seed): void {
    $game = greetingGame();

    expect(Playing::startAt($game, $game->start(), [], [], $seed, 7, 'Mia'))->toEqual(Playing::start($game, $seed, 7, 'Mia'));
})->with([1, 2, 77]);
