<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Game;

/** `{"together": [command, …]}`: one gesture of several commands; all of them or none. */
final readonly class Together implements Command
{
    /** @param  list<Command>  $commands */
    public function __construct(public array $commands)
    {
    }

    public function apply(Game $game): Edited|Refusal
    {
        $inverses = [];
        foreach ($this->commands as $command) {
            $edited = $command->apply($game);
            if ($edited instanceof Refusal) {
                return $edited;
            }
            $game = $edited->game;
            array_unshift($inverses, $edited->inverse);
        }

        return new Edited($game, count($inverses) === 1 ? $inverses[0] : new self($inverses));
    }

    public function touches(Game $game): array
    {
        $touched = [];
        foreach ($this->commands as $command) {
            array_push($touched, ...$command->touches($game));
            $edited = $command->apply($game);
            $game = $edited instanceof Edited ? $edited->game : $game;
        }

        return array_values(array_unique($touched));
    }

    public function toArray(): array
    {
        return ['together' => array_map(static fn (Command $command): array => $command->toArray(), $this->commands)];
    }
}
