<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Run;
use App\Storage\EditionFile;
use Fravel\Report\LockReport;
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
        $times = [];
        foreach (LockReport::all(EditionFile::of($run->edition)->game, RunLogs::of($run)) as $report) {
            if ($report->seconds !== null && $report->opened >= self::LEAST) {
                $times[$report->lock->id] = (int) round($report->seconds->median);
            }
        }

        return $times;
    }
}
