<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Play;
use App\Models\Run;
use Fravel\Report\Happening;
use Fravel\Report\PlayLog;
use Fravel\Support\Json;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** All that the students of a run did, some plays at a time. What many did alike is read once, and kept once. */
final class RunLogs
{
    /** Plays that are read at once. */
    private const AT_ONCE = 200;

    /** Different happenings that are kept to be met again; past it each is its own. */
    private const MOST = 20_000;

    /** Bytes that a play needs at most while a report of all is made, beside those of any page. */
    private const ROOM = 40_000;

    private const PAGE = 64_000_000;

    /** @var array<string, Happening> */
    private array $met = [];

    private function __construct()
    {
    }

    /** @return list<PlayLog> by name */
    public static function of(Run $run): array
    {
        self::makeRoom(self::PAGE + self::ROOM * $run->plays()->count());

        return iterator_to_array(self::each($run), false);
    }

    /** A run of thousands needs more than a page may usually take; one class does not. */
    private static function makeRoom(int $bytes): void
    {
        $limit = ini_parse_quantity((string) ini_get('memory_limit'));
        if ($limit > 0 && $limit < $bytes) {
            ini_set('memory_limit', (string) $bytes);
        }
    }

    /** @return Generator<int, PlayLog> by name, one after the other */
    public static function each(Run $run): Generator
    {
        $logs = new self;
        foreach ($run->plays()->orderBy('name')->pluck('id')->chunk(self::AT_ONCE) as $ids) {
            $plays = Play::query()->whereIn('id', $ids)->get()->keyBy('id');
            $rows = [];
            foreach (self::rows()->whereIn('play_events.play_id', $ids)->orderBy('play_events.seq')->get() as $row) {
                $rows[$row->play_id][] = $row;
            }
            foreach ($ids as $id) {
                // Who has left since is left out.
                $play = $plays->get($id);
                if ($play instanceof Play) {
                    yield $logs->log($play, $rows[$id] ?? []);
                }
            }
        }
    }

    public static function ofPlay(Play $play): PlayLog
    {
        $rows = self::rows()->where('play_events.play_id', $play->id)->orderBy('play_events.seq')->get();

        return (new self)->log($play, $rows->all());
    }

    private static function rows(): Builder
    {
        return DB::table('play_events')
            ->leftJoin('members', 'members.id', '=', 'play_events.member')
            ->select([
                'play_events.play_id', 'play_events.at', 'play_events.action', 'play_events.events',
                'members.name as by',
            ]);
    }

    /** @param  array<stdClass>  $rows */
    private function log(Play $play, array $rows): PlayLog
    {
        return PlayLog::of($play->id, $play->name, $play->started_at, $play->ended_at, $play->read(), array_map(
            fn (stdClass $row): array => [
                'at' => (int) $row->at, 'what' => $this->what($row), 'by' => (string) $row->by,
            ],
            $rows,
        ));
    }

    private function what(stdClass $row): Happening
    {
        $text = "{$row->action}\n{$row->events}";
        $met = $this->met[$text] ?? null;
        if ($met !== null) {
            return $met;
        }
        /** @var list<list<mixed>> $events */
        $events = (array) Json::read((string) $row->events);
        $what = new Happening(Json::readObject((string) $row->action), $events);
        if (count($this->met) < self::MOST) {
            $this->met[$text] = $what;
        }

        return $what;
    }
}
