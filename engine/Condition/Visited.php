<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"visited": "scene"}`: true from the moment the first arrival there has been settled. */
final readonly class Visited implements Condition
{
    public const FIELDS = ['visited' => 'scene'];

    public function __construct(public string $scene)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('visited'));
    }

    public static function schema(): array
    {
        return ['visited' => ['$ref' => '#/$defs/id']];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $state->hasVisited($this->scene);
    }

    public function observe(Observed $seen): void
    {
        $seen->see(Fact::visited($this->scene));
    }

    public function isRising(): bool
    {
        return true;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return null;
    }

    public function least(): Need
    {
        return Need::fact(Fact::visited($this->scene));
    }

    public function said(): Wording
    {
        return new Wording('condition.visited', named: ['part' => [$this->scene]]);
    }
}
