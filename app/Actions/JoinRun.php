<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use App\Play\PlayerName;
use App\Play\TwoWords;
use App\Storage\EditionFile;
use App\Storage\Pulse;
use Fravel\Play\Playing;
use Fravel\Support\Json;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Begins a play in a run under a name, or finds it again by name and two words. */
final class JoinRun
{
    /** The new play, or null when the name is taken in this run. */
    public function begin(
        Run $run, string $name, ?string $group, ?int $seed = null, ?string $address = null,
    ): ?Play {
        $now = Clock::seconds();
        $edition = EditionFile::of($run->edition);
        $outcome = Playing::start($edition->game, $seed ?? random_int(1, 2 ** 31), $now, $name);
        $play = [
            'name' => $name,
            'name_key' => PlayerName::key($name),
            'group' => $group,
            'address' => $address,
            'rejoin_words' => TwoWords::draw(),
            'seq' => 1,
            'state' => Json::write($outcome->state->toArray()),
            'started_at' => $now,
            'acted_at' => $now,
            'progressed_at' => $now,
            'ended_at' => $outcome->state->ended === null ? null : $now,
        ];
        try {
            $begun = DB::transaction(function () use ($run, $play, $outcome, $now): Play {
                $begun = $run->plays()->create($play);
                DB::table('play_events')->insert([
                    'play_id' => $begun->id, 'seq' => 1, 'key' => 'start', 'action' => '{"start":true}',
                    'events' => Json::write($outcome->eventList()), 'at' => $now,
                ]);

                return $begun;
            });
            Pulse::beat($begun->id, $run->id);

            return $begun;
        } catch (UniqueConstraintViolationException) {
            return null;
        }
    }

    public function findAgain(Run $run, string $name, string $words): ?Play
    {
        $play = $run->plays()->where('name_key', PlayerName::key($name))->first();

        return $play !== null && TwoWords::agree($words, $play->rejoin_words) ? $play : null;
    }
}
