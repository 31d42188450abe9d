<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"any": [C, …]}`: at least one part holds; with no parts it does not. */
final readonly class Any implements Condition
{
    use Joined;

    public const FIELDS = ['any' => 'conditions'];

    /** @param  list<Condition>  $parts */
    public function __construct(public array $parts)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Conditions::listed($node, 'any'));
    }

    public static function schema(): array
    {
        return ['any' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/condition']]];
    }

    public function holds(PlayState $state, int $now): bool
    {
        foreach ($this->parts as $part) {
            if ($part->holds($state, $now)) {
                return true;
            }
        }

        return false;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        $values = array_map(static fn (Condition $part): ?bool => $part->foldsTo($fixed), $this->parts);
        if (in_array(true, $values, true)) {
            return true;
        }

        return in_array(null, $values, true) ? null : false;
    }

    public function least(): ?Need
    {
        return Need::any(array_map(static fn (Condition $part): ?Need => $part->least(), $this->parts));
    }

    public function said(): Wording
    {
        return new Wording(
            'condition.any',
            parts: array_map(static fn (Condition $part): Wording => $part->said(), $this->parts),
        );
    }
}
