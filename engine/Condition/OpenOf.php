<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"openOf": ["l1", "l2"], "atLeast": 1}`: so many of the locks are open. */
final readonly class OpenOf implements Condition
{
    public const REFERS = ['openOf' => 'lock'];

    /** @param  list<string>  $locks */
    public function __construct(public array $locks, public int $atLeast)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('openOf'), $node->whole('atLeast', 1));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return count(array_intersect($this->locks, $state->open)) >= $this->atLeast;
    }
}
