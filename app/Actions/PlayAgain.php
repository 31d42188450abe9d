<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use App\Storage\EditionFile;
use Fravel\Play\Playing;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;

/** Begins a play that is over once more, where its ending lets it; what was done before stays in its events. */
final class PlayAgain
{
    /** Whether it began anew. */
    public function handle(Play $play, Run $run): bool
    {
        $edition = EditionFile::of($run->edition);
        $state = $play->read();
        if ($state->ended === null || ! ($edition->game->scene($state->scene)?->ending->again ?? false)) {
            return false;
        }
        $now = Clock::seconds();
        $outcome = Playing::start($edition->game, random_int(1, 2 ** 31), $now, $play->name);

        return DB::transaction(function () use ($play, $outcome, $now): bool {
            $next = $play->seq + 1;
            $isFirst = DB::table('plays')->where('id', $play->id)->where('seq', $play->seq)->update([
                'seq' => $next, 'state' => Json::write($outcome->state->toArray()), 'acted_at' => $now,
                'progressed_at' => $now,
                'ended_at' => $outcome->state->ended === null ? null : $now,
            ]);

            return $isFirst > 0 && DB::table('play_events')->insert([
                'play_id' => $play->id, 'seq' => $next, 'key' => "again-{$next}", 'action' => '{"again":true}',
                'events' => Json::write($outcome->eventList()), 'at' => $now,
            ]);
        });
    }
}
