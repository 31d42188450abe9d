<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Run;
use App\Storage\EditionFile;
use Fravel\Support\Json;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What some plays answered last to the lock before which they stand, in words.
 *
 * @phpstan-import-type Row from RunStanding
 */
final class LastAnswers
{
    /**
     * @param  list<Row>  $rows
     * @return array<string, string> play → its last answer; none where it gave none
     */
    public static function of(Run $run, array $rows): array
    {
        $game = EditionFile::of($run->edition)->game;
        $answers = [];
        foreach ($rows === [] ? [] : self::newest($rows)->get(['play_id', 'action']) as $row) {
            $action = Json::readObject((string) $row->action);
            $lock = is_string($action['answer'] ?? null) ? $action['answer'] : '';
            $answers[(string) $row->play_id] = GivenAnswer::words($game, $lock, $action['with'] ?? null);
        }

        return $answers;
    }

    /** @param  list<Row>  $rows */
    private static function newest(array $rows): Builder
    {
        $last = DB::table('play_events')->selectRaw('max(id) as id')->groupBy('play_id');
        foreach ($rows as $row) {
            // An id has no sign that a pattern would take for another.
            $last->orWhere(static fn (Builder $of) => $of->where('play_id', $row['id'])
                ->where('action', 'like', '{"answer":"'.$row['need']->lock.'",%'));
        }

        return DB::table('play_events')->whereIn('id', $last);
    }
}
