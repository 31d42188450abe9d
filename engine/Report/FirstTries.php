<?php

declare(strict_types=1);

namespace Fravel\Report;

/** Which locks opened at the first answer, play by play, and how well one of them tells who does well elsewhere. */
final class FirstTries
{
    /** Plays below which nothing is said. */
    private const LEAST = 10;

    /** @return array<string, bool> each lock that was answered → whether the first answer opened it */
    public static function of(PlayLog $log): array
    {
        $first = [];
        foreach ($log->deeds as $deed) {
            $lock = $deed->lock();
            if ($lock !== null) {
                $first[$lock] ??= $log->openedAtFirstTry($lock);
            }
        }

        return $first;
    }

    /**
     * The point-biserial correlation of the first try at a lock with the part of first tries at the others that opened
     * (Lord and Novick, "Statistical Theories of Mental Test Scores", 1968).
     *
     * @param  list<array<string, bool>>  $all
     * @return float|null  from −1 to 1; null where too few answered it, or all the same way
     */
    public static function tells(string $lock, array $all): ?float
    {
        $pairs = [];
        foreach ($all as $first) {
            $others = array_diff_key($first, [$lock => true]);
            if (isset($first[$lock]) && $others !== []) {
                $pairs[] = [(float) $first[$lock], array_sum(array_map(intval(...), $others)) / count($others)];
            }
        }

        return count($pairs) < self::LEAST ? null : self::correlation($pairs);
    }

    /** @param  non-empty-list<array{float, float}>  $pairs */
    private static function correlation(array $pairs): ?float
    {
        $count = count($pairs);
        [$x, $y] = [array_sum(array_column($pairs, 0)) / $count, array_sum(array_column($pairs, 1)) / $count];
        [$both, $one, $other] = [0.0, 0.0, 0.0];
        foreach ($pairs as [$a, $b]) {
            $both += ($a - $x) * ($b - $y);
            $one += ($a - $x) ** 2;
            $other += ($b - $y) ** 2;
        }

        return $one * $other < 1e-12 ? null : $both / sqrt($one * $other);
    }
}
