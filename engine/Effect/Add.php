<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Condition\Observed;
use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"add": "tally", "by": 1}` */
final readonly class Add implements Effect
{
    public const FIELDS = ['add' => 'tally'];

    public function __construct(public string $tally, public int|float $by)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('add'), $node->number('by', 1));
    }

    public static function schema(): array
    {
        return ['add' => ['$ref' => '#/$defs/id'], 'by' => ['type' => 'number', 'default' => 1]];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        $sum = $state->tally($this->tally) + $this->by;

        // Play refuses what leads so far; it is kept finite, so that no comparison loses its meaning on the way.
        return $state->setTally($this->tally, is_finite($sum) ? $sum : ($sum > 0 ? PHP_FLOAT_MAX : -PHP_FLOAT_MAX));
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::tally($this->tally)];
    }

    public function isGain(): bool
    {
        return $this->by >= 0;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function adds(): array
    {
        return [Fact::tally($this->tally) => $this->by];
    }

    public function puts(): array
    {
        return [];
    }

    public function observe(Observed $seen): void
    {
        // What it does is the same in every state.
    }

    public function said(): Wording
    {
        return new Wording('effect.add', ['by' => $this->by], named: ['part' => [$this->tally]]);
    }
}
