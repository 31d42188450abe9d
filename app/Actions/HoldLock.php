<?php

declare(strict_types=1);

namespace App\Actions;

use App\Play\Clock;
use App\Play\Team;
use App\Storage\Pulse;
use Illuminate\Support\Facades\DB;

/** One of a team is at a lock, or at none any more: the others see it, and may answer there all the same. */
final class HoldLock
{
    /** Letters of a lock's id at most. */
    private const LONGEST = 64;

    /**
     * @param  string  $lock  '' for none
     * @return bool whether it was taken note of
     */
    public function handle(string $play, string $code, int $member, string $lock): bool
    {
        $row = DB::selectOne(
            'select members.holds, members.held_at from members join plays on plays.id = members.play_id '
                .'join runs on runs.id = plays.run_id where members.id = ? and plays.id = ? '
                ."and upper(runs.code) = upper(?) and runs.plays_as = 'teams'",
            [$member, $play, $code],
        );
        if ($row === null || strlen($lock) > self::LONGEST) {
            return false;
        }
        $now = Clock::seconds();
        $isShown = $row->holds !== null && $row->held_at > $now - Team::HOLDS;
        DB::update('update members set holds = ?, held_at = ? where id = ?', [$lock ?: null, $now, $member]);
        // What is only said once more is nothing new to the others.
        $isShown && $row->holds === $lock || Pulse::move($play);

        return true;
    }
}
