<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** How much may be worked out for one comparison. */
final class Room
{
    /** Products of two numbers, each some ten microseconds. */
    private const MOST = 150;

    /** Digits of a number past which it is not worked out. */
    private const DIGITS = 40;

    /** The same where letters stand for numbers. */
    public const LONG = 120;

    private int $left = self::MOST;

    public function takes(int $steps): bool
    {
        $this->left -= $steps;

        return $this->left >= 0;
    }

    /** In lowest terms; null where it is too long a number. */
    public static function short(BigRational $number, int $digits = self::DIGITS): ?BigRational
    {
        $isLong = max(strlen((string) $number->getNumerator()), strlen((string) $number->getDenominator())) > $digits;

        return match (true) {
            $isLong => null,
            $number->getDenominator()->isEqualTo(1) => $number,
            default => $number->simplified(),
        };
    }
}
