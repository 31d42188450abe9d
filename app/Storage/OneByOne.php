<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;

/** Counts one after the other, so that what happens at the same moment is all counted. */
final class OneByOne
{
    /** Seconds to wait for a turn, and for which a turn is held at most. */
    private const PATIENCE = 2;

    private const LONGEST_TURN = 5;

    /** Where whoever had the turn died with it, it is not waited for any longer: one count less is no failure. */
    public static function count(string $name, callable $count): void
    {
        if (! Cache::getStore() instanceof LockProvider) {
            $count();

            return;
        }
        try {
            Cache::lock($name, self::LONGEST_TURN)->block(self::PATIENCE, $count);
        } catch (LockTimeoutException) {
            $count();
        }
    }
}
