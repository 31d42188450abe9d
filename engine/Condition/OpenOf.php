<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"openOf": ["l1", "l2"], "atLeast": 1}`: so many of the locks are open. */
final readonly class OpenOf implements Condition
{
    public const FIELDS = ['openOf' => 'lock'];

    /** @param  list<string>  $locks */
    public function __construct(public array $locks, public int $atLeast)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('openOf'), $node->whole('atLeast', 1));
    }

    public static function schema(): array
    {
        return [
            'openOf' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/id']],
            'atLeast' => ['type' => 'integer', 'minimum' => 0, 'default' => 1],
        ];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return count(array_intersect($this->locks, $state->open)) >= $this->atLeast;
    }

    public function observe(Observed $seen): void
    {
        foreach ($this->locks as $id) {
            $seen->see(Fact::open($id));
        }
    }

    public function isRising(): bool
    {
        return true;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return Comparison::countFolds($this->atLeast, count(array_unique($this->locks)));
    }

    public function least(): Need
    {
        return Need::some(
            $this->atLeast,
            array_map(
                static fn (string $id): Need => Need::fact(Fact::open($id)),
                array_values(array_unique($this->locks)),
            ),
        );
    }

    public function said(): Wording
    {
        return new Wording('condition.openOf', ['count' => $this->atLeast], ['parts' => $this->locks]);
    }
}
