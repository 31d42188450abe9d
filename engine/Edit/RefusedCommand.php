<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** A command that was understood and is refused whatever the game is like. */
final readonly class RefusedCommand implements Command
{
    use Opens;

    public function __construct(private Refusal $refusal)
    {
    }

    public function on(OpenDocument $open): Refusal
    {
        return $this->refusal;
    }

    public function touched(OpenDocument $open): array
    {
        return [];
    }

    public function toArray(): array
    {
        return [];
    }
}
