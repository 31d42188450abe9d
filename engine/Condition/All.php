<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"all": [C, …]}`: every part holds; with no parts it holds. */
final readonly class All implements Condition
{
    use Joined;

    public const FIELDS = ['all' => 'conditions'];

    /** @param  list<Condition>  $parts */
    public function __construct(public array $parts)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Conditions::listed($node, 'all'));
    }

    public static function schema(): array
    {
        return ['all' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/condition']]];
    }

    public function holds(PlayState $state, int $now): bool
    {
        foreach ($this->parts as $part) {
            if (! $part->holds($state, $now)) {
                return false;
            }
        }

        return true;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        $values = array_map(static fn (Condition $part): ?bool => $part->foldsTo($fixed), $this->parts);
        if (in_array(false, $values, true)) {
            return false;
        }

        return in_array(null, $values, true) ? null : true;
    }

    public function least(): ?Need
    {
        return Need::all(array_map(static fn (Condition $part): ?Need => $part->least(), $this->parts));
    }

    public function said(): Wording
    {
        return new Wording(
            'condition.all',
            parts: array_map(static fn (Condition $part): Wording => $part->said(), $this->parts),
        );
    }
}
