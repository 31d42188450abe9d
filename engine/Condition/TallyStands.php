<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"tally": "points", "is": ">=", "value": 3}` */
final readonly class TallyStands implements Condition
{
    public const FIELDS = ['tally' => 'tally'];

    public function __construct(public string $tally, public Comparison $is, public int|float $value)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('tally'), Comparison::read($node), $node->number('value'));
    }

    public static function schema(): array
    {
        return [
            'tally' => ['$ref' => '#/$defs/id'],
            'is' => Comparison::schema(),
            'value' => ['type' => 'number', 'default' => 0],
        ];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $this->is->holds($state->tally($this->tally), $this->value);
    }

    public function observe(Observed $seen): void
    {
        $seen->compare(Fact::tally($this->tally), $this->value);
    }

    public function isRising(): bool
    {
        return $this->is->isUpward();
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        $fixed = $fixed->tally($this->tally);

        return $fixed === null ? null : $this->is->holds($fixed, $this->value);
    }

    public function least(): ?Need
    {
        return $this->is->isUpward()
            ? Need::number(Fact::tally($this->tally), $this->value, $this->is === Comparison::More)
            : null;
    }

    public function said(): Wording
    {
        return new Wording(
            'condition.tally',
            ['is' => $this->is->value, 'value' => $this->value],
            ['part' => [$this->tally]],
        );
    }
}
