<?php

declare(strict_types=1);

namespace Fravel\Condition;

/** What a state can't do without for a condition to hold: facts, numbers from some value on, all or so many of them. */
final readonly class Need
{
    /** @param  list<self>  $parts */
    private function __construct(
        public ?string $fact,
        public int|float|null $least,
        public bool $isAbove,
        public array $parts,
        public int $atLeast,
    ) {
    }

    public static function nothing(): self
    {
        return new self(null, null, false, [], 0);
    }

    public static function fact(string $fact): self
    {
        return new self($fact, null, false, [], 0);
    }

    /** @param  bool  $isAbove  whether the number must be more than that */
    public static function number(string $fact, int|float $least, bool $isAbove = false): self
    {
        return new self($fact, $least, $isAbove, [], 0);
    }

    /** @param  list<self>  $parts */
    public static function some(int $atLeast, array $parts): self
    {
        return new self(null, null, false, $parts, $atLeast);
    }

    /** @param  list<self|null>  $parts */
    public static function all(array $parts): ?self
    {
        $known = array_values(array_filter($parts));

        return count($known) === count($parts) ? self::some(count($known), $known) : null;
    }

    /** @param  list<self|null>  $parts */
    public static function any(array $parts): ?self
    {
        $known = array_values(array_filter($parts));

        return count($known) === count($parts) ? self::some(1, $known) : null;
    }
}
