<?php

use Fravel\Check\Detours;
use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Unopened;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;
use Tests\Support\Engine\ProofCases;
use Tests\Support\FilmGames;
use Tests\Support\Games;
use Tests\Support\RandomGames;

/** @return list<Lock> */
function locksOf(GameDocument $game): array
{
    return array_merge([], ...array_map(fn (Scene $scene): array => Things::locks($scene->things), $game->scenes()));
}

it('calls no lock needed, and no ending shut, where a play gets there without', function (string $kind): void {
    [$needed, $free] = [0, 0];
    foreach (range(1, 40) as $seed) {
        $game = match ($kind) {
            'rising' => ProofCases::risingGame($seed),
            'any' => GameDocument::of((new RandomGames($seed))->document()),
            default => FilmGames::drawn($seed),
        };
        $ends = array_filter($game->scenes(), fn (Scene $scene): bool => $scene->ending !== null);
        $ends = array_fill_keys(array_map(fn (Scene $scene): string => $scene->id, $ends), true);
        $detours = new Detours($game, new Effort());
        $isReached = fn (array $locks): bool => Exploration::isAnyReached(
            Unopened::game($game, $locks, new Effort()), $ends, 2000,
        );
        $across = $detours->needed($ends, new Effort());
        foreach (locksOf($game) as $lock) {
            $isNeeded = $across === null || isset($across[$lock->id]);
            [$needed, $free] = [$needed + ($isNeeded ? 1 : 0), $free + ($isNeeded ? 0 : 1)];
            expect($isNeeded && $isReached([$lock]))->toBeFalse();
        }
        expect(! $detours->reachWithout($ends, new Effort()) && $isReached(locksOf($game)))->toBeFalse();
    }

    expect($needed)->toBeGreaterThan($kind === 'film' ? -1 : 5)->and($free)->toBeGreaterThan(5);
})->with(['rising', 'any', 'film']);

it('knows whether an ending is reached with nothing opened', function (array $things, bool $isReached): void {
    $game = Games::of([['id' => 'a', 'things' => $things], ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']]]);

    expect((new Detours($game, new Effort()))->reachWithout(['end' => true], new Effort()))->toBe($isReached);
})->with([
    'a lock before it' => [[Games::lock('door', 'x', [], ['go' => 'end'])], false],
    'a choice beside the lock' => [
        [Games::lock('door', 'x', [], ['go' => 'end']), Games::choice('c', ['go' => 'end'])], true,
    ],
]);

it('goes on for who has effort, whatever another has spent', function (): void {
    $game = Games::of([['id' => 'a', 'next' => [['go' => 'end']]], ['id' => 'end', 'ending' => ['kind' => 'won']]]);
    $spent = new Effort(100);
    $detours = new Detours($game, $spent);
    $spent->isSpent(1000);

    expect($detours->needed(['end' => true], new Effort()))->toBe([])
        ->and(fn (): ?array => $detours->needed(['end' => true], $spent))->toThrow(EffortSpent::class);
});

it('tells what stands across every route from what has one beside it', function (
    array $first, ?array $across,
): void {
    $game = Games::of([
        ['id' => 'a', 'things' => $first],
        ['id' => 'b', 'things' => [Games::lock('gate', 'x', [], ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect((new Detours($game, new Effort()))->needed(['end' => true], new Effort()))->toBe($across);
})->with([
    'one after the other' => [[Games::lock('door', 'x', [], ['go' => 'b'])], ['door' => true, 'gate' => true]],
    'two to the same room' => [
        [Games::lock('door', 'x', [], ['go' => 'b']), Games::lock('hatch', 'x', [], ['go' => 'b'])], ['gate' => true],
    ],
    'a choice past both' => [[Games::lock('door', 'x', [], ['go' => 'b']), Games::choice('c', ['go' => 'end'])], []],
    'one lock with two ways' => [
        [
            ['otherwise' => [['go' => 'end']]] + Games::lock('door', 'x', [], ['go' => 'b']),
        ], ['door' => true],
    ],
    'no way at all' => [[], null],
]);
