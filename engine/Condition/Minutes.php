<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"minutes": 10, "is": ">="}`: since the play began. */
final readonly class Minutes implements Condition
{
    public function __construct(public int|float $minutes, public Comparison $is)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->number('minutes'), Comparison::read($node));
    }

    public static function schema(): array
    {
        return ['minutes' => ['type' => 'number'], 'is' => Comparison::schema()];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $this->is->holds(($now - $state->startedAt) / 60, $this->minutes);
    }

    public function observe(Observed $seen): void
    {
        // Exactly then, and surely later: an equality holds at one moment and no longer at the next.
        $moment = (int) ceil($this->minutes * 60);
        $seen->wait($moment);
        $seen->wait($moment + 60);
    }

    public function isRising(): bool
    {
        return $this->is->isUpward();
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return $this->is->foldsFrom(0, $this->minutes);
    }

    public function least(): ?Need
    {
        return $this->is->isUpward() ? Need::nothing() : null;
    }

    public function said(): Wording
    {
        return new Wording('condition.minutes', ['is' => $this->is->value, 'value' => $this->minutes]);
    }
}
