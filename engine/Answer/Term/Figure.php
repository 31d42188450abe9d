<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** `12` or `2.5` */
final readonly class Figure implements Term
{
    public function __construct(public BigRational $number)
    {
    }

    public function worth(Room $room): Fraction
    {
        return Fraction::whole(Polynomial::number($this->number));
    }

    public function at(array $letters): BigRational
    {
        return $this->number;
    }

    public function written(): string
    {
        return (string) $this->number->simplified();
    }

    public function parts(): array
    {
        return [];
    }
}
