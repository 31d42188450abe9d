<?php

declare(strict_types=1);

namespace App\Play;

use App\Models\Run;
use stdClass;

/** Whether a run takes anything now: it has an opening and a closing, rests, and may limit the time of each play. */
final class Gate
{
    /** What a row of a run must hold to be asked here, and RunRules. */
    public const COLUMNS = 'runs.code, runs.closed_at, runs.paused_at, runs.minutes, runs.opens_at, runs.closes_at, '
        .'runs.gives_hints, runs.plays_again, runs.shows_order, runs.plays_as, '
        .'runs.gives_certificates, runs.shows_wall';

    /**
     * Why a play takes nothing now, by the name of its words; null when it does.
     *
     * @param  stdClass  $row  of a run and a play: the columns above, started_at and extra
     */
    public static function refusal(stdClass $row, int $now): ?string
    {
        return match (true) {
            self::isClosed($row, $now) => 'run.closed',
            $row->opens_at !== null && $now < $row->opens_at => 'run.early',
            $row->paused_at !== null => 'run.paused',
            $row->minutes !== null
                && Limit::isOver(Limit::until($row->started_at, $row->minutes, $row->extra), $now) => 'run.over',
            default => null,
        };
    }

    public static function isClosed(stdClass|Run $row, int $now): bool
    {
        return $row->closed_at !== null || ($row->closes_at !== null && $now >= $row->closes_at);
    }
}
