<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Play;
use App\Models\Run;
use Fravel\Report\PlayLog;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use stdClass;

/** All that the students of a run did: one query for their plays, and one for what they did, read row by row. */
final class RunLogs
{
    /** @return list<PlayLog> by name */
    public static function of(Run $run): array
    {
        $plays = $run->plays()->orderBy('name')->get()->keyBy('id')->all();
        // In the order of the plays' names; each is put together as soon as its last row is read.
        $logs = array_fill_keys(array_keys($plays), null);
        [$at, $kept] = [null, []];
        foreach (self::rows($run) as $row) {
            if (! isset($plays[$row->play_id])) {
                // Who has joined since is left to the next look.
                continue;
            }
            if ($row->play_id !== $at && $at !== null) {
                $logs[$at] = self::log($plays[$at], $kept);
                $kept = [];
            }
            [$at, $kept[]] = [$row->play_id, $row];
        }
        if ($at !== null) {
            $logs[$at] = self::log($plays[$at], $kept);
        }

        return array_map(
            static fn (string $id, ?PlayLog $log): PlayLog => $log ?? self::log($plays[$id], []),
            array_keys($logs), $logs,
        );
    }

    /** @return LazyCollection<int, stdClass> */
    private static function rows(Run $run): LazyCollection
    {
        return DB::table('play_events')
            ->join('plays', 'plays.id', '=', 'play_events.play_id')
            ->where('plays.run_id', $run->id)
            ->orderBy('play_events.play_id')->orderBy('play_events.seq')
            ->leftJoin('members', 'members.id', '=', 'play_events.member')
            ->select([
                'play_events.play_id', 'play_events.at', 'play_events.action', 'play_events.events',
                'members.name as by',
            ])
            ->cursor();
    }

    public static function ofPlay(Play $play): PlayLog
    {
        $kept = DB::table('play_events')
            ->leftJoin('members', 'members.id', '=', 'play_events.member')
            ->where('play_events.play_id', $play->id)->orderBy('seq')
            ->get(['at', 'action', 'events', 'members.name as by']);

        return self::log($play, $kept->all());
    }

    /** @param  array<stdClass>  $kept */
    private static function log(Play $play, array $kept): PlayLog
    {
        /** @var list<array{at: int, action: array<array-key, mixed>, events: list<list<mixed>>, by: string}> $rows */
        $rows = array_map(static fn (stdClass $row): array => [
            'at' => (int) $row->at,
            'action' => Json::readObject((string) $row->action),
            'events' => (array) Json::read((string) $row->events),
            'by' => (string) $row->by,
        ], array_values($kept));

        return PlayLog::of($play->id, $play->name, $play->started_at, $play->ended_at, $play->read(), $rows);
    }
}
