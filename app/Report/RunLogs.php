<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Play;
use App\Models\Run;
use Closure;
use Fravel\Report\Happening;
use Fravel\Report\PlayLog;
use Fravel\Support\Json;
use Generator;
use Illuminate\Support\Facades\DB;
use PDO;

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

    /**
     * @param  Closure(int): mixed|null  $told  what hears how much has been read, in per cent
     * @return list<PlayLog> by name
     */
    public static function of(Run $run, ?Closure $told = null): array
    {
        self::makeRoom(self::PAGE + self::ROOM * $run->plays()->count());

        return iterator_to_array(self::each($run, $told), false);
    }

    /** A run of thousands needs more than a page may usually take; one class does not. */
    private static function makeRoom(int $bytes): void
    {
        $limit = ini_parse_quantity((string) ini_get('memory_limit'));
        if ($limit > 0 && $limit < $bytes) {
            ini_set('memory_limit', (string) $bytes);
        }
    }

    /**
     * @param  Closure(int): mixed|null  $told  as of() takes it
     * @return Generator<int, PlayLog> by name, one after the other
     */
    public static function each(Run $run, ?Closure $told = null): Generator
    {
        return self::among($run->plays()->orderBy('name')->pluck('id')->all(), $told);
    }

    /**
     * @param  array<string>  $plays  ids
     * @param  Closure(int): mixed|null  $told  as of() takes it
     * @return Generator<int, PlayLog> in this order, one after the other
     */
    public static function among(array $plays, ?Closure $told = null): Generator
    {
        $logs = new self;
        foreach (array_chunk($plays, self::AT_ONCE) as $part => $ids) {
            $told === null ?: $told(intdiv(100 * $part * self::AT_ONCE, count($plays)));
            $there = Play::query()->whereIn('id', $ids)->get()->keyBy('id');
            $done = $logs->done($ids);
            foreach ($ids as $id) {
                // Who has left since is left out.
                $play = $there->get($id);
                if ($play instanceof Play) {
                    yield self::log($play, $done[$id] ?? []);
                }
            }
        }
    }

    public static function ofPlay(Play $play): PlayLog
    {
        return self::log($play, (new self)->done([$play->id])[$play->id] ?? []);
    }

    /**
     * Rows as SQLite gives them: there are hundreds of thousands in a large run.
     *
     * @param  array<string>  $plays  ids
     * @return array<string, list<array{at: int, what: Happening, by: string}>> play → what was done, in order
     */
    private function done(array $plays): array
    {
        $names = DB::table('members')->whereIn('play_id', $plays)->pluck('name', 'id')->all();
        $rows = DB::connection()->getPdo()->prepare(
            'select play_id, at, action, events, member from play_events where play_id in ('
                .implode(', ', array_fill(0, count($plays), '?')).') order by play_id, seq',
        );
        $rows->execute($plays);
        $done = [];
        while (is_array($row = $rows->fetch(PDO::FETCH_NUM))) {
            [$play, $at, $action, $events, $member] = $row;
            $done[$play][] = [
                'at' => $at, 'what' => $this->met["{$action}\n{$events}"] ?? $this->what($action, $events),
                'by' => $names[$member] ?? '',
            ];
        }

        return $done;
    }

    /** @param  list<array{at: int, what: Happening, by: string}>  $done */
    private static function log(Play $play, array $done): PlayLog
    {
        return PlayLog::of($play->id, $play->name, $play->started_at, $play->ended_at, $play->read(), $done);
    }

    private function what(string $action, string $events): Happening
    {
        /** @var list<list<mixed>> $what */
        $what = (array) Json::read($events);
        $happening = new Happening(Json::readObject($action), $what);
        if (count($this->met) < self::MOST) {
            $this->met["{$action}\n{$events}"] = $happening;
        }

        return $happening;
    }
}
