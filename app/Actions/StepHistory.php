<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Change;
use App\Models\Game;
use Fravel\Edit\Commands;
use Fravel\Edit\Refusal;
use Fravel\Support\Json;
use Illuminate\Database\Eloquent\Builder;

/** Undoes the newest change that stands, or does the oldest undone one again; the history is kept with the game. */
final readonly class StepHistory
{
    public function __construct(private ReplaceDraft $replace)
    {
    }

    public function undo(string $game, int $base, string $key): EditResult
    {
        return $this->replace->handle(
            $game,
            $base,
            $key,
            fn (Game $draft): NextDraft|Refusal => $this->step($draft, false),
        );
    }

    public function redo(string $game, int $base, string $key): EditResult
    {
        return $this->replace->handle(
            $game,
            $base,
            $key,
            fn (Game $draft): NextDraft|Refusal => $this->step($draft, true),
        );
    }

    /** Goes back or forward until this change is the newest that stands; 0 for the very beginning. */
    public function to(string $game, int $change, string $key): EditResult
    {
        return $this->replace->handle($game, 0, $key, function (Game $draft) use ($change): NextDraft|Refusal {
            $back = self::stepsOf($draft, false)->where('id', '>', $change)->get();
            $steps = $back->isNotEmpty() ? $back : self::stepsOf($draft, true)->where('id', '<=', $change)->get();

            return $this->through($draft, array_values($steps->all()), $back->isEmpty());
        });
    }

    private function step(Game $draft, bool $again): NextDraft|Refusal
    {
        $change = self::stepsOf($draft, $again)->first();

        return $change === null
            ? new Refusal($again ? 'history.end' : 'history.start')
            : $this->through($draft, [$change], $again);
    }

    /** @param  list<Change>  $changes  in the order of being taken back or made again */
    private function through(Game $draft, array $changes, bool $again): NextDraft|Refusal
    {
        $document = $draft->read();
        $command = null;
        foreach ($changes as $change) {
            $command = Commands::read($again ? $change->command : $change->inverse, $document);
            $edited = $command?->apply($document) ?? new Refusal('command.unknown');
            if ($edited instanceof Refusal) {
                return $edited;
            }
            $document = $edited->game;
        }

        return new NextDraft(
            $document,
            Json::write($document->document),
            count($changes) === 1 ? $command : null,
            static function (Game $kept) use ($changes, $again): void {
                Change::query()
                    ->whereIn('id', array_map(static fn (Change $change): int => $change->id, $changes))
                    ->update(['undone' => ! $again, 'revision' => $kept->revision]);
            },
        );
    }

    /** @return Builder<Change> the next one first */
    private static function stepsOf(Game $draft, bool $again): Builder
    {
        $changes = Change::query()->where('game_id', $draft->id)->where('undone', $again)->where('dropped', false);

        return $again ? $changes->orderBy('id') : $changes->orderByDesc('id');
    }
}
