<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"liftedOf": ["c1", "c2"], "atLeast": 1}`: so many of the covers are lifted. */
final readonly class LiftedOf implements Condition
{
    public const FIELDS = ['liftedOf' => 'cover'];

    /** @param  list<string>  $covers */
    public function __construct(public array $covers, public int $atLeast)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('liftedOf'), $node->whole('atLeast', 1));
    }

    public static function schema(): array
    {
        return [
            'liftedOf' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/id']],
            'atLeast' => ['type' => 'integer', 'minimum' => 0, 'default' => 1],
        ];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return count(array_filter(array_unique($this->covers), $state->isLifted(...))) >= $this->atLeast;
    }

    public function observe(Observed $seen): void
    {
        foreach ($this->covers as $id) {
            $seen->see(Fact::lifted($id));
        }
    }

    public function isRising(): bool
    {
        return true;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return Comparison::countFolds($this->atLeast, count(array_unique($this->covers)));
    }

    public function least(): Need
    {
        return Need::some(
            $this->atLeast,
            array_map(
                static fn (string $id): Need => Need::fact(Fact::lifted($id)),
                array_values(array_unique($this->covers)),
            ),
        );
    }

    public function said(): Wording
    {
        return new Wording('condition.liftedOf', ['count' => $this->atLeast], ['parts' => $this->covers]);
    }
}
