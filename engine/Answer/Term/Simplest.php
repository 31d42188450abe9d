<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigInteger;

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
        if (! $term instanceof Quotient || $term->under->parts() === [] && $term->under instanceof Figure) {
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
        $under = BigInteger::one();
        if ($term instanceof Quotient) {
            $whole = $term->under instanceof Figure ? $term->under->number : null;
            if ($whole === null || ! $whole->getDenominator()->isEqualTo(1) || $whole->isEqualTo(1)) {
                return null;
            }
            [$term, $under] = [$term->over, $whole->getNumerator()];
        }
        $number = BigInteger::one();
        $letters = [];
        foreach ($term instanceof Product ? $term->of : [$term] as $place => $part) {
            if ($part instanceof Quotient && $part->over instanceof Figure && $part->under instanceof Figure) {
                $isReduced = $place === 0 && self::monomial($part) !== null && $under->isEqualTo(1);
                if (! $isReduced) {
                    return null;
                }

                continue;
            }
            if ($part instanceof Figure) {
                $isAlone = ! $term instanceof Product || ($place === 0 && ! $part->number->isEqualTo(1)
                    && ! $part->number->isZero());
                if (! $isAlone) {
                    return null;
                }
                $number = $part->number->getDenominator()->isEqualTo(1) ? $part->number->getNumerator() : $number;

                continue;
            }
            $letter = self::letter($part);
            if ($letter === null || isset($letters[$letter[0]])) {
                return null;
            }
            $letters[$letter[0]] = $letter[1];
        }
        ksort($letters);
        $isCut = ! $under->isEqualTo(1) && ! $number->gcd($under)->isEqualTo(1);

        return $isCut || ($under->isEqualTo(1) && $term instanceof Quotient) ? null : (string) json_encode($letters);
    }

    /** @return array{string, string}|null a letter and what it is raised to */
    private static function letter(Term $term): ?array
    {
        $base = $term instanceof Power ? $term->base : $term;
        $exponent = $term instanceof Power ? $term->exponent->at([]) : null;
        $isHigher = $exponent !== null && $exponent->getDenominator()->isEqualTo(1) && $exponent->isGreaterThan(1);

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
