<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"tries": "lock", "is": ">=", "value": 2}`: wrong and almost tries so far, the present one included. */
final readonly class Tries implements Condition
{
    public const FIELDS = ['tries' => 'lock'];

    public function __construct(public string $lock, public Comparison $is, public int|float $value)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('tries'), Comparison::read($node), $node->number('value'));
    }

    public static function schema(): array
    {
        return [
            'tries' => ['$ref' => '#/$defs/id'],
            'is' => Comparison::schema(),
            'value' => ['type' => 'number', 'default' => 0],
        ];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $this->is->holds($state->triesOn($this->lock), $this->value);
    }

    public function observe(Observed $seen): void
    {
        $seen->compare(Fact::tries($this->lock), $this->value);
    }

    public function isRising(): bool
    {
        return false;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return $this->is->foldsFrom(0, $this->value);
    }

    public function least(): ?Need
    {
        return null;
    }

    public function said(): Wording
    {
        return new Wording(
            'condition.tries',
            ['is' => $this->is->value, 'value' => $this->value],
            ['part' => [$this->lock]],
        );
    }
}
