<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"hasOf": ["t1", "t2"], "atLeast": 1}`: so many of the tokens are held. */
final readonly class HasOf implements Condition
{
    public const FIELDS = ['hasOf' => 'token'];

    /** @param  list<string>  $tokens */
    public function __construct(public array $tokens, public int $atLeast)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('hasOf'), $node->whole('atLeast', 1));
    }

    public static function schema(): array
    {
        return [
            'hasOf' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/id']],
            'atLeast' => ['type' => 'integer', 'minimum' => 0, 'default' => 1],
        ];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return count(array_intersect($this->tokens, $state->tokens)) >= $this->atLeast;
    }

    public function observe(Observed $seen): void
    {
        foreach ($this->tokens as $id) {
            $seen->see(Fact::token($id));
        }
    }

    public function isRising(): bool
    {
        return true;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return Comparison::countFolds($this->atLeast, count(array_unique($this->tokens)));
    }

    public function least(): Need
    {
        return Need::some(
            $this->atLeast,
            array_map(
                static fn (string $id): Need => Need::fact(Fact::token($id)),
                array_values(array_unique($this->tokens)),
            ),
        );
    }

    public function said(): Wording
    {
        return new Wording('condition.hasOf', ['count' => $this->atLeast], ['parts' => $this->tokens]);
    }
}
