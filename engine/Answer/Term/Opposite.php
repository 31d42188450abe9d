<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** `-x` */
final readonly class Opposite implements Term
{
    public function __construct(public Term $of)
    {
    }

    public function worth(Room $room): ?Fraction
    {
        return $this->of->worth($room)?->times(Fraction::whole(Polynomial::number(BigRational::of(-1))), $room);
    }

    public function at(array $letters): ?BigRational
    {
        return $this->of->at($letters)?->negated();
    }

    public function written(): string
    {
        return "-{$this->of->written()}";
    }

    public function parts(): array
    {
        return [$this->of];
    }
}
