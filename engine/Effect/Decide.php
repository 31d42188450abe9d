<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"must": "tally"}`: it leads, whatever the others come to. */
final readonly class Decide implements Effect
{
    use Uncounted;

    public const FIELDS = ['must' => 'tally'];

    public function __construct(public string $tally)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('must'));
    }

    public static function schema(): array
    {
        return ['must' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->decide($this->tally);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::decided($this->tally)];
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
        return new Wording('effect.must', named: ['part' => [$this->tally]]);
    }
}
