<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/**
 * Whether a term is worked out as far as school does: a sum in which nothing can be gathered, multiplied out or
 * reduced; of a fraction with letters below, both sides so, and without a common letter or number. A common sum, such
 * as in (x² − 1)/(x + 1), is looked for where there is one letter (Euclid's algorithm).
 */
final class Simplest
{
    /** A term worked out, where it comes to a sum without letters below; null where it does not. */
    public static function of(Term $term): ?string
    {
        $worth = $term->worth(new Room);
        $under = $worth === null ? [] : $worth->under->numbers;

        return $worth !== null && count($under) === 1 && isset($under['[]'])
            ? $worth->over->written($under['[]'])
            : null;
    }

    public static function is(Term $term): bool
    {
        if (! $term instanceof Quotient || $term->under instanceof Figure) {
            return self::isSum($term);
        }

        return self::isSum($term->over) && self::isSum($term->under) && ! self::canBeReduced($term);
    }

    private static function isSum(Term $term): bool
    {
        $parts = $term instanceof Sum ? $term->of : [$term];
        $seen = [];
        foreach ($parts as $part) {
            $monomial = self::monomial($part instanceof Opposite ? $part->of : $part);
            if ($monomial === null || isset($seen[$monomial])) {
                return false;
            }
            $seen[$monomial] = true;
        }

        return count($parts) === 1 || ! self::holdsZero($parts);
    }

    /** @param  list<Term>  $parts */
    private static function holdsZero(array $parts): bool
    {
        return array_filter(
            $parts, static fn (Term $part): bool => $part instanceof Figure && $part->number->isZero(),
        ) !== [];
    }

    /** Its letters with their powers, where it is a number and letters, each once; null where it is not. */
    private static function monomial(Term $term): ?string
    {
        [$over, $under] = $term instanceof Quotient ? [$term->over, $term->under] : [$term, null];
        $factors = $over instanceof Product ? $over->of : [$over];
        $number = self::isNumber($factors[0]) ? array_shift($factors) : null;
        if (! self::isWorkedOut($number, $factors !== [], $under)) {
            return null;
        }
        $letters = [];
        foreach ($factors as $factor) {
            [$letter, $power] = self::letter($factor) ?? ['', ''];
            if ($letter === '' || isset($letters[$letter])) {
                return null;
            }
            $letters[$letter] = $power;
        }
        ksort($letters);

        return (string) json_encode($letters);
    }

    private static function isNumber(Term $term): bool
    {
        return $term instanceof Figure
            || ($term instanceof Quotient && $term->over instanceof Figure && $term->under instanceof Figure);
    }

    /**
     * Whether a number, before letters or alone, and what stands below can be said no more simply.
     *
     * @param  Term|null  $number  null for none, which is 1
     */
    private static function isWorkedOut(?Term $number, bool $hasLetters, ?Term $under): bool
    {
        if ($number instanceof Quotient) {
            return $under === null && self::isWorkedOut($number->over, false, $number->under);
        }
        $over = $number instanceof Figure ? $number->number : BigRational::one();
        $saysNothing = $number !== null && $hasLetters && ($over->isZero() || $over->isEqualTo(1));
        if ($saysNothing || $under === null) {
            return ! $saysNothing;
        }
        $below = $under instanceof Figure ? $under->number : BigRational::zero();

        return self::isWhole($over) && self::isWhole($below) && $below->isGreaterThan(1)
            && $over->getNumerator()->gcd($below->getNumerator())->isEqualTo(1);
    }

    private static function isWhole(BigRational $number): bool
    {
        return $number->getDenominator()->isEqualTo(1);
    }

    /** @return array{string, string}|null a letter and what it is raised to */
    private static function letter(Term $term): ?array
    {
        $base = $term instanceof Power ? $term->base : $term;
        $exponent = $term instanceof Power ? $term->exponent->at([]) : null;
        $isHigher = $exponent !== null && self::isWhole($exponent) && $exponent->isGreaterThan(1);

        return $base instanceof Letter && (! $term instanceof Power || $isHigher)
            ? [$base->name, (string) ($exponent ?? 1)]
            : null;
    }

    private static function canBeReduced(Quotient $term): bool
    {
        [$over, $under] = [$term->over->worth(new Room)?->over, $term->under->worth(new Room)?->over];
        if ($over === null || $under === null || $over->isZero()) {
            return true;
        }

        return Reduction::commonLetter($over, $under) || Reduction::commonNumber($over, $under)
            || Reduction::commonSum($over, $under);
    }
}
