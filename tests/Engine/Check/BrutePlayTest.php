<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Severity;
use Fravel\Document\GameDocument;
use Tests\Support\BrutePlayer;
use Tests\Support\Kinds\MadeUp;
use Tests\Support\RandomGames;

beforeEach(fn () => MadeUp::teach());
afterEach(fn () => MadeUp::unlearn());

it('proves of games of every kind what playing them in every way shows', function (int $seed): void {
    $game = GameDocument::of((new RandomGames($seed, true, 2))->document());
    $brute = new BrutePlayer($game, ['yes', 'no', 'maybe', '7', '5'], 400);
    $reach = Exploration::of($game, 3000);

    expect($reach->unsure)->toBe([]);
    if ($reach->isComplete) {
        expect(array_diff_key($brute->scenes, $reach->scenes))->toBe([]);
    }
    if ($reach->isComplete && $brute->isComplete) {
        expect(array_diff_key($reach->scenes, $brute->scenes))->toBe([])
            ->and($reach->trap !== null)->toBe($brute->traps !== [])
            ->and($brute->traps === [] || in_array($reach->trap['scene'] ?? '', $brute->traps, true))->toBeTrue();
    }
})->with(range(1, 24));

it('never calls out of reach what somebody got to', function (int $seed): void {
    $game = GameDocument::of((new RandomGames($seed, true, 2))->document());
    $brute = new BrutePlayer($game, ['yes', 'no', 'maybe', '7', '5'], 150);
    $wrong = array_filter(
        Check::of($game, 3000)->findings,
        static fn (Finding $finding): bool => $finding->severity === Severity::Error && in_array(
            $finding->code, ['scene.unreachable', 'ending.unreachable'], true,
        ) && isset($brute->scenes[$finding->where[0]]),
    );

    expect($wrong)->toBe([]);
})->with(range(200, 212));
