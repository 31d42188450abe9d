<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Change;
use App\Models\Game;
use Fravel\Document\Game as Document;
use Fravel\Document\Validation;
use Fravel\Edit\Command;
use Fravel\Edit\Conflict;
use Fravel\Edit\Edited;
use Fravel\Edit\Refusal;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;

/**
 * Changes a game: load, apply, keep with the inverse, in one transaction.
 *
 * A change made on an older revision is merged when it touches nothing that was changed since, and otherwise refused.
 */
final class EditGame
{
    /** @param  callable(Document): ?Command  $read the command, read against the game as it stands */
    public function handle(string $game, callable $read, int $base, string $label): EditResult
    {
        return DB::transaction(function () use ($game, $read, $base, $label): EditResult {
            $draft = Game::query()->findOrFail($game);
            $document = $draft->read();
            $command = $read($document);
            if ($command === null) {
                return EditResult::refused($draft, new Refusal('command.unknown'));
            }
            $edited = $this->edited($draft, $document, $command, $base);
            if ($edited instanceof Refusal) {
                return EditResult::refused($draft, $edited);
            }
            $this->keep($draft, $command, $document, $edited, $label);

            return EditResult::done($draft, $base === $draft->revision - 1 ? $command : null);
        });
    }

    private function edited(Game $draft, Document $document, Command $command, int $base): Edited|Refusal
    {
        $since = Change::query()->where('game_id', $draft->id)->where('revision', '>', $base)->get();
        foreach ($since as $change) {
            $part = Conflict::between($command->touches($document), $change->touches);
            if ($part !== null) {
                return new Refusal('edit.conflict', ['label' => $change->label]);
            }
        }
        $edited = $command->apply($document);
        $problem = $edited instanceof Edited ? Validation::ofShape($edited->game->document)[0] ?? null : null;

        return $problem === null ? $edited : new Refusal($problem->code, $problem->arguments);
    }

    private function keep(Game $draft, Command $command, Document $before, Edited $edited, string $label): void
    {
        $draft->changes()->where('undone', true)->update(['dropped' => true]);
        $draft->update([
            'document' => Json::write($edited->game->document),
            'title' => $edited->game->title(),
            'revision' => $draft->revision + 1,
        ]);
        $draft->changes()->create([
            'revision' => $draft->revision,
            'command' => $command->toArray(),
            'inverse' => $edited->inverse->toArray(),
            'touches' => $command->touches($before),
            'label' => $label,
        ]);
    }
}
