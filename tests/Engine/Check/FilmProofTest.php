<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Check\Search\Exploration;
use Fravel\Simulate\Answers;
use Fravel\Simulate\Chance;
use Fravel\Simulate\Pupil;
use Fravel\Simulate\VirtualPlay;
use Tests\Support\BrutePlayer;
use Tests\Support\FilmGames;
use Tests\Support\Games;

it('proves of films what playing them in every way shows', function (int $seed): void {
    $game = FilmGames::drawn($seed);
    $brute = new BrutePlayer($game, ['yes', 'no'], 700);
    $reach = Exploration::of($game, 4000);

    expect($reach->isComplete)->toBeTrue();
    expect(array_diff_key(array_filter(
        $brute->scenes, static fn (string $id): bool => $game->scene($id) !== null, ARRAY_FILTER_USE_KEY,
    ), $reach->scenes))->toBe([]);
    if ($brute->isComplete) {
        expect(array_diff_key($reach->scenes, $brute->scenes))->toBe([])
            ->and($reach->trap !== null)->toBe($brute->traps !== []);
    }
})->with(range(1, 30));

it('finds what a film has no time for, and captions over each other', function (array $clip, array $codes): void {
    $found = array_map(
        static fn (Finding $finding): string => $finding->code, Check::of(FilmGames::lens($clip))->findings,
    );

    expect(array_values(array_filter($found, static fn (string $code): bool => preg_match(
        '/^(stop|moment|captions)\./', $code,
    ) === 1)))->toBe($codes);
})->with([
    'sound' => [['lines' => [['at' => 1, 'until' => 2, 'text' => 'a'], ['at' => 2, 'until' => 3, 'text' => 'b']]], []],
    'no words' => [[], ['captions.missing']],
    'a shorter file' => [['length' => 22], ['moment.beyond', 'stop.beyond', 'captions.missing']],
    'captions' => [
        ['lines' => [['at' => 1, 'until' => 4, 'text' => 'a'], ['at' => 3, 'until' => 5, 'text' => 'b'],
            ['at' => 50, 'until' => 52, 'text' => 'c']]],
        ['captions.beyond', 'captions.overlap'],
    ],
]);

it('counts how long rounds take to guess, and takes what shows the way on for no leak', function (int $enough): void {
    $round = static fn (int $at): array => [
        'id' => "r{$at}", 'match' => ['options' => ["y{$at}"]],
        'input' => ['type' => 'options', 'options' => [
            ['id' => "y{$at}", 'md' => 'y'], ['id' => "n{$at}", 'md' => 'n'],
        ]],
    ];
    $game = Games::of([['id' => 'a', 'things' => [Games::lock('l', '', [
        'rounds' => array_map($round, range(1, 8)), 'enough' => $enough, 'rules' => [
            ['match' => ['anything' => true], 'verdict' => 'open', 'go' => 'out'],
        ],
        'otherwise' => [
            ['if' => ['tries' => 'l', 'is' => '<', 'value' => 3], 'say' => 'No.'],
            ['say' => 'y', 'do' => [['open' => 'l']]],
        ],
    ])]], ['id' => 'out', 'ending' => ['kind' => 'won', 'md' => '']]]);
    $codes = array_column(Check::of($game)->findings, 'code');

    expect(in_array('lock.guessable', $codes, true))->toBe($enough < 5)
        ->and($codes)->not->toContain('answer.leaked')->not->toContain('answer.loose');
})->with([2, 8]);

it('is played to its end by a made-up student', function (): void {
    $game = FilmGames::lens();
    $deeds = VirtualPlay::of($game, new Answers($game), new Pupil('Aila', 0.9, 0.1, 1.0, 20), new Chance('a'), 0);

    expect(end($deeds)['outcome']->state->ended)->toBe('won')
        ->and(array_column(array_column($deeds, 'action'), 'cue'))->toContain('asks');
});
