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
    private const MOVE = 'update plays set seq = ?, state = ?, acted_at = ?, ended_at = ?, progressed_at = ? '
        .'where id = ? and seq = ?';

    private const EVENT = 'insert into play_events (play_id, seq, "key", "action", events, at) values (?, ?, ?, ?, '
        .'?, ?)';

    /**
     * @param  stdClass  $row  id, seq and progressed_at of the play as it was judged on
     * @param  array<string, mixed>  $action
     * @return bool false when somebody else was first
     */
    public static function of(
        Connection $database, stdClass $row, PlayState $before, Outcome $outcome, array $action, string $key, int $now,
    ): bool {
        $after = $outcome->state;
        $isOn = $before->scene !== $after->scene || count($before->open) !== count($after->open);
        $kept = $database->update(self::MOVE, [
            $row->seq + 1,
            Json::write($after->toArray()),
            $now,
            $after->ended === null ? null : $now,
            $isOn ? $now : $row->progressed_at,
            $row->id,
            $row->seq,
        ]);

        return $kept > 0 && $database->insert(self::EVENT, [
            $row->id, $row->seq + 1, $key, Json::write($action), Json::write($outcome->eventList()), $now,
        ]);
    }
}
