<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Run;
use Fravel\Report\LockReport;

/** Runs of one game beside each other, lock by lock; a lock that an edition names anew is the same lock. */
final readonly class Comparison
{
    /** Runs that stand beside each other at most, the newest first. */
    private const MOST = 6;

    /**
     * @param  list<array{run: Run, joined: int, finished: int, median: ?string}>  $runs
     * @param  list<Run>  $waiting  large ones, whose reports are being made
     * @param  list<array{name: string, of: list<?LockReport>}>  $locks  of each run, null where nobody came to it
     */
    private function __construct(public array $runs, public array $locks, public array $waiting)
    {
    }

    public static function of(Run $run): self
    {
        $runs = $run->game->runs()->with('edition')->has('plays')->latest('id')->limit(self::MOST)->get()->all();
        $columns = $names = [];
        [$heads, $waiting] = [[], []];
        foreach (array_values($runs) as $one) {
            $making = Making::ofLarge($one, Making::FIGURES);
            $report = $making === null ? Report::of($one) : $making->report();
            if ($report === null) {
                $making->begin();
                $waiting[] = $one;

                continue;
            }
            $heads[] = ['run' => $one] + array_intersect_key(
                $report->sums(), ['joined' => null, 'finished' => null, 'median' => null],
            );
            $column = [];
            foreach ($report->locks as $lock) {
                $id = (string) (array_search($lock->lock->id, $one->edition->renamed ?? [], true) ?: $lock->lock->id);
                $column[$id] = $lock;
                $names[$id] ??= $report->name($lock);
            }
            $columns[] = $column;
        }

        return new self($heads, array_map(static fn (string $id, string $name): array => [
            'name' => $name,
            'of' => array_map(static fn (array $column): ?LockReport => $column[$id] ?? null, $columns),
        ], array_map(strval(...), array_keys($names)), array_values($names)), $waiting);
    }
}
