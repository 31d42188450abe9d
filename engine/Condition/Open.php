<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"open": "lock"}` */
final readonly class Open implements Condition
{
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

    public function holds(PlayState $state, int $now): bool
    {
        return $state->isOpen($this->lock);
    }

    public function observe(Observed $seen): void
    {
        $seen->see(Fact::open($this->lock));
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
        return Need::fact(Fact::open($this->lock));
    }

    public function said(): Wording
    {
        return new Wording('condition.open', named: ['part' => [$this->lock]]);
    }
}
