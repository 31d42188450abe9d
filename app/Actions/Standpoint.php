<?php

declare(strict_types=1);

namespace App\Actions;

/** What whoever asks for a change knew of the game when they made it. */
final readonly class Standpoint
{
    /** Revisions of one's own that are looked at, at most. */
    public const MOST_OWN = 1000;

    /**
     * @param  int  $base  the revision that the workshop holds
     * @param  int  $made  the revision that was seen when the change was made
     * @param  list<int>  $own  revisions since that the same workshop made
     */
    public function __construct(public int $base, public int $made, public array $own = [])
    {
    }

    public static function at(int $revision): self
    {
        return new self($revision, $revision);
    }
}
