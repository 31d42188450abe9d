<?php

declare(strict_types=1);

namespace Fravel\Answer;

use Brick\Math\BigRational;
use Fravel\Answer\Unit\Units;

/** An answer of the right shape for its input, with the cleaning under which it is compared. */
final class Answer
{
    /** The cleaned text, once it was asked for: each rule of a lock compares the same. */
    private ?string $cleaned = null;

    private ?string $compared = null;

    private ?string $meant = null;

    /** Words of a question that are looked at for the unit it speaks of. */
    private const MOST_WORDS = 60;

    /** @param  string|array<array-key, mixed>  $value  in the shape that its input yields */
    public function __construct(public readonly string|array $value, public readonly Cleaning $cleaning)
    {
    }

    /** The answer as typed, trimmed and in Unicode's composed form. */
    public function raw(): string
    {
        return is_string($this->value) ? Cleaning::trim($this->value) : '';
    }

    /** The answer as text matchers compare it. */
    public function clean(): string
    {
        return $this->cleaned ??= $this->cleaning->clean($this->raw());
    }

    /** The answer as it is compared with a whole one. */
    public function compared(): string
    {
        return $this->compared ??= $this->cleaning->compared($this->raw());
    }

    /** The answer as it was meant, as it is compared with a whole one. */
    public function meant(): string
    {
        return $this->meant ??= $this->cleaning->meant($this->raw());
    }

    /** The bare number that was typed, or that stands before a counted noun where the lock is fair. */
    public function number(): ?BigRational
    {
        $language = $this->cleaning->language;
        $text = $this->numeral();

        return Number::read($text, $language) ?? Number::read($this->counted($text) ?? '', $language);
    }

    /** The number that was typed, with its unit. */
    public function quantity(): ?Quantity
    {
        return Quantity::read($this->numeral(), $this->cleaning->language);
    }

    /** The answer as a number is read from it. */
    public function numeral(): string
    {
        return $this->cleaning->meant->numeral($this->raw(), $this->cleaning->language);
    }

    /**
     * The number before a counted noun. Where answers are taken as they were meant, the symbol of a unit is none,
     * unless the question speaks of that unit.
     */
    public function counted(string $text): ?string
    {
        $number = $this->cleaning->fairness->numberIn($text);
        if ($number === null || ! $this->cleaning->meant->isAny()) {
            return $number;
        }
        $noun = trim(mb_substr($text, mb_strlen($number)));

        return mb_strlen($noun) > Units::LONGEST_SYMBOL || Units::named($noun) === null || $this->isAskedFor($noun)
            ? $number
            : null;
    }

    private function isAskedFor(string $symbol): bool
    {
        $unit = Units::named($symbol);
        $words = preg_split('/[\s\p{P}]+/u', $this->cleaning->asked, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach (array_slice($words, 0, self::MOST_WORDS) as $word) {
            if (Units::named($word) == $unit) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    public function list(): array
    {
        return is_array($this->value) ? array_values(array_filter($this->value, is_string(...))) : [$this->value];
    }

    /** @return array<string, string> */
    public function map(): array
    {
        /** @var array<string, string> */
        return is_array($this->value) ? array_filter($this->value, is_string(...)) : [];
    }

    public function part(string $id): self
    {
        return new self($this->map()[$id] ?? '', $this->cleaning);
    }
}
