<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Run;
use App\Storage\EditionFile;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;

/** What some plays answered last, in words. */
final class LastAnswers
{
    /**
     * @param  list<string>  $plays
     * @return array<string, string> play → its last answer; none where it gave none
     */
    public static function of(Run $run, array $plays): array
    {
        if ($plays === []) {
            return [];
        }
        $last = DB::table('play_events')->whereIn('play_id', $plays)->where('action', 'like', '{"answer":%')
            ->groupBy('play_id')->selectRaw('max(id) as id');
        $game = EditionFile::of($run->edition)->game;
        $answers = [];
        foreach (DB::table('play_events')->whereIn('id', $last)->get(['play_id', 'action']) as $row) {
            $action = Json::readObject((string) $row->action);
            $answers[(string) $row->play_id] = GivenAnswer::words(
                $game, is_string($action['answer'] ?? null) ? $action['answer'] : '', $action['with'] ?? null,
            );
        }

        return $answers;
    }
}
