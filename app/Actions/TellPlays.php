<?php

declare(strict_types=1);

namespace App\Actions;

use App\Play\Clock;
use App\Storage\Pulse;
use App\Workshop\Names;
use Fravel\Document\GameDocument;
use Illuminate\Support\Facades\DB;

/** Lines from the teacher, which devices show once. */
final class TellPlays
{
    /** @param  array<string, string>  $lines  play → words */
    public static function lines(array $lines): void
    {
        DB::table('notes')->insert(array_map(
            static fn (string $play, string $words): array => [
                'play_id' => $play, 'words' => $words, 'at' => Clock::seconds(),
            ],
            array_keys($lines), $lines,
        ));
        Pulse::beat(...array_map(strval(...), array_keys($lines)));
    }

    /**
     * What was done for a student, as the teacher's.
     *
     * @param  string  $did  `hint`, `open`, `move`, `accept` or `right`
     * @param  string  $on  the lock, or the scene
     */
    public static function wordsOf(GameDocument $game, string $did, string $on): string
    {
        return (string) trans("play.nudge.did.{$did}", ['what' => Names::of($game, $on)], $game->language());
    }
}
