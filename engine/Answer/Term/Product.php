<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** `2x(x + 1)` */
final readonly class Product implements Term
{
    /** @param  non-empty-list<Term>  $of */
    public function __construct(public array $of)
    {
    }

    public function worth(Room $room): ?Fraction
    {
        $product = Fraction::whole(Polynomial::number(BigRational::one()));
        foreach ($this->of as $part) {
            $worth = $part->worth($room);
            $product = $worth === null ? null : $product->times($worth, $room);
            if ($product === null) {
                return null;
            }
        }

        return $product;
    }

    public function at(array $letters): ?BigRational
    {
        $product = BigRational::one();
        foreach ($this->of as $part) {
            $number = $part->at($letters);
            if ($number === null) {
                return null;
            }
            $product = Room::short($product->multipliedBy($number), Room::LONG);
            if ($product === null) {
                return null;
            }
        }

        return $product;
    }

    public function written(): string
    {
        $parts = array_map(static fn (Term $part): string => $part->written(), $this->of);
        sort($parts, SORT_STRING);

        return '('.implode('*', $parts).')';
    }

    public function parts(): array
    {
        return $this->of;
    }
}
