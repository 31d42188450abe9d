<?php

declare(strict_types=1);

namespace Tests\Support\Kinds;

use Fravel\Condition\Condition;
use Fravel\Condition\Fixed;
use Fravel\Condition\Need;
use Fravel\Condition\Observed;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"weather": "rain"}`: it rains, which no state of play knows. */
final readonly class Weather implements Condition
{
    public const FIELDS = [];

    public function __construct(public string $lock)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('weather'));
    }

    public static function schema(): array
    {
        return ['weather' => ['$ref' => '#/$defs/id']];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return true;
    }

    public function observe(Observed $seen): void
    {
        $seen->see("weather:{$this->lock}");
    }

    public function isRising(): bool
    {
        return true;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return null;
    }

    public function least(): ?Need
    {
        return null;
    }

    public function said(): Wording
    {
        return new Wording('condition.weather', named: ['part' => [$this->lock]]);
    }
}
