<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"close": "lock"}`: also forgets its tries. */
final readonly class CloseLock implements Effect
{
    public const REFERS = ['close' => 'lock'];

    public function __construct(public string $lock)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('close'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->closeLock($this->lock);
    }
}
