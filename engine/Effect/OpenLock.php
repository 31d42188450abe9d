<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"open": "lock"}` */
final readonly class OpenLock implements Effect
{
    use Uncounted;

    public const FIELDS = ['open' => 'lock'];

    public function __construct(public string $lock)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('open'));
    }

    public static function schema(): array
    {
        return ['open' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->openLock($this->lock);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::open($this->lock)];
    }

    public function isGain(): bool
    {
        // A lock that an effect opens has not given what its rule would: that is no gain alone.
        return false;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function said(): Wording
    {
        return new Wording('effect.open', named: ['part' => [$this->lock]]);
    }
}
