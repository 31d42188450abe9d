<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** A question about a play that is answered with yes or no; the key it is written under names its kind. */
interface Condition
{
    /** Field → what it holds: the kind of part it names, or one of the shapes of Walk. */
    public const FIELDS = [];

    public static function read(Node $node): self;

    /** @return array<string, mixed> field → what the published JSON Schema says of it */
    public static function schema(): array;

    /** @param  int  $now seconds since 1970 */
    public function holds(PlayState $state, int $now): bool;

    /** Looks at all of a state that its value depends on, and at nothing else. */
    public function observe(Observed $seen): void;

    /** Whether it can only come true: more held, open, lifted, visited or counted never makes it false. */
    public function isRising(): bool;

    /** Its value at every moment of every play; null when it may hold at one and not at another. */
    public function foldsTo(Fixed $fixed): ?bool;

    /** What it can't hold without, where that is enough; null when it can't be said so. */
    public function least(): ?Need;

    public function said(): Wording;
}
