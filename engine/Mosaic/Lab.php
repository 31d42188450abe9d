<?php

declare(strict_types=1);

namespace Fravel\Mosaic;

/**
 * A colour in Oklab, where equal distances look about equally far: Björn Ottosson, "A perceptual color space for image
 * processing" (2020): lightness from 0 to 1, green to red, blue to yellow.
 *
 * @phpstan-type Colour array{float, float, float}
 */
final class Lab
{
    /**
     * @param  array{float, float, float}  $light  red, green and blue as light, from 0 to 1
     * @return Colour
     */
    public static function ofLight(array $light): array
    {
        [$red, $green, $blue] = $light;
        $long = (0.4122214708 * $red + 0.5363325363 * $green + 0.0514459929 * $blue) ** (1 / 3);
        $middle = (0.2119034982 * $red + 0.6806995451 * $green + 0.1073969566 * $blue) ** (1 / 3);
        $short = (0.0883024619 * $red + 0.2817188376 * $green + 0.6299787005 * $blue) ** (1 / 3);

        return [
            0.2104542553 * $long + 0.7936177850 * $middle - 0.0040720468 * $short,
            1.9779984951 * $long - 2.4285922050 * $middle + 0.4505937099 * $short,
            0.0259040371 * $long + 0.7827717662 * $middle - 0.8086757660 * $short,
        ];
    }

    /**
     * @param  string  $hex  as #rrggbb
     * @return Colour
     */
    public static function ofHex(string $hex): array
    {
        [$red, $green, $blue] = array_map(hexdec(...), str_split(substr($hex, 1), 2));

        return self::ofLight([self::light((int) $red), self::light((int) $green), self::light((int) $blue)]);
    }

    /**
     * @param  Colour  $colour
     * @return string as #rrggbb; what no screen can show is taken to its rim
     */
    public static function hex(array $colour): string
    {
        [$lightness, $a, $b] = $colour;
        $long = ($lightness + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $middle = ($lightness - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $short = ($lightness - 0.0894841775 * $a - 1.2914855480 * $b) ** 3;

        return sprintf(
            '#%02x%02x%02x',
            self::byte(4.0767416621 * $long - 3.3077115913 * $middle + 0.2309699292 * $short),
            self::byte(-1.2684380046 * $long + 2.6097574011 * $middle - 0.3413193965 * $short),
            self::byte(-0.0041960863 * $long - 0.7034186147 * $middle + 1.7076147010 * $short),
        );
    }

    /** The light of a byte of sRGB (IEC 61966-2-1), from 0 to 1. */
    public static function light(int $byte): float
    {
        $part = $byte / 255;

        return $part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4;
    }

    /**
     * @param  Colour  $one
     * @param  Colour  $other
     */
    public static function apart(array $one, array $other): float
    {
        return ($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2;
    }

    private static function byte(float $light): int
    {
        $part = $light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055;

        return (int) round(255 * min(1.0, max(0.0, is_nan($part) ? 0.0 : $part)));
    }
}
