<?php

declare(strict_types=1);

namespace Fravel\Answer;

use Brick\Math\BigRational;

/** An answer of the right shape for its input, with the cleaning under which it is compared. */
final class Answer
{
    /** The cleaned text, once it was asked for: each rule of a lock compares the same. */
    private ?string $cleaned = null;

    private ?string $compared = null;

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

    /** The bare number that was typed, or that stands before a counted noun where the lock is fair. */
    public function number(): ?BigRational
    {
        [$raw, $language] = [$this->raw(), $this->cleaning->language];

        return Number::read($raw, $language) ??
            Number::read($this->cleaning->fairness->numberIn($raw) ?? '', $language);
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
