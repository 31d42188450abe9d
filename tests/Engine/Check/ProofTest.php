<?php

use Fravel\Check\Search\Dominance;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Search\Monotony;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Tests\Support\Engine\ProofCases;
use Tests\Support\Games;
use Tests\Support\Plays;
use Tests\Support\RandomGames;

it('never proves what going through every state disproves', function (int $seed): void {
    $game = ProofCases::risingGame($seed);
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

it('leads by its actions into the trap it names', function (): void {
    $traps = array_filter(
        array_map(
            static fn (int $seed): ?array => Exploration::of(ProofCases::risingGame($seed), 20_000)->trap,
            array_combine(range(1, 60), range(1, 60)),
        ),
    );

    expect(count($traps))->toBeGreaterThan(10);
    foreach ($traps as $seed => $trap) {
        $state = Plays::through(ProofCases::risingGame($seed), $trap['actions'])->state;
        expect($state->scene)->toBe($trap['scene'])->and($state->ended)->toBeNull();
    }
});

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
    'the way depends on where one came from' => [[
        'scenes' => [1 => ['things' => [0 => ['react' => ['go' => '@back']]]]],
    ]],
    'a wrong answer takes something' => [[
        'scenes' => [0 => ['things' => [1 => ['otherwise' => [['do' => [['take' => 'lamp']]]]]]]],
    ]],
]);

it('tells ways back apart by where they lead', function (): void {
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [
                Games::choice('to-b', ['go' => 'b']), Games::choice('to-s', ['go' => 's']),
                Games::choice('out', ['go' => 'end']),
            ],
        ],
        ['id' => 'b', 'things' => [Games::choice('b-to-s', ['go' => 's'])]],
        ['id' => 's', 'back' => true],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(Monotony::holdsIn($game))->toBeTrue()
        ->and(Dominance::prove($game, 1000))->toBeNull()
        ->and(Exploration::of($game, 1000)->trap['actions'])->toBe([['choose' => 'to-b']]);
});

it('tells ways back apart also where something is counted', function (array $order): void {
    $rooms = [
        'b' => ['id' => 'b', 'things' => [Games::choice('b-to-s', ['go' => 's'])]],
        'c' => [
            'id' => 'c', 'things' => [Games::choice('c-to-s', ['go' => 's']), Games::choice('c-out', ['go' => 'end'])],
        ],
        'd' => [
            'id' => 'd', 'things' => [Games::choice('d-to-s', ['go' => 's']), Games::choice('d-out', ['go' => 'end'])],
        ],
    ];
    $ways = array_map(
        static fn (string $room): array => Games::choice(
            "to-{$room}", ['go' => $room, 'do' => [['add' => 'n', 'by' => 1]]],
        ),
        $order,
    );
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [
                ...$ways,
                ['if' => ['tally' => 'n', 'is' => '>=', 'value' => 9]] + Games::choice('never', ['go' => 'end']),
            ],
        ],
        ...array_map(static fn (string $room): array => $rooms[$room], $order),
        ['id' => 's', 'back' => true],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['tallies' => [['id' => 'n', 'name' => 'N', 'start' => 0]]]);

    expect(Monotony::holdsIn($game))->toBeTrue()->and(Dominance::prove($game, 3000))->toBeNull()
        ->and(Exploration::of($game, 3000)->trap['scene'])->toBe('b');
})->with([
    [['b', 'c', 'd']], [['b', 'd', 'c']], [['c', 'b', 'd']], [['c', 'd', 'b']], [['d', 'b', 'c']], [['d', 'c', 'b']],
]);

it('knows the demo game as one in which more is never less', function (): void {
    $document = Json::readObject((string) file_get_contents(dirname(__DIR__, 3).'/database/demo/dark-lamp/game.json'));

    expect(Monotony::holdsIn(GameDocument::of($document)))->toBeTrue();
});
