<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** `x + 3 - y`: what is taken away stands in it as an Opposite. */
final readonly class Sum implements Term
{
    /** @param  non-empty-list<Term>  $of */
    public function __construct(public array $of)
    {
    }

    public function worth(Room $room): ?Fraction
    {
        $sum = Fraction::whole(Polynomial::number(BigRational::zero()));
        foreach ($this->of as $part) {
            $worth = $part->worth($room);
            $sum = $worth === null ? null : $sum->plus($worth, $room);
            if ($sum === null) {
                return null;
            }
        }

        return $sum;
    }

    public function at(array $letters): ?BigRational
    {
        $sum = BigRational::zero();
        foreach ($this->of as $part) {
            $number = $part->at($letters);
            if ($number === null) {
                return null;
            }
            $sum = Room::short($sum->plus($number), Room::LONG);
            if ($sum === null) {
                return null;
            }
        }

        return $sum;
    }

    public function written(): string
    {
        $parts = array_map(static fn (Term $part): string => $part->written(), $this->of);
        sort($parts, SORT_STRING);

        return '('.implode('+', $parts).')';
    }

    public function parts(): array
    {
        return $this->of;
    }
}
