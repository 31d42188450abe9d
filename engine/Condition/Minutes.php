<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"minutes": 10, "is": ">="}`: since the play began. */
final readonly class Minutes implements Condition
{
    public function __construct(public int|float $minutes, public Comparison $is)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->number('minutes'), Comparison::read($node));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $this->is->holds(($now - $state->startedAt) / 60, $this->minutes);
    }
}
