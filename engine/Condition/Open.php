<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"open": "lock"}` */
final readonly class Open implements Condition
{
    public const REFERS = ['open' => 'lock'];

    public function __construct(public string $lock)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('open'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $state->isOpen($this->lock);
    }
}
