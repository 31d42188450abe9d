<?php

declare(strict_types=1);

namespace Fravel\Thing;

/** Asked by a search: which facts of its own a thing must be followed by, given what the rest of the game looks at. */
interface Keeping
{
    /** Whether a condition somewhere looks at the fact. */
    public function sees(string $fact): bool;

    /** Whether an effect somewhere may change the fact. */
    public function isChangedByEffect(string $fact): bool;

    /** Whether what wrong answers set off is looked at by itself, and only what adds to a play is tried. */
    public function isRisingOnly(): bool;

    /** Follows a fact that is so or not. */
    public function keep(string $fact): void;

    /** @param  int|float|null  $most  follows a number; those above are as one */
    public function count(string $fact, int|float|null $most): void;

    /** Where an open lock was always opened by this rule. */
    public function passBy(string $lock, int $rule): void;
}
