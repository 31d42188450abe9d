<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;

/** What two polynomials have in common, by which a fraction of them could be reduced. */
final class Reduction
{
    /** Whether a letter stands in every part of both. */
    public static function commonLetter(Polynomial $one, Polynomial $other): bool
    {
        $all = [...$one->powers(), ...$other->powers()];

        return array_intersect_key($all[0] ?? [], ...array_slice($all, 1)) !== [];
    }

    /** Whether a whole number above 1 divides all numbers of both; or one is no whole number. */
    public static function commonNumber(Polynomial $one, Polynomial $other): bool
    {
        $common = BigInteger::zero();
        foreach ([...array_values($one->numbers), ...array_values($other->numbers)] as $number) {
            if (! $number->simplified()->getDenominator()->isEqualTo(1)) {
                return true;
            }
            $common = $common->gcd($number->simplified()->getNumerator());
        }

        return $common->isGreaterThan(1);
    }

    /** Whether polynomials of one and the same letter have a divisor with that letter: Euclid's algorithm. */
    public static function commonSum(Polynomial $one, Polynomial $other): bool
    {
        $letters = [];
        foreach ([...$one->powers(), ...$other->powers()] as $powers) {
            $letters += $powers;
        }
        if (count($letters) !== 1) {
            return $one->equals($other);
        }
        [$left, $right] = [self::dense($one), self::dense($other)];
        while ($right !== []) {
            [$left, $right] = [$right, self::rest($left, $right)];
        }

        return count($left) > 1;
    }

    /** @return list<BigRational> numbers by power, the last not 0 */
    private static function dense(Polynomial $of): array
    {
        $numbers = [];
        foreach ($of->numbers as $monomial => $number) {
            $numbers[(int) array_sum(Polynomial::powersOf((string) $monomial))] = $number;
        }
        $highest = $numbers === [] ? -1 : max(array_keys($numbers));

        return array_map(
            static fn (int $power): BigRational => $numbers[$power] ?? BigRational::zero(),
            $highest < 0 ? [] : range(0, $highest),
        );
    }

    /**
     * @param  list<BigRational>  $of
     * @param  non-empty-list<BigRational>  $by
     * @return list<BigRational>
     */
    private static function rest(array $of, array $by): array
    {
        while (count($of) >= count($by)) {
            $times = $of[count($of) - 1]->dividedBy($by[count($by) - 1])->simplified();
            foreach ($by as $power => $number) {
                $place = count($of) - count($by) + $power;
                $of[$place] = $of[$place]->minus($number->multipliedBy($times))->simplified();
            }
            while ($of !== [] && $of[count($of) - 1]->isZero()) {
                array_pop($of);
            }
        }

        return array_values($of);
    }
}
