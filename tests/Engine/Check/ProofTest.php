<?php

use Fravel\Check\Search\Dominance;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Search\Monotony;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Tests\Support\Games;
use Tests\Support\Plays;
use Tests\Support\RandomGames;

/** A small game in which more is never less, drawn from a seed. */
function risingGame(int $seed): GameDocument
{
    $dice = new RandomGames($seed);
    $condition = static fn (): array => $dice->pick([['has' => 't0'], ['has' => 't1'], ['all' => [['has' => 't0'], ['has' => 't2']]], ['open' => 's1-lock'], ['visited' => 's2']]);
    $scene = static function (int $number) use ($dice, $condition): array {
        $go = static fn (): string => 's'.$dice->pick([0, 1, 2, 3, 4, 5]);
        $choice = Games::choice("s{$number}-go", ['go' => $go(), 'do' => $dice->pick([[], [['give' => 't0']], [['give' => 't1']]])]);
        $wrong = $dice->pick([[], [['say' => 'No.', 'go' => $go()]], [['if' => ['not' => $condition()], 'go' => $go(), 'do' => [['give' => 't1']]], ['say' => 'No.']]]);
        $lock = ['otherwise' => $wrong] + Games::lock("s{$number}-lock", 'x', [], ['go' => $go(), 'do' => $dice->pick([[], [['give' => 't2']]])]);

        return [
            'id' => "s{$number}",
            'needs' => $number > 0 && $dice->pick([true, false, false]) ? $condition() : null,
            'back' => $dice->pick([true, false, false]),
            'things' => [$dice->pick([true, false]) ? ['if' => $condition()] + $choice : $choice, $lock],
        ];
    };
    $scenes = array_map($scene, range(0, 4));
    $tokens = array_map(static fn (string $id): array => ['id' => $id, 'name' => $id, 'kind' => 'item'], ['t0', 't1', 't2']);

    return Games::of([...$scenes, ['id' => 's5', 'ending' => ['kind' => 'won', 'md' => '']]], ['tokens' => $tokens]);
}

it('never proves what going through every state disproves', function (int $seed): void {
    $game = risingGame($seed);
    $exact = Exploration::of($game, 20_000);
    $proof = Dominance::prove($game, 20_000);

    expect(Monotony::holdsIn($game))->toBeTrue()->and($exact->isComplete)->toBeTrue();
    if ($proof !== null) {
        expect($exact->trap)->toBeNull()
            ->and(array_diff_key($exact->scenes, $proof->scenes))->toBe([])
            ->and(array_diff_key($exact->given, $proof->given))->toBe([])
            ->and(array_diff_key($exact->ready, $proof->ready))->toBe([]);
    }
})->with(range(1, 150));

it('leads by its actions into the trap it names', function (int $seed): void {
    $game = risingGame($seed);
    $trap = Exploration::of($game, 20_000)->trap;
    if ($trap === null) {
        expect(true)->toBeTrue();

        return;
    }
    $state = Plays::through($game, $trap['actions'])->state;

    expect($state->scene)->toBe($trap['scene'])->and($state->ended)->toBeNull();
})->with(range(1, 60));

it('goes through games of every kind without failing', function (int $seed): void {
    $reach = Exploration::of(GameDocument::of((new RandomGames($seed))->document()), 300);

    expect($reach->states)->toBeGreaterThan(0)->and($reach->scenes)->toHaveKey('s0');
})->with(range(1, 25));

it('knows when more may be less', function (array $change): void {
    $rising = Games::twoRooms();
    array_pop($rising['scenes'][1]['things']);
    $document = array_replace_recursive($rising, $change);

    expect(Monotony::holdsIn(GameDocument::of($rising)))->toBeTrue()
        ->and(Monotony::holdsIn(GameDocument::of($document)))->toBeFalse();
})->with([
    'something is taken' => [['scenes' => [1 => ['things' => [0 => ['react' => ['do' => [['take' => 'lamp']]]]]]]]],
    'something must not be' => [['scenes' => [2 => ['needs' => ['not' => ['has' => 'lamp']]]]]],
    'the way depends on where one came from' => [['scenes' => [1 => ['things' => [0 => ['react' => ['go' => '@back']]]]]]],
    'a wrong answer takes something' => [['scenes' => [0 => ['things' => [1 => ['otherwise' => [['do' => [['take' => 'lamp']]]]]]]]]],
]);

it('tells ways back apart by where they lead', function (): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [Games::choice('to-b', ['go' => 'b']), Games::choice('to-s', ['go' => 's']), Games::choice('out', ['go' => 'end'])]],
        ['id' => 'b', 'things' => [Games::choice('b-to-s', ['go' => 's'])]],
        ['id' => 's', 'back' => true],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(Monotony::holdsIn($game))->toBeTrue()
        ->and(Dominance::prove($game, 1000))->toBeNull()
        ->and(Exploration::of($game, 1000)->trap['actions'])->toBe([['choose' => 'to-b']]);
});

it('knows the demo game as one in which more is never less', function (): void {
    $document = Json::readObject((string) file_get_contents(dirname(__DIR__, 3).'/database/demo/dark-lamp/game.json'));

    expect(Monotony::holdsIn(GameDocument::of($document)))->toBeTrue();
});
