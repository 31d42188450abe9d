<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"never": "tally"}`: it never leads, not even when it is decided. */
final readonly class RuleOut implements Effect
{
    use Uncounted;

    public const FIELDS = ['never' => 'tally'];

    public function __construct(public string $tally)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('never'));
    }

    public static function schema(): array
    {
        return ['never' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->ruleOut($this->tally);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::ruledOut($this->tally)];
    }

    public function isGain(): bool
    {
        return false;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function said(): Wording
    {
        return new Wording('effect.never', named: ['part' => [$this->tally]]);
    }
}
