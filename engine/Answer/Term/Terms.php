<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/**
 * Whether two terms are equal in value: exactly, as fractions of polynomials; where one has no such form, or it would
 * be too much to work it out, at whole numbers, exactly at each.
 */
final class Terms
{
    /** Numbers at which terms are compared that have no form to be compared in. */
    private const SAMPLES = 8;

    public static function areEqual(Term $one, Term $other): bool
    {
        return self::areSurelyEqual($one, $other) ?? self::areEqualAtNumbers($one, $other);
    }

    /** Null where that can't be told by the form of both. */
    public static function areSurelyEqual(Term $one, Term $other): ?bool
    {
        $room = new Room;
        [$left, $right] = [$one->worth($room), $other->worth($room)];

        return $left === null || $right === null ? null : $left->equals($right, $room);
    }

    private static function areEqualAtNumbers(Term $one, Term $other): bool
    {
        $letters = array_keys(self::letters($one) + self::letters($other));
        [$compared, $samples] = [0, $letters === [] ? 1 : self::SAMPLES];
        for ($sample = 0; $sample < $samples; $sample++) {
            $numbers = [];
            foreach ($letters as $place => $letter) {
                $numbers[$letter] = BigRational::of(2 + ($sample * 7 + $place * 5 + $sample * $place) % 29);
            }
            [$left, $right] = [$one->at($numbers), $other->at($numbers)];
            if ($left === null || $right === null) {
                continue;
            }
            if (! $left->isEqualTo($right)) {
                return false;
            }
            $compared++;
        }

        return $compared > $samples / 2;
    }

    /** @return array<string, true> */
    private static function letters(Term $term): array
    {
        $letters = $term instanceof Letter ? [$term->name => true] : [];
        foreach ($term->parts() as $part) {
            $letters += self::letters($part);
        }

        return $letters;
    }
}
