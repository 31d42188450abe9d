<?php

declare(strict_types=1);

namespace Fravel\Answer\Unit;

/**
 * Of which base quantities a quantity is made, each to a power: products and quotients of units are told by that. Two
 * quantities of one dimension are one here, as energy and torque.
 */
final readonly class Dimension
{
    /** Quantity → powers of length, mass, time, current, temperature, amount, angle and data. */
    private const KNOWN = [
        'length' => ['L' => 1],
        'mass' => ['M' => 1],
        'time' => ['T' => 1],
        'current' => ['I' => 1],
        'temperature' => ['H' => 1],
        'amount' => ['N' => 1],
        'angle' => ['A' => 1],
        'data' => ['D' => 1],
        'area' => ['L' => 2],
        'volume' => ['L' => 3],
        'speed' => ['L' => 1, 'T' => -1],
        'acceleration' => ['L' => 1, 'T' => -2],
        'frequency' => ['T' => -1],
        'density' => ['L' => -3, 'M' => 1],
        'force' => ['L' => 1, 'M' => 1, 'T' => -2],
        'energy' => ['L' => 2, 'M' => 1, 'T' => -2],
        'power' => ['L' => 2, 'M' => 1, 'T' => -3],
        'pressure' => ['L' => -1, 'M' => 1, 'T' => -2],
        'charge' => ['I' => 1, 'T' => 1],
        'voltage' => ['I' => -1, 'L' => 2, 'M' => 1, 'T' => -3],
        'resistance' => ['I' => -2, 'L' => 2, 'M' => 1, 'T' => -3],
    ];

    /** @param  array<string, int>  $powers  by base quantity, none of them 0 */
    private function __construct(private array $powers)
    {
    }

    /** Of nothing: a bare number. */
    public static function none(): self
    {
        return new self([]);
    }

    public static function of(string $quantity): ?self
    {
        return isset(self::KNOWN[$quantity]) ? new self(self::KNOWN[$quantity]) : null;
    }

    public function times(self $other, int $power): self
    {
        $powers = $this->powers;
        foreach ($other->powers as $base => $to) {
            $powers[$base] = ($powers[$base] ?? 0) + $power * $to;
        }
        $powers = array_filter($powers);
        ksort($powers);

        return new self($powers);
    }

    /** What it measures, in a word where there is one; the same text for the same dimension. */
    public function measures(): string
    {
        $known = array_search($this->powers, self::KNOWN, true);
        if (is_string($known)) {
            return $known;
        }

        return implode(' ', array_map(
            static fn (string $base, int $to): string => "{$base}{$to}",
            array_keys($this->powers),
            $this->powers,
        ));
    }
}
