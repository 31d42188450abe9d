<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Check\Effort;

/** What a check may use while a page waits for it: two seconds and 128 MB, whatever the game is like. */
final class RequestEffort
{
    /** A little less than is promised: what is begun is brought to an end. */
    private const SECONDS = 1.7;

    private const BYTES = 100_000_000;

    public static function begin(): Effort
    {
        [$since, $before] = [hrtime(true), memory_get_usage()];

        return new Effort(
            used: static fn (): float => max(
                (hrtime(true) - $since) / (self::SECONDS * 1e9),
                (memory_get_usage() - $before) / self::BYTES,
            ),
        );
    }
}
