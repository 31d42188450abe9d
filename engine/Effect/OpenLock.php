<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"open": "lock"}` */
final readonly class OpenLock implements Effect
{
    public const REFERS = ['open' => 'lock'];

    public function __construct(public string $lock)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('open'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->openLock($this->lock);
    }
}
