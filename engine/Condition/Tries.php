<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"tries": "lock", "is": ">=", "value": 2}`: wrong and almost tries so far, the present one included. */
final readonly class Tries implements Condition
{
    public const REFERS = ['tries' => 'lock'];

    public function __construct(public string $lock, public Comparison $is, public int|float $value)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('tries'), Comparison::read($node), $node->number('value'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $this->is->holds($state->triesOn($this->lock), $this->value);
    }
}
