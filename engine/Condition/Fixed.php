<?php

declare(strict_types=1);

namespace Fravel\Condition;

/** What of a state never changes in a game, whatever is done. */
interface Fixed
{
    /** What a tally stands at in every play; null where something counts on it. */
    public function tally(string $tally): int|float|null;

    /** Whether nothing in the game changes the fact. */
    public function isUnchanged(string $fact): bool;
}
