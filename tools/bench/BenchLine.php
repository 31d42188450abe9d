<?php

declare(strict_types=1);

namespace Tools\Bench;

use App\Models\Run;
use App\Storage\Lines;
use App\View\ClassTimes;
use App\View\RunRow;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Says what the line of a change costs whoever made it while a board is open: milliseconds of processor time. */
final class BenchLine extends Command
{
    private const TIMES = 2000;

    protected $signature = 'bench:line {run}';

    protected $description = 'Measure the line of a change';

    public function handle(): int
    {
        $run = Run::query()->with('edition')->whereKey($this->argument('run'))->firstOrFail();
        $play = $run->plays()->firstOrFail();
        [$game, $state] = [$play->compiled($run)->game, $play->read()];
        $row = DB::selectOne('select id, run_id, seq from plays where id = ?', [$play->id]);
        Lines::watch($run->id, ClassTimes::of($run));
        $before = self::spent();
        for ($time = 0; $time < self::TIMES; $time++) {
            RunRow::tell($row, $game, $state, $play->progressed_at, time());
        }
        $this->line((string) (1000 * (self::spent() - $before) / self::TIMES));

        return self::SUCCESS;
    }

    private static function spent(): float
    {
        $used = getrusage() ?: [];

        return ($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_stime.tv_sec'] ?? 0)
            + (($used['ru_utime.tv_usec'] ?? 0) + ($used['ru_stime.tv_usec'] ?? 0)) / 1e6;
    }
}
