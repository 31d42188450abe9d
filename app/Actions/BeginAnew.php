<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use App\Storage\EditionFile;
use App\Storage\Pulse;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;

/** Begins a play once more; what was done before stays in its events. */
final class BeginAnew
{
    /** Where it is over and its ending lets it. Whether it began anew. */
    public function again(Play $play, Run $run): bool
    {
        $edition = $play->compiled($run);
        $state = $play->read();
        $mayDoIt = $run->plays_again && ($edition->game->scene($state->scene)?->ending->again ?? false);

        return $state->ended !== null && $mayDoIt && $this->begin($play, $run, 'again', []);
    }

    /** As if it had not begun, at the teacher's word: with all its time, and no place yet. */
    public function reset(Play $play, Run $run): bool
    {
        return $this->begin($play, $run, 'reset', [
            'started_at' => Clock::seconds(), 'extra' => 0, 'place' => null, 'edition_id' => null,
        ]);
    }

    /** @param  array<string, int|null>  $beside  columns of the play */
    private function begin(Play $play, Run $run, string $why, array $beside): bool
    {
        $now = Clock::seconds();
        $game = ($why === 'reset' ? EditionFile::of($run->edition) : $play->compiled($run))->game;
        $outcome = Playing::start($game, random_int(1, 2 ** 31), $now, $play->name);

        $isBegun = DB::transaction(static fn (): bool => self::keep($play, $outcome, $why, $beside, $now));
        Pulse::beat($play->id, $run->id);

        return $isBegun;
    }

    /** @param  array<string, int|null>  $beside */
    private static function keep(Play $play, Outcome $outcome, string $why, array $beside, int $now): bool
    {
        $next = $play->seq + 1;
        $isFirst = DB::table('plays')->where('id', $play->id)->where('seq', $play->seq)->update($beside + [
            'seq' => $next, 'state' => Json::write($outcome->state->toArray()), 'acted_at' => $now,
            'progressed_at' => $now,
            'ended_at' => $outcome->state->ended === null ? null : $now,
        ]);

        return $isFirst > 0 && DB::table('play_events')->insert([
            'play_id' => $play->id, 'seq' => $next, 'key' => "{$why}-{$next}", 'action' => Json::write([$why => true]),
            'events' => Json::write($outcome->eventList()), 'at' => $now,
        ]);
    }
}
