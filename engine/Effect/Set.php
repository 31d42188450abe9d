<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Condition\Observed;
use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"set": "tally", "to": 0}`: counts anew, so what was decided about it is forgotten. */
final readonly class Set implements Effect
{
    public const FIELDS = ['set' => 'tally'];

    public function __construct(public string $tally, public int|float $to)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('set'), $node->number('to'));
    }

    public static function schema(): array
    {
        return ['set' => ['$ref' => '#/$defs/id'], 'to' => ['type' => 'number', 'default' => 0]];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->setTally($this->tally, $this->to)->free($this->tally);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::tally($this->tally), Fact::decided($this->tally), Fact::ruledOut($this->tally)];
    }

    public function isGain(): bool
    {
        return false;
    }

    public function mayTake(): bool
    {
        return true;
    }

    public function adds(): array
    {
        return [];
    }

    public function puts(): array
    {
        return [Fact::tally($this->tally) => $this->to];
    }

    public function observe(Observed $seen): void
    {
        // What it does is the same in every state.
    }

    public function said(): Wording
    {
        return new Wording('effect.set', ['to' => $this->to], named: ['part' => [$this->tally]]);
    }
}
