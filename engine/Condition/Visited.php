<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"visited": "scene"}`: true from the moment the first arrival there has been settled. */
final readonly class Visited implements Condition
{
    public const REFERS = ['visited' => 'scene'];

    public function __construct(public string $scene)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('visited'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $state->hasVisited($this->scene);
    }
}
