<?php

use Fravel\Check\Search\ActionTrials;
use Fravel\Check\Search\Notes;
use Fravel\Check\Search\Space;
use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Tests\Support\RandomGames;

it('lays over a state what playing makes of it', function (int $seed): void {
    $dice = new RandomGames($seed);
    $game = GameDocument::of($dice->document());
    $space = new Space($game);
    $deeds = new ActionTrials($game, $space->codec->observed, false);
    $packed = static fn (object $state, int $time): string => $space->codec->withoutGoneWays(
        $space->codec->pack($state, $time),
    );
    $state = Playing::start($game, 1, 0)->state;
    expect($space->start())->toBe($packed($state, 0));

    for ($step = 0, $time = 0; $step < 40 && $state->ended === null; $step++) {
        $time = min(count($space->codec->times) - 1, $time + $dice->pick([0, 0, 0, 0, 1]));
        $played = [];
        foreach ($space->sources($state->scene) as $source) {
            array_push(
                $played, ...array_column($deeds->of($source, $state, $space->codec->times[$time], new Notes), 1),
            );
        }
        $expected = array_unique(
            array_map(static fn (object $outcome): string => bin2hex($packed($outcome->state, $time)), $played),
        );
        $found = array_map(static fn (array $move): string => bin2hex($move[1]), $space->moves($packed($state, $time)));

        expect(array_values(array_unique($found)))
            ->toEqualCanonicalizing(array_values(array_diff($expected, [bin2hex($packed($state, $time))])));
        if ($played === []) {
            break;
        }
        $state = $dice->pick($played)->state;
    }
})->with(range(1, 120));
