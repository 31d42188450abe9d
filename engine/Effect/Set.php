<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"set": "tally", "to": 0}`: counts anew, so what was decided about it is forgotten. */
final readonly class Set implements Effect
{
    public const REFERS = ['set' => 'tally'];

    public function __construct(public string $tally, public int|float $to)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('set'), $node->number('to'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->setTally($this->tally, $this->to)->free($this->tally);
    }
}
