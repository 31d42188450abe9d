<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Game;

/** A game after a command, and the command that gives back the game before it, byte for byte. */
final readonly class Edited
{
    public function __construct(public Game $game, public Command $inverse)
    {
    }
}
