<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"hasOf": ["t1", "t2"], "atLeast": 1}`: so many of the tokens are held. */
final readonly class HasOf implements Condition
{
    public const REFERS = ['hasOf' => 'token'];

    /** @param  list<string>  $tokens */
    public function __construct(public array $tokens, public int $atLeast)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('hasOf'), $node->whole('atLeast', 1));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return count(array_intersect($this->tokens, $state->tokens)) >= $this->atLeast;
    }
}
