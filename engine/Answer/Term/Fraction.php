<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** One polynomial over another; two are equal when their cross products are. */
final readonly class Fraction
{
    private function __construct(public Polynomial $over, public Polynomial $under)
    {
    }

    public static function whole(Polynomial $over): self
    {
        return new self($over, Polynomial::number(BigRational::one()));
    }

    public function plus(self $other, Room $room): ?self
    {
        if ($this->under->equals($other->under)) {
            return new self($this->over->plus($other->over), $this->under);
        }
        [$left, $right] = [$this->over->times($other->under, $room), $other->over->times($this->under, $room)];

        return $left === null || $right === null
            ? null
            : self::of($left->plus($right), $this->under->times($other->under, $room));
    }

    public function times(self $other, Room $room): ?self
    {
        return self::of($this->over->times($other->over, $room), $this->under->times($other->under, $room));
    }

    /** Null where it would be a division by 0. */
    public function by(self $other, Room $room): ?self
    {
        return $other->over->isZero()
            ? null
            : self::of($this->over->times($other->under, $room), $this->under->times($other->over, $room));
    }

    /** Null where that is too much to be worked out. */
    public function equals(self $other, Room $room): ?bool
    {
        [$left, $right] = [$this->over->times($other->under, $room), $other->over->times($this->under, $room)];

        return $left === null || $right === null ? null : $left->equals($right);
    }

    private static function of(?Polynomial $over, ?Polynomial $under): ?self
    {
        return $over === null || $under === null ? null : new self($over, $under);
    }
}
