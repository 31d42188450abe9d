<?php

declare(strict_types=1);

namespace App\Actions;

use App\Play\Clock;
use App\Storage\Lines;
use App\Storage\Pulse;
use Illuminate\Support\Facades\DB;

/** A play calls its teacher until somebody has come, or it is taken back; meanwhile it stands first on the board. */
final class CallTeacher
{
    /** @return bool whether it calls now */
    public function handle(string $play, string $code, bool $isCalling): bool
    {
        $row = DB::selectOne(
            'select plays.run_id, plays.called_at, plays.ended_at, runs.closed_at from plays '
                .'join runs on runs.id = plays.run_id where plays.id = ? and upper(runs.code) = upper(?)',
            [$play, $code],
        );
        $isPlaying = $row !== null && $row->ended_at === null && $row->closed_at === null;
        if ($row === null || ! $isPlaying && $isCalling) {
            return false;
        }
        if (($row->called_at !== null) !== $isCalling) {
            self::set([$play], $row->run_id, $isCalling ? Clock::seconds() : null);
        }

        return $isCalling;
    }

    /**
     * What was called for is done.
     *
     * @param  list<string>  $plays
     */
    public static function answered(array $plays, string $run): void
    {
        self::set($plays, $run, null);
    }

    /** @param  list<string>  $plays */
    private static function set(array $plays, string $run, ?int $at): void
    {
        $changed = DB::table('plays')->whereIn('id', $plays)
            ->when($at === null, static fn ($query) => $query->whereNotNull('called_at'))
            ->update(['called_at' => $at]);
        if ($changed > 0) {
            Lines::watched($run) === null || Lines::add($run, Lines::ALL);
            Pulse::beat($run, ...$plays);
        }
    }
}
