<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Run;
use App\Report\RunLogs;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;

/** How long the plays of a run took for each lock: of one that has ended that is reckoned once, and kept. */
final class PlayTimes
{
    /** Plays that are kept at once. */
    private const AT_ONCE = 200;

    /** @return array<string, list<int>> lock → seconds until it opened, of each play that opened it */
    public static function of(Run $run): array
    {
        $rows = DB::table('plays')->leftJoin('play_times', 'play_times.play_id', '=', 'plays.id')
            ->where('plays.run_id', $run->id)
            ->get(['plays.id', 'plays.seq', 'plays.ended_at', 'play_times.seq as kept', 'play_times.seconds']);
        [$times, $unknown] = [[], []];
        foreach ($rows as $row) {
            $row->kept === $row->seq
                ? $times[] = Json::readObject($row->seconds)
                : $unknown[$row->id] = [
                    'play_id' => $row->id, 'seq' => $row->seq, 'isEnded' => $row->ended_at !== null,
                ];
        }
        $all = [];
        foreach ([...$times, ...self::reckoned($unknown)] as $one) {
            foreach ($one as $lock => $seconds) {
                $all[$lock][] = (int) $seconds;
            }
        }

        return $all;
    }

    /**
     * @param  array<string, array{play_id: string, seq: int, isEnded: bool}>  $plays
     * @return list<array<string, int>> lock → seconds, for each play
     */
    private static function reckoned(array $plays): array
    {
        [$times, $kept] = [[], []];
        foreach (RunLogs::among(array_keys($plays)) as $log) {
            ['play_id' => $id, 'seq' => $seq, 'isEnded' => $isEnded] = $plays[$log->id];
            $times[] = $seconds = $log->times();
            $isEnded ? $kept[] = ['play_id' => $id, 'seq' => $seq, 'seconds' => Json::write((object) $seconds)] : null;
        }
        foreach (array_chunk($kept, self::AT_ONCE) as $part) {
            // What can't be kept now is reckoned again.
            rescue(static fn (): int => DB::table('play_times')->upsert($part, ['play_id']), report: false);
        }

        return $times;
    }
}
