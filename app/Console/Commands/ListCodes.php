<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Run;
use Illuminate\Console\Command;

/** Prints the codes of the runs that can be joined now, each with its game and how it is played. */
final class ListCodes extends Command
{
    protected $signature = 'run:codes';

    protected $description = 'Print the codes of the runs that can be joined now';

    public function handle(): int
    {
        foreach (Run::query()->whereNull('closed_at')->with('game')->orderBy('id')->get() as $run) {
            $mode = __("runs.settings.mode.{$run->plays_as}");
            $this->line("    {$run->code}  {$run->game->title}, {$run->label} ({$mode})");
        }

        return self::SUCCESS;
    }
}
