<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Play;
use App\Models\Run;
use Fravel\Report\PlayLog;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;
use stdClass;

/** All that the students of a run did: one query for their plays, and one for what they did. */
final class RunLogs
{
    /** @return list<PlayLog> by name */
    public static function of(Run $run): array
    {
        $plays = $run->plays()->orderBy('name')->get()->all();
        $kept = DB::table('play_events')
            ->join('plays', 'plays.id', '=', 'play_events.play_id')
            ->where('plays.run_id', $run->id)
            ->orderBy('play_events.play_id')->orderBy('play_events.seq')
            ->leftJoin('members', 'members.id', '=', 'play_events.member')
            ->get([
                'play_events.play_id', 'play_events.at', 'play_events.action', 'play_events.events',
                'members.name as by',
            ])
            ->groupBy('play_id');

        return array_map(
            static fn (Play $play): PlayLog => self::log($play, $kept->get($play->id)?->all() ?? []),
            array_values($plays),
        );
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
