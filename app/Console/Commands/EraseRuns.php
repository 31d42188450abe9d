<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\EraseDueRuns;
use App\Storage\Pulse;
use Illuminate\Console\Command;

/** Deletes runs whose day has come; for the scheduler, once an hour. */
final class EraseRuns extends Command
{
    /** Seconds after which nobody waits for a change any more. */
    private const QUIET = 172_800;

    protected $signature = 'runs:erase';

    protected $description = 'Deletes runs, with all their data, whose day of deletion has come';

    public function handle(EraseDueRuns $erase): int
    {
        $this->line("Deleted: {$erase->handle()}; swept: ".Pulse::sweep(self::QUIET));

        return self::SUCCESS;
    }
}
