<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"all": [C, …]}`: every part holds; with no parts it holds. */
final readonly class All implements Condition
{
    /** @param  list<Condition>  $parts */
    public function __construct(public array $parts)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Conditions::listed($node, 'all'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        foreach ($this->parts as $part) {
            if (! $part->holds($state, $now)) {
                return false;
            }
        }

        return true;
    }
}
