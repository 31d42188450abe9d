<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Change;
use App\Models\Game;
use Fravel\Document\Bounds;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Command;
use Fravel\Edit\Conflict;
use Fravel\Edit\Edited;
use Fravel\Edit\Recaps;
use Fravel\Edit\Refusal;
use Fravel\Support\Json;
use Fravel\Support\Problem;

/**
 * Changes a game and keeps the change with its inverse.
 *
 * A change made without knowing of others since is merged when it touches nothing that those changed, and otherwise
 * refused.
 */
final readonly class EditGame
{
    public function __construct(private ReplaceDraft $replace)
    {
    }

    /**
     * @param  callable(GameDocument): (Command|Refusal|null)  $read  the command, read against the game as it stands
     * @param  string|null  $key  chosen by who sends it; the same key twice counts once
     */
    public function handle(
        string $game,
        callable $read,
        Standpoint $from,
        string $label,
        ?string $key = null,
    ): EditResult {
        return $this->replace->handle($game, $from->base, $key ?? bin2hex(random_bytes(16)), function (
            Game $draft,
        ) use ($read, $from, $label): NextDraft|Refusal {
            $document = $draft->read();
            $command = $read($document) ?? new Refusal('command.unknown');

            return $command instanceof Refusal
                ? $command
                : $this->next($draft, $document, Recaps::followed($command, $document), $from, $label);
        });
    }

    private function next(
        Game $draft,
        GameDocument $document,
        Command $command,
        Standpoint $from,
        string $label,
    ): NextDraft|Refusal {
        $touches = $command->touches($document);
        $unknown = Change::query()
            ->where('game_id', $draft->id)
            ->where('revision', '>', $from->made)
            ->whereNotIn('revision', $from->own);
        foreach ($unknown->get(['id', 'touches', 'label']) as $change) {
            if (Conflict::between($touches, $change->touches) !== null) {
                return new Refusal('edit.conflict', ['label' => $change->label]);
            }
        }
        $edited = $command->apply($document);
        if ($edited instanceof Refusal) {
            return $edited;
        }
        $problem = self::problem($document->document, $edited->game->document);
        if ($problem !== null) {
            return new Refusal($problem->code, $problem->arguments);
        }

        return new NextDraft(
            $edited->game,
            Json::write($edited->game->document),
            $command,
            fn (Game $kept) => $this->remember($kept, $command, $edited, $touches, $label),
        );
    }

    /**
     * What keeps a change from being taken; null for nothing. What was larger than may be already may stay so.
     *
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     */
    private static function problem(array $before, array $after): ?Problem
    {
        foreach (Validation::ofShape($after) as $problem) {
            if ($problem->code !== 'size.beyond' || Bounds::isWorse($before, $after)) {
                return $problem;
            }
        }

        return null;
    }

    /** @param  list<string>  $touches */
    private function remember(Game $draft, Command $command, Edited $edited, array $touches, string $label): void
    {
        $draft
            ->changes()
            ->where('undone', true)
            ->update(['dropped' => true]);
        $draft->changes()->create([
            'revision' => $draft->revision,
            'command' => $command->toArray(),
            'inverse' => $edited->inverse->toArray(),
            'touches' => $touches,
            'label' => $label,
        ]);
    }
}
