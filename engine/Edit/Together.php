<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** `{"together": [command, …]}`: one gesture of several commands; all of them or none. */
final readonly class Together implements Command
{
    use Opens;

    /** @param  list<Command>  $commands */
    public function __construct(public array $commands)
    {
    }

    public function on(OpenDocument $open): Command|Refusal
    {
        $inverses = [];
        foreach ($this->commands as $command) {
            $inverse = $command->on($open);
            if ($inverse instanceof Refusal) {
                return $inverse;
            }
            $inverses[] = $inverse;
        }

        return count($inverses) === 1 ? $inverses[0] : new self(array_reverse($inverses));
    }

    /** Each in the document as those before it leave it, which is therefore changed by being asked. */
    public function touched(OpenDocument $open): array
    {
        $touched = [];
        foreach ($this->commands as $command) {
            $touched[] = $command->touched($open);
            if ($command instanceof self) {
                continue;
            }
            if ($command->on($open) instanceof Refusal) {
                break;
            }
        }

        return array_values(array_unique(array_merge([], ...$touched)));
    }

    public function toArray(): array
    {
        return ['together' => array_map(static fn (Command $command): array => $command->toArray(), $this->commands)];
    }
}
