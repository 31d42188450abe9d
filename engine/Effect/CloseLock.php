<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"close": "lock"}`: also forgets its tries. */
final readonly class CloseLock implements Effect
{
    use Uncounted;

    public const FIELDS = ['close' => 'lock'];

    public function __construct(public string $lock)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('close'));
    }

    public static function schema(): array
    {
        return ['close' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->closeLock($this->lock);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::open($this->lock), Fact::pass($this->lock), Fact::tries($this->lock), Fact::hinted($this->lock)];
    }

    public function isGain(): bool
    {
        return false;
    }

    public function mayTake(): bool
    {
        return true;
    }

    public function said(): Wording
    {
        return new Wording('effect.close', named: ['part' => [$this->lock]]);
    }
}
