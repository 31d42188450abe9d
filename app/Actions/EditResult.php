<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Game;
use Fravel\Edit\Command;
use Fravel\Edit\Refusal;

/** What became of a change, for the workshop that asked for it. */
final readonly class EditResult
{
    /**
     * @param  int|null  $kept  the revision that the change made, if it was made
     * @param  Command|null  $applied  what leads from the workshop's revision to the present one; null when it must
     *     load anew
     */
    private function __construct(
        public Game $game,
        public ?int $kept,
        public ?Refusal $refusal,
        public ?Command $applied,
    ) {
    }

    public static function done(Game $game, int $kept, ?Command $applied): self
    {
        return new self($game, $kept, null, $applied);
    }

    public static function refused(Game $game, Refusal $refusal): self
    {
        return new self($game, null, $refusal, null);
    }
}
