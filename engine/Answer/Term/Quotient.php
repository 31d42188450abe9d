<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** `x / 2` */
final readonly class Quotient implements Term
{
    public function __construct(public Term $over, public Term $under)
    {
    }

    public function worth(Room $room): ?Fraction
    {
        $under = $this->under->worth($room);

        return $under === null ? null : $this->over->worth($room)?->by($under, $room);
    }

    public function at(array $letters): ?BigRational
    {
        [$over, $under] = [$this->over->at($letters), $this->under->at($letters)];

        return $over === null || $under === null || $under->isZero()
            ? null
            : Room::short($over->dividedBy($under), Room::LONG);
    }

    public function written(): string
    {
        return "({$this->over->written()}/{$this->under->written()})";
    }

    public function parts(): array
    {
        return [$this->over, $this->under];
    }
}
