<?php

declare(strict_types=1);

namespace Fravel\Simulate;

use Fravel\Answer\Input\Entry;
use Fravel\Thing\Lock;

/**
 * How long things take a student of the usual pace, in seconds. Reading: 150 words a minute, as children of ten to
 * twelve read on a screen. The rest are round figures of the class games that the demo was modelled on; an estimate
 * says so.
 */
final class Times
{
    private const WORDS_A_SECOND = 2.5;

    /** To look at a scene, to choose a way, and to lift something. */
    private const LOOK = 6.0;

    private const CHOOSE = 5.0;

    /** To come upon an answer, by how it is entered; to answer once more after a wrong try. */
    private const THINK = ['Code' => 45.0, 'Number' => 40.0, 'Words' => 30.0, 'Picks' => 25.0];

    private const WRITE = 120.0;

    private const AGAIN = 0.6;

    /** How far times lie apart: the spread of their logarithms. */
    private const SPREAD = 0.45;

    public static function reading(int $words): float
    {
        return self::LOOK + $words / self::WORDS_A_SECOND;
    }

    public static function choosing(): float
    {
        return self::CHOOSE;
    }

    public static function answering(Lock $lock, int $tries): float
    {
        $first = $lock->input->isLong() ? self::WRITE : self::THINK[self::named($lock->input->entry())];

        return $tries === 0 ? $first : self::AGAIN * $first;
    }

    /** As long as it takes this student this time, at least a second. */
    public static function taken(float $usual, Pupil $pupil, Chance $chance): int
    {
        return max(1, (int) round($usual * $pupil->pace * exp(self::SPREAD * $chance->normal())));
    }

    private static function named(Entry $entry): string
    {
        return $entry->name;
    }
}
