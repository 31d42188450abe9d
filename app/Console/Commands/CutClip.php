<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clips\Cutting;
use Illuminate\Console\Command;

/** Cuts a film at its stops; begun by the workshop, in a process of its own. */
final class CutClip extends Command
{
    protected $signature = 'clips:cut {file : its name among the files of games} {cuts : seconds, parted by spaces}';

    protected $description = 'Cuts a film into pieces, so that none can be fetched before it is reached';

    public function handle(): int
    {
        $cuts = array_map(floatval(...), explode(' ', (string) $this->argument('cuts')));

        return (new Cutting((string) $this->argument('file'), $cuts))->run() ? self::SUCCESS : self::FAILURE;
    }
}
