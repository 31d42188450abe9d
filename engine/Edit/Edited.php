<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\GameDocument;

/** A game after a command, and the command that gives back the game before it, byte for byte. */
final readonly class Edited
{
    public function __construct(public GameDocument $game, public Command $inverse)
    {
    }
}
