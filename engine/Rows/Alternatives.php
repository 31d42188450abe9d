<?php

declare(strict_types=1);

namespace Fravel\Rows;

use Fravel\Answer\Quantity;
use Fravel\Answer\Unit\Units;

/** The several answers of one cell: parted by bars, semicolons, line ends, or slashes. */
final class Alternatives
{
    /** Words between which a slash makes one expression. */
    private const JOINING = ['and', 'or', 'und', 'oder', 'et', 'ou', 'y', 'o'];

    /** @return list<string> each once, in their order */
    public static function in(string $cell, string $language): array
    {
        $parts = preg_split('~\s*[|;\n]\s*|\s+/\s+~u', $cell) ?: [$cell];
        // Of options each is one, whatever stands in it.
        $areOptions = array_filter($parts, static fn (string $part): bool => str_starts_with($part, '*')) !== [];
        $all = $areOptions ? $parts : array_merge([], ...array_map(
            static fn (string $part): array => self::slashed($part, $language), $parts,
        ));

        return array_values(array_unique(array_filter(
            array_map(trim(...), $all), static fn (string $one): bool => $one !== '',
        )));
    }

    /**
     * A slash without blanks parts words as one with blanks does; in a fraction, a date, a unit, an address or a term
     * it is a sign.
     *
     * @return list<string>
     */
    private static function slashed(string $part, string $language): array
    {
        $sides = explode('/', $part);
        $isOne =
            count($sides) < 2 || in_array('', array_map(trim(...), $sides), true)
            || preg_match('~^\s*-?\d+(?:/\d+)+\s*$|\d+ \d+/\d|://~', $part) === 1
            || preg_match('~\d/[A-Za-z]\b|[A-Za-z)]/\d|[()^=]~', $part) === 1
            || Quantity::read($part, $language) !== null
            || Units::named($part) !== null
            || array_udiff($sides, self::JOINING, strcasecmp(...)) === [];

        return $isOne ? [$part] : $sides;
    }
}
