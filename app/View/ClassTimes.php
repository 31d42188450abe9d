<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Run;
use Fravel\Report\Spread;
use Illuminate\Support\Facades\Cache;

/** How long the middle of a class took for each lock, worked out anew a few times a minute at most. */
final class ClassTimes
{
    /** Fewer that were through are no class. */
    private const LEAST = 3;

    /** Seconds for which it is kept. */
    private const KEPT = 20;

    /** @return array<string, int> lock → seconds; those that too few opened are left out */
    public static function of(Run $run): array
    {
        /** @var array<string, int> */
        return Cache::remember("times.{$run->id}", self::KEPT, static fn (): array => self::reckoned($run));
    }

    /** @return array<string, int> */
    private static function reckoned(Run $run): array
    {
        $enough = array_filter(PlayTimes::of($run), static fn (array $all): bool => count($all) >= self::LEAST);

        return array_map(static fn (array $all): int => (int) round(Spread::of($all)->median ?? 0), $enough);
    }
}
