<?php

declare(strict_types=1);

namespace Fravel\Answer\Unit;

use Brick\Math\BigRational;
use Closure;

/** Products and quotients of units, as they are written: kg/m3, N m, m/s2, kilometres per hour, square metres. */
final class Compound
{
    /** More factors than this are no unit that anybody writes. */
    private const MOST = 5;

    private const POWERS = ['square' => 2, 'quadrat' => 2, 'cubic' => 3, 'kubik' => 3];

    /** @param  Closure(string): ?Unit  $simple  the unit that a symbol or a name stands for */
    public static function read(string $text, Closure $simple): ?Unit
    {
        if (preg_match('~[/* \d]|quadrat|kubik~ui', $text) !== 1) {
            return null;
        }
        $below = preg_split('~ ?/ ?| per | par | pro | por ~u', $text);
        if ($below === false || count($below) > self::MOST) {
            return null;
        }
        $above = (string) array_shift($below);
        $one = new Unit('', BigRational::one(), BigRational::zero());
        $unit = self::product($above, 1, $one, Dimension::none(), $simple);
        foreach ($below as $part) {
            $unit = $unit === null ? null : self::product($part, -1, $unit[0], $unit[1], $simple);
        }

        return $unit === null ? null : new Unit($unit[1]->measures(), $unit[0]->factor, BigRational::zero());
    }

    /**
     * @param  Closure(string): ?Unit  $simple
     * @return array{Unit, Dimension}|null
     */
    private static function product(string $text, int $sign, Unit $unit, Dimension $dimension, Closure $simple): ?array
    {
        $factors = $simple($text) === null && self::powered($text) === null
            ? preg_split('~ ?\* ?| ~u', trim($text))
            : [trim($text)];
        if ($factors === false || count($factors) > self::MOST) {
            return null;
        }
        foreach ($factors as $factor) {
            [$base, $power] = self::powered($factor) ?? [$factor, 1];
            $part = $simple($base);
            $of = $part === null ? null : Dimension::of($part->measures);
            if ($part === null || $of === null) {
                return null;
            }
            $unit = new Unit('', $unit->factor->multipliedBy(self::raised($part->factor, $sign * $power)), $unit->zero);
            $dimension = $dimension->times($of, $sign * $power);
        }

        return [$unit, $dimension];
    }

    /** @return array{string, int}|null a base and its power, where it has one */
    private static function powered(string $text): ?array
    {
        if (preg_match('/^([^\d\s*\/\-]+)(-?[1-9])$/uD', $text, $part) === 1) {
            return [$part[1], (int) $part[2]];
        }
        if (preg_match('/^(square|cubic|quadrat|kubik) ?(.+)$/uDi', $text, $part) === 1) {
            return [$part[2], self::POWERS[strtolower($part[1])]];
        }
        if (preg_match('/^(.+) (carrés?|cuadrados?|cubes?|cúbicos?)$/uDi', $text, $part) === 1) {
            return [$part[1], preg_match('/^c(arr|uad)/ui', $part[2]) === 1 ? 2 : 3];
        }

        return null;
    }

    private static function raised(BigRational $factor, int $power): BigRational
    {
        return $power < 0 ? BigRational::one()->dividedBy($factor->power(-$power)) : $factor->power($power);
    }
}
