<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Document\GameDocument;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;
use Tests\Support\Games;

/** What CommandsTest is about: games, and ways to ask. */
final class CommandsCases
{
    /** @param  array<string, mixed>  $sent */
    public static function edited(GameDocument $game, array $sent): Edited
    {
        return Commands::read($sent, $game)->apply($game);
    }
}
