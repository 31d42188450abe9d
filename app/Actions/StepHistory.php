<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Change;
use App\Models\Game;
use Fravel\Edit\Commands;
use Fravel\Edit\Refusal;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;

/** Undoes the newest change that stands, or does the oldest undone one again; the history is kept with the game. */
final class StepHistory
{
    public function undo(string $game, int $base): EditResult
    {
        return $this->step($game, $base, false);
    }

    public function redo(string $game, int $base): EditResult
    {
        return $this->step($game, $base, true);
    }

    /** Goes back or forward until this change is the newest that stands; 0 for the very beginning. */
    public function to(string $game, int $change): EditResult
    {
        return DB::transaction(function () use ($game, $change): EditResult {
            $draft = Game::query()->findOrFail($game);
            foreach ([[false, '>'], [true, '<=']] as [$again, $side]) {
                $left = Change::query()->where('game_id', $game)->where('dropped', false)->where('undone', $again)->where('id', $side, $change)->count();
                for (; $left > 0; $left--) {
                    $result = $this->stepOf($draft, 0, $again);
                    if ($result->refusal !== null) {
                        return $result;
                    }
                }
            }

            return EditResult::done($draft, null);
        });
    }

    private function step(string $game, int $base, bool $again): EditResult
    {
        return DB::transaction(fn (): EditResult => $this->stepOf(Game::query()->findOrFail($game), $base, $again));
    }

    private function stepOf(Game $draft, int $base, bool $again): EditResult
    {
        $change = $this->next($draft, $again);
        if ($change === null) {
            return EditResult::refused($draft, new Refusal($again ? 'history.end' : 'history.start'));
        }
        $command = Commands::read($again ? $change->command : $change->inverse, $draft->read());
        $edited = $command?->apply($draft->read());
        if ($edited === null || $edited instanceof Refusal) {
            return EditResult::refused($draft, $edited ?? new Refusal('command.unknown'));
        }
        $this->keep($draft, $change, Json::write($edited->game->document), $edited->game->title(), ! $again);

        return EditResult::done($draft, $base === $draft->revision - 1 ? $command : null);
    }

    private function next(Game $draft, bool $again): ?Change
    {
        $changes = Change::query()->where('game_id', $draft->id)->where('undone', $again)->where('dropped', false);

        return ($again ? $changes->orderBy('id') : $changes->orderByDesc('id'))->first();
    }

    private function keep(Game $draft, Change $change, string $document, string $title, bool $undone): void
    {
        $draft->update(['document' => $document, 'title' => $title, 'revision' => $draft->revision + 1]);
        $change->update(['undone' => $undone, 'revision' => $draft->revision]);
    }
}
