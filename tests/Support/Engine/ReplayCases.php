<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Fravel\Play\Replay;
use Fravel\State\Action;
use Tests\Support\Games;

/** What ReplayTest is about: games, and ways to ask. */
final class ReplayCases
{
    /**
     * Two rooms with a recorded way through them.
     *
     * @param  array<string, mixed>  $walkthrough
     */
    public static function walkedGame(array $walkthrough): GameDocument
    {
        return GameDocument::of(
            ['walkthroughs' => [$walkthrough + ['id' => 'walk', 'name' => 'The way']]] + Games::twoRooms(),
        );
    }

    /** @param  array<string, mixed>  $walkthrough */
    public static function replayed(array $walkthrough): Replay
    {
        $game = self::walkedGame($walkthrough);

        return Replay::of($game, $game->walkthroughs()['walk']);
    }

    /** @return list<array<string, mixed>> the steps of the two rooms, with where each led */
    public static function recordedSteps(): array
    {
        $game = GameDocument::of(Games::twoRooms());
        $state = Playing::start($game, 1, 0)->state;
        $steps = [];
        foreach (ROOMS as $action) {
            $state = Playing::act($game, $state, Action::of($action) ?? throw new LogicException, 0)->state;
            $steps[] = $action + ['at' => $state->scene];
        }

        return $steps;
    }
}
