<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** A term of school mathematics: figures and letters, joined by sums, products, quotients and powers. */
interface Term
{
    /** What it comes to as one polynomial over another; null where it has no such form, or that is too much. */
    public function worth(Room $room): ?Fraction;

    /**
     * What it comes to where letters stand for numbers, exactly.
     *
     * @param  array<string, BigRational>  $letters
     * @return BigRational|null null where it comes to nothing (a division by 0), or to more than can be worked out
     */
    public function at(array $letters): ?BigRational;

    /** The same text for terms that differ in blanks, signs and the order of what is added or multiplied alone. */
    public function written(): string;

    /** @return list<self> what it is made of; none for a figure or a letter */
    public function parts(): array;
}
