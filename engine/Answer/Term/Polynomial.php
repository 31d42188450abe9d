<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** A sum of products of letters, each with its number; exact. */
final readonly class Polynomial
{
    /**
     * @param  array<string, BigRational>  $numbers  monomial → its number, never 0; a monomial is a JSON object from
     *     letter to power, in the order of the letters
     */
    private function __construct(public array $numbers)
    {
    }

    public static function number(BigRational $number): self
    {
        return new self($number->isZero() ? [] : ['[]' => $number]);
    }

    public static function letter(string $name): self
    {
        return new self([self::key([$name => 1]) => BigRational::one()]);
    }

    public function plus(self $other): self
    {
        $numbers = $this->numbers;
        foreach ($other->numbers as $monomial => $number) {
            $numbers[$monomial] = isset($numbers[$monomial]) ? $numbers[$monomial]->plus($number) : $number;
        }

        return self::without($numbers);
    }

    /** Null where that is too much to be worked out. */
    public function times(self $other, Room $room): ?self
    {
        if (! $room->takes(count($this->numbers) * count($other->numbers))) {
            return null;
        }
        $numbers = [];
        foreach ($this->numbers as $one => $number) {
            foreach ($other->numbers as $another => $by) {
                $monomial = self::joined((string) $one, (string) $another);
                $product = Room::short($number->multipliedBy($by));
                if ($product === null) {
                    return null;
                }
                $numbers[$monomial] = isset($numbers[$monomial]) ? $numbers[$monomial]->plus($product) : $product;
            }
        }

        return self::without($numbers);
    }

    public function isZero(): bool
    {
        return $this->numbers === [];
    }

    public function equals(self $other): bool
    {
        return count($this->numbers) === count($other->numbers) && array_filter(
            $this->numbers,
            static fn (BigRational $number, string $monomial): bool => ! isset($other->numbers[$monomial])
                || ! $other->numbers[$monomial]->isEqualTo($number),
            ARRAY_FILTER_USE_BOTH,
        ) === [];
    }

    /** @return list<array<string, int>> of each monomial, letter → power */
    public function powers(): array
    {
        return array_map(self::powersOf(...), array_keys($this->numbers));
    }

    /** @return array<string, int> */
    public static function powersOf(string $monomial): array
    {
        /** @var array<string, int> */
        return (array) json_decode($monomial, true);
    }

    /** As it is typed, such as `2x^2-x/3+6`, with all its numbers divided by this one. */
    public function written(BigRational $by): string
    {
        $text = '';
        foreach ($this->numbers as $monomial => $number) {
            $number = $number->dividedBy($by)->simplified();
            [$over, $under] = [(string) $number->getNumerator()->abs(), (string) $number->getDenominator()];
            $letters = implode('*', array_map(
                static fn (string $letter, int $power): string => $letter.($power === 1 ? '' : "^{$power}"),
                array_keys(self::powersOf((string) $monomial)), self::powersOf((string) $monomial),
            ));
            $text .= ($number->isNegative() ? '-' : '+').($over === '1' && $letters !== '' ? '' : $over).$letters
                .($under === '1' ? '' : "/{$under}");
        }

        return $text === '' ? '0' : ltrim($text, '+');
    }

    private static function joined(string $one, string $another): string
    {
        if ($one === '[]' || $another === '[]') {
            return $one === '[]' ? $another : $one;
        }
        $powers = self::powersOf($one);
        foreach (self::powersOf($another) as $letter => $power) {
            $powers[$letter] = ($powers[$letter] ?? 0) + $power;
        }

        return self::key($powers);
    }

    /** @param  array<string, int>  $powers */
    private static function key(array $powers): string
    {
        ksort($powers, SORT_STRING);

        return (string) json_encode($powers, JSON_UNESCAPED_UNICODE);
    }

    /** @param  array<string, BigRational>  $numbers */
    private static function without(array $numbers): self
    {
        return new self(array_filter($numbers, static fn (BigRational $number): bool => ! $number->isZero()));
    }
}
