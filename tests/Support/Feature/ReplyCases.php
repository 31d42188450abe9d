<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Play\CompiledEdition;
use App\Play\Frame;
use App\Play\Reply;
use App\Play\Turn;
use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Tests\Support\Games;

/** What ReplyTest is about: games, and ways to ask. */
final class ReplyCases
{
    /**
     * What the page gets after the last of these actions.
     *
     * @param  list<array<string, mixed>>  $scenes
     * @param  list<array<string, mixed>>  $actions
     * @param  array<string, mixed>  $more  fields of the game
     * @return array<string, mixed>
     */
    public static function replyTo(array $scenes, array $actions, array $more = []): array
    {
        $game = Games::of($scenes, $more);
        $before = Playing::start($game, 1, 0, 'Mia')->state;
        $last = array_pop($actions);
        foreach ($actions as $sent) {
            $before = Playing::act($game, $before, Action::of($sent), 0)->state;
        }

        return Reply::of(self::turnOf($game, $before, $last), new Frame('/p/x', [], 'Mia'));
    }

    /** @param  array<string, mixed>  $sent */
    public static function turnOf(GameDocument $game, PlayState $before, array $sent): Turn
    {
        $outcome = Playing::act($game, $before, Action::of($sent), 0);

        return new Turn(CompiledEdition::ofDraft($game), $before, $outcome->state, $outcome->eventList(), 0);
    }
}
