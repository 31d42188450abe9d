<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Play;
use App\Models\Run;
use App\Play\Clock;
use App\Storage\Pulse;
use Fravel\Document\GameDocument;
use Fravel\Play\Help;
use Fravel\Play\Outcome;
use Fravel\State\PlayState;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What a teacher does for one play of a run: a hint, an open lock, another scene. It is kept as an event there. */
final class HelpPlay
{
    /** The student may act at the same moment. */
    private const ATTEMPTS = 5;

    /**
     * @param  string  $way  `hint`, `open`, `move`, `accept` or `back`
     * @param  string  $on  the lock, or the scene
     * @param  string  $words  with what an answer is sent back
     * @return bool whether anything came of it
     */
    public function handle(Run $run, Play $play, string $way, string $on, string $words = ''): bool
    {
        $game = $play->compiled($run)->game;
        for ($attempt = 0; $attempt < self::ATTEMPTS; $attempt++) {
            $now = Clock::seconds();
            $fresh = $play->fresh();
            if ($fresh === null) {
                return false;
            }
            $before = $fresh->read();
            $outcome = self::outcome($game, $before, $way, $on, $words, $now);
            if ($outcome->isRefused()) {
                return false;
            }
            $row = (object) ['id' => $fresh->id, 'seq' => $fresh->seq, 'progressed_at' => $fresh->progressed_at];
            $action = ['help' => $way, 'on' => $on] + ($words === '' ? [] : ['words' => $words]);
            if ($this->keep($row, $before, $outcome, $action, $now)) {
                // What sends an answer back says so at its lock.
                $way === 'back' || TellPlays::lines([$play->id => TellPlays::wordsOf($game, $way, $on)]);
                Pulse::beat($play->id, $run->id, "votes {$play->id}");

                return true;
            }
        }

        return false;
    }

    private static function outcome(
        GameDocument $game, PlayState $state, string $way, string $on, string $words, int $now,
    ): Outcome {
        return match ($way) {
            'open' => Help::open($game, $state, $on, $now),
            'accept' => Help::accept($game, $state, $on, $now),
            'back' => Help::sendBack($state, $on, $words),
            'move' => Help::move($game, $state, $on, $now),
            default => Help::hint($game, $state, $on, $now),
        };
    }

    /** @param  array<string, mixed>  $action */
    private function keep(stdClass $row, PlayState $before, Outcome $outcome, array $action, int $now): bool
    {
        return DB::transaction(static fn (): ?PlayState => KeepOutcome::of(
            DB::connection(), $row, $before, $outcome, $action, 'help-'.($row->seq + 1), $now,
        )) !== null;
    }
}
