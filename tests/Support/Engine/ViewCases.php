<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Document\GameDocument;
use Fravel\Play\View;
use Tests\Support\Games;
use Tests\Support\Plays;

/** What ViewTest is about: games, and ways to ask. */
final class ViewCases
{
    /** @param  list<array<string, mixed>>  $actions */
    public static function viewAfter(GameDocument $game, array $actions = []): View
    {
        return View::of($game, Plays::through($game, $actions)->state, Plays::START);
    }
}
