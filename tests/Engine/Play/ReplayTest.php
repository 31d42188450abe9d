<?php

use Fravel\Check\Check;
use Fravel\Document\Validation;
use Tests\Support\Engine\ReplayCases;
use Tests\Support\Games;

const ROOMS = [['answer' => 'door', 'with' => 'gannet'], ['choose' => 'leave']];

it('holds while the game goes as it was recorded', function (): void {
    $replay = ReplayCases::replayed(['steps' => ReplayCases::recordedSteps()]);

    expect($replay->divergesAt)->toBeNull()->and($replay->outcome->state->ended)->toBe('won');
});

it('parts where a step leads elsewhere, is refused or is none', function (Closure $alter, int $parts): void {
    expect(ReplayCases::replayed(['steps' => $alter(ReplayCases::recordedSteps())])->divergesAt)->toBe($parts);
})->with([
    'elsewhere' => [fn (array $steps): array => [['at' => 'attic'] + $steps[0], ...array_slice($steps, 1)], 1],
    'refused' => [fn (array $steps): array => [...$steps, ['choose' => 'nothing-there']], count(ROOMS) + 1],
    'none' => [fn (array $steps): array => [['dance' => true], ...$steps], 1],
]);

it('begins where it was recorded, with what was held there', function (): void {
    $game = Games::twoRooms();
    $last = $game['scenes'][array_key_last($game['scenes'])]['id'];

    expect(ReplayCases::replayed(['from' => $last, 'steps' => []])->outcome->state->scene)->toBe($last);
});

it('gives no token and no tally that the game does not have', function (): void {
    $state = ReplayCases::replayed([
        'holding' => ['no-such-token'], 'tallies' => ['no-such-tally' => 4], 'steps' => [],
    ])->outcome->state;

    expect($state->tokens)->toBe([])->and($state->tallies)->not->toHaveKey('no-such-tally');
});

it('is found by the check with the step at which it parts', function (): void {
    $steps = ReplayCases::recordedSteps();
    $steps[0]['at'] = 'attic';
    $found = array_values(
        array_filter(
            Check::of(ReplayCases::walkedGame(['steps' => $steps]))->findings,
            fn ($finding): bool => $finding->code === 'walkthrough.parts',
        ),
    );

    expect($found)->toHaveCount(1)->and($found[0]->arguments['step'])->toBe(1)
        ->and($found[0]->arguments['name'])->toBe('The way')->and($found[0]->actions)->toHaveCount(1);
});

it('is of no proper shape with words for steps', function (array $walkthrough): void {
    expect(Validation::ofShape(ReplayCases::walkedGame($walkthrough)->document))->not->toBe([]);
})->with([
    'steps that are no list' => [['steps' => 'go']],
    'a seed that is no number' => [['seed' => 'x', 'steps' => []]],
    'an id that is taken' => [['id' => 'hall', 'steps' => []]],
]);

it('waits between steps as long as was recorded, so that a guard lets go', function (int $after, ?int $parts): void {
    $wrong = ['answer' => 'door', 'with' => 'gull', 'at' => 'hall'];
    $replay = ReplayCases::replayed([
        'steps' => [$wrong, $wrong, $wrong, ['after' => $after] + ROOMS[0] + ['at' => 'store']],
    ]);

    expect($replay->divergesAt)->toBe($parts);
})->with(['too soon' => [29, 4], 'long enough' => [30, null], 'never backwards' => [-5, 4]]);
