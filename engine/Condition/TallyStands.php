<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"tally": "points", "is": ">=", "value": 3}` */
final readonly class TallyStands implements Condition
{
    public const REFERS = ['tally' => 'tally'];

    public function __construct(public string $tally, public Comparison $is, public int|float $value)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('tally'), Comparison::read($node), $node->number('value'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $this->is->holds($state->tally($this->tally), $this->value);
    }
}
