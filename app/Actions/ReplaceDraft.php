<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Game;
use App\Play\Clock;
use Fravel\Edit\Refusal;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * Puts a next document in the place of the one it was made from. Reading, applying and checking come first; then one
 * transaction of milliseconds, whose update names the revision it was made on: when somebody was first, all is made
 * again.
 *
 * A key that was kept before is not carried out again: its reply was lost on the way.
 */
final class ReplaceDraft
{
    /** As many may be first before somebody is asked to try again. */
    private const ATTEMPTS = 8;

    /** Bytes of a document at most, and so of what one edit can make. */
    private const LARGEST = 8_000_000;

    /** Seconds for which a key is remembered: a workshop that was asleep over a weekend still counts once. */
    private const KEY_KEPT = 7 * 24 * 3600;

    /** @param  callable(Game): (NextDraft|Refusal)  $make  from the game as it stands */
    public function handle(string $game, int $base, string $key, callable $make): EditResult
    {
        for ($attempt = 0; $attempt < self::ATTEMPTS; $attempt++) {
            $draft = Game::query()->findOrFail($game);
            $before = DB::table('edit_keys')->where('game_id', $game)->where('key', $key)->first();
            if ($before !== null) {
                return EditResult::done($draft, (int) ($before->revision ?? $draft->revision), null);
            }
            $next = $make($draft);
            $next =
                $next instanceof NextDraft && strlen($next->json) > self::LARGEST
                    ? new Refusal('document.large', ['most' => intdiv(self::LARGEST, 1_000_000)])
                    : $next;
            if ($next instanceof Refusal) {
                return EditResult::refused($draft, $next);
            }
            $isBehind = $base !== $draft->revision;
            if ($this->keep($draft, $key, $next)) {
                return EditResult::done($draft, $draft->revision, $isBehind ? null : $next->applied);
            }
        }

        return EditResult::refused(Game::query()->findOrFail($game), new Refusal('edit.busy'));
    }

    /** Whether nobody was first. */
    private function keep(Game $draft, string $key, NextDraft $next): bool
    {
        try {
            return DB::transaction(function () use ($draft, $key, $next): bool {
                $fields = [
                    'document' => $next->json,
                    'title' => $next->document->title(),
                    'revision' => $draft->revision + 1,
                    'updated_at' => now(),
                ];
                if (
                    DB::table('games')
                        ->where('id', $draft->id)
                        ->where('revision', $draft->revision)
                        ->update($fields) === 0
                ) {
                    return false;
                }
                DB::table('edit_keys')
                    ->where('game_id', $draft->id)
                    ->where('at', '<', Clock::seconds() - self::KEY_KEPT)
                    ->delete();
                DB::table('edit_keys')->insert([
                    'game_id' => $draft->id,
                    'key' => $key,
                    'revision' => $fields['revision'],
                    'at' => Clock::seconds(),
                ]);
                $draft->forceFill($fields)->syncOriginal();
                ($next->history)($draft);

                return true;
            });
        } catch (UniqueConstraintViolationException) {
            return false;
        }
    }
}
