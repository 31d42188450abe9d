<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"not": C}` */
final readonly class Not implements Condition
{
    public function __construct(public Condition $part)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Conditions::read($node->at('not')));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return ! $this->part->holds($state, $now);
    }
}
