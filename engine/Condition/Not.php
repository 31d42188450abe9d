<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"not": C}` */
final readonly class Not implements Condition
{
    public const FIELDS = ['not' => 'condition'];

    public function __construct(public Condition $part)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Conditions::read($node->at('not')));
    }

    public static function schema(): array
    {
        return ['not' => ['$ref' => '#/$defs/condition']];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return ! $this->part->holds($state, $now);
    }

    public function observe(Observed $seen): void
    {
        $this->part->observe($seen);
    }

    public function isRising(): bool
    {
        return false;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        $value = $this->part->foldsTo($fixed);

        return $value === null ? null : ! $value;
    }

    public function least(): ?Need
    {
        return null;
    }

    public function said(): Wording
    {
        return new Wording('condition.not', parts: [$this->part->said()]);
    }
}
