<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"any": [C, …]}`: at least one part holds; with no parts it does not. */
final readonly class Any implements Condition
{
    /** @param  list<Condition>  $parts */
    public function __construct(public array $parts)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Conditions::listed($node, 'any'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        foreach ($this->parts as $part) {
            if ($part->holds($state, $now)) {
                return true;
            }
        }

        return false;
    }
}
