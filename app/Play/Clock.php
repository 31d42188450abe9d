<?php

declare(strict_types=1);

namespace App\Play;

use Illuminate\Support\Carbon;

/**
 * The time of a play, in whole seconds since 1970. Cheap, since every action asks; tests move it as they move Carbon's.
 */
final class Clock
{
    public static function seconds(): int
    {
        return Carbon::hasTestNow() ? (int) Carbon::now()->getTimestamp() : time();
    }
}
