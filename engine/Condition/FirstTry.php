<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"firstTry": ["l1", "l2"], "atLeast": 1}`: so many of the locks opened without a wrong or almost try. */
final readonly class FirstTry implements Condition
{
    public const FIELDS = ['firstTry' => 'lock'];

    /** @param  list<string>  $locks */
    public function __construct(public array $locks, public int $atLeast)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('firstTry'), $node->whole('atLeast', 1));
    }

    public static function schema(): array
    {
        return [
            'firstTry' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/id']],
            'atLeast' => ['type' => 'integer', 'minimum' => 0, 'default' => 1],
        ];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return count(array_filter($this->locks, $state->openedAtFirstTry(...))) >= $this->atLeast;
    }

    public function observe(Observed $seen): void
    {
        foreach ($this->locks as $lock) {
            $seen->see(Fact::open($lock));
            $seen->compare(Fact::tries($lock), 0);
        }
    }

    public function isRising(): bool
    {
        return false;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return Comparison::countFolds($this->atLeast, count(array_unique($this->locks)));
    }

    public function least(): ?Need
    {
        return null;
    }

    public function said(): Wording
    {
        return new Wording('condition.firstTry', ['count' => $this->atLeast], ['parts' => $this->locks]);
    }
}
