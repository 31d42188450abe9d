<?php

declare(strict_types=1);

namespace Tools\Bench;

use App\Actions\CreateGame;
use App\Actions\EditGame;
use App\Actions\Standpoint;
use App\Actions\StepHistory;
use App\Models\User;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command as Edit;
use Fravel\Edit\Commands;
use Illuminate\Console\Command;

/**
 * Edits a large game as heavily as one can, while students are measured: half of it deleted, copied, and undone again.
 */
final class BenchEdits extends Command
{
    protected $signature = 'bench:edits {seconds}';

    protected $description = 'Edit a large game again and again, to measure what students notice of it';

    /** Seconds between two edits, as of somebody in a great hurry. */
    private const PAUSE = 1.0;

    public function handle(CreateGame $create, EditGame $edit, StepHistory $history): int
    {
        ini_set('memory_limit', '512M');
        $teacher = User::query()->create([
            'name' => 'Bench',
            'email' => 'edits-'.getmypid().'@skerrypoint.example',
            'password' => bin2hex(random_bytes(12)),
        ]);
        $game = $create->handle($teacher, LargeGames::ladder(1000));
        $deletion = [
            'together' => array_map(
                static fn (int $number): array => ['deleteScene' => "s{$number}", 'lead' => 's'.($number + 1)],
                range(1, 500),
            ),
        ];
        $copies = ['duplicate' => array_map(static fn (int $number): string => "s{$number}", range(100, 399))];
        $until = microtime(true) + (float) $this->argument('seconds');
        $times = [];
        for ($number = 0; microtime(true) < $until; $number++) {
            $sent = $number % 4 === 0 ? $deletion : $copies;
            $before = microtime(true);
            $number % 2 === 0
                ? $edit->handle(
                    $game->id,
                    static fn (GameDocument $document): ?Edit => Commands::read($sent, $document),
                    Standpoint::at(PHP_INT_MAX),
                    'bench',
                )
                : $history->undo($game->id, 0, bin2hex(random_bytes(10)));
            $times[] = microtime(true) - $before;
            usleep((int) (self::PAUSE * 1e6));
        }
        sort($times);
        $this->line(sprintf('%d %.0f', count($times), 1000 * ($times[count($times) - 1] ?? 0)));

        return self::SUCCESS;
    }
}
