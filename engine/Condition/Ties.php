<?php

declare(strict_types=1);

namespace Fravel\Condition;

/** Whose a tie is. */
enum Ties: string
{
    /** Of the one listed first. */
    case First = 'first';

    /** Of all that are highest. */
    case All = 'all';

    /** Of nobody: something else decides. */
    case None = 'none';

    /** @param  list<string>  $leaders  in the order in which they are listed */
    public function makesFirst(string $tally, array $leaders): bool
    {
        return match ($this) {
            self::First => ($leaders[0] ?? null) === $tally,
            self::All => in_array($tally, $leaders, true),
            self::None => $leaders === [$tally],
        };
    }
}
