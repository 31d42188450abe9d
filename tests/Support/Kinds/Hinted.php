<?php

declare(strict_types=1);

namespace Tests\Support\Kinds;

use Fravel\Condition\Condition;
use Fravel\Condition\Fixed;
use Fravel\Condition\Need;
use Fravel\Condition\Observed;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"hinted": "lock"}`: the student took a hint there. */
final readonly class Hinted implements Condition
{
    public const FIELDS = ['hinted' => 'lock'];

    public function __construct(public string $lock)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('hinted'));
    }

    public static function schema(): array
    {
        return ['hinted' => ['$ref' => '#/$defs/id']];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return ($state->hinted[$this->lock] ?? 0) > 0;
    }

    public function observe(Observed $seen): void
    {
        $seen->compare(Fact::hinted($this->lock), 0);
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
        return Need::number(Fact::hinted($this->lock), 0, true);
    }

    public function said(): Wording
    {
        return new Wording('condition.hinted', named: ['part' => [$this->lock]]);
    }
}
