<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Run;
use App\Play\Clock;
use App\Report\Making;
use Illuminate\Support\Carbon;

/**
 * Runs whose day of deletion has come go with all their data. The scheduler asks every hour; the shelf asks too, so
 * that it is done where no scheduler runs.
 */
final class EraseDueRuns
{
    /** How many there were. */
    public function handle(): int
    {
        // The day begins somewhere on earth up to 14 hours before it does in UTC.
        $latest = Carbon::createFromTimestamp(Clock::seconds() + 14 * 3600)->format('Y-m-d');
        $due = Run::query()->whereNotNull('erase_on')->where('erase_on', '<=', $latest)->get()
            ->filter(static fn (Run $run): bool => $run->erase_on <= Carbon::createFromTimestamp(
                Clock::seconds(), $run->zone,
            )->format('Y-m-d'));
        $due->each(static function (Run $run): void {
            $run->delete();
            Making::forget($run->id);
        });

        Making::sweep();

        return $due->count();
    }
}
