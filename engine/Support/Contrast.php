<?php

declare(strict_types=1);

namespace Fravel\Support;

/** How well words are read on a colour; colours as #rrggbb. */
final class Contrast
{
    /** Contrast ratio of WCAG 2.2, from 1 to 21. */
    public static function between(string $one, string $other): float
    {
        $lights = [self::luminance($one), self::luminance($other)];

        return (max($lights) + 0.05) / (min($lights) + 0.05);
    }

    /** Whether ink or paper is read better on it, by its name in the palette; ink on what is no colour. */
    public static function inkOn(?string $colour): string
    {
        if ($colour === null || preg_match('/^#[0-9a-f]{6}$/Di', $colour) !== 1) {
            return 'ink';
        }
        [$ink, $paper] = [Palette::COLOURS['ink'], Palette::COLOURS['paper']];

        return self::between($ink, $colour) >= self::between($paper, $colour) ? 'ink' : 'paper';
    }

    /** Relative luminance of WCAG 2.2. */
    private static function luminance(string $colour): float
    {
        $parts = array_map(static function (string $hex): float {
            $part = hexdec($hex) / 255;

            return $part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4;
        }, str_split(substr($colour, 1), 2));

        return 0.2126 * $parts[0] + 0.7152 * $parts[1] + 0.0722 * $parts[2];
    }
}
