<?php

declare(strict_types=1);

namespace App\Play;

/** Until when a play takes anything, where its run has a limit. */
final class Limit
{
    /**
     * @param  int|null  $minutes  of the run; null for no limit
     * @param  int  $extra  seconds that were given to this play beside
     * @return int|null  seconds since 1970
     */
    public static function until(int $startedAt, ?int $minutes, int $extra): ?int
    {
        return $minutes === null ? null : $startedAt + 60 * $minutes + $extra;
    }

    public static function isOver(?int $until, int $now): bool
    {
        return $until !== null && $now >= $until;
    }
}
