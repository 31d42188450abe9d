<?php

declare(strict_types=1);

namespace App\Actions;

use Fravel\Play\Outcome;
use Fravel\State\PlayState;
use Fravel\Support\Json;
use Illuminate\Database\Connection;
use stdClass;

/**
 * Keeps what something done in a play came to: one conditional update, which names the event it was judged on, and one
 * insert. It is for a transaction of its own.
 */
final class KeepOutcome
{
    private const MOVE = 'update plays set seq = ?, state = ?, acted_at = ?, ended_at = ?, progressed_at = ?, '
        .'place = coalesce(place, ?) where id = ? and seq = ?';

    private const EVENT = 'insert into play_events (play_id, seq, "key", "action", events, at, member) '
        .'values (?, ?, ?, ?, ?, ?, ?)';

    /** The place it has, or the next one of its run. */
    private const PLACE = 'select coalesce(mine.place, (select coalesce(max(place), 0) + 1 from plays '
        .'where run_id = mine.run_id)) as place from plays as mine where mine.id = ?';

    /**
     * @param  stdClass  $row  id, seq and progressed_at of the play as it was judged on
     * @param  array<string, mixed>  $action
     * @param  int|null  $member  who of a team did it
     * @return PlayState|null  as it was kept; null when somebody else was first
     */
    public static function of(
        Connection $database, stdClass $row, PlayState $before, Outcome $outcome, array $action, string $key, int $now,
        ?int $member = null,
    ): ?PlayState {
        $after = self::finished($database, $row->id, $before, $outcome->state);
        $kept = $database->update(self::MOVE, [
            $row->seq + 1,
            Json::write($after->toArray()),
            $now,
            $after->ended === null ? null : $now,
            self::progressedAt($row, $before, $after, $now),
            $after->place,
            $row->id,
            $row->seq,
        ]);

        return $kept > 0 && $database->insert(self::EVENT, [
            $row->id, $row->seq + 1, $key, Json::write($action), Json::write($outcome->eventList()), $now, $member,
        ]) ? $after : null;
    }

    /**
     * When a play last got on: at another scene or an open lock.
     *
     * @param  stdClass  $row  progressed_at of the play as it was judged on
     */
    public static function progressedAt(stdClass $row, PlayState $before, PlayState $after, int $now): int
    {
        $isOn = $before->scene !== $after->scene || count($before->open) !== count($after->open);

        return $isOn ? $now : (int) $row->progressed_at;
    }

    /** With its place among the plays of its run, where it has just come through. */
    private static function finished(Connection $database, string $id, PlayState $before, PlayState $after): PlayState
    {
        if ($before->ended !== null || in_array($after->ended, [null, 'lost'], true)) {
            return $after;
        }

        return $after->finishAs((int) $database->selectOne(self::PLACE, [$id])->place);
    }
}
