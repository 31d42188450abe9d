<?php

declare(strict_types=1);

namespace App\Pictures;

use Fravel\Document\Asset;
use Intervention\Image\Interfaces\ImageInterface;

/** What light falls on each part of a picture, where it stands behind a stage: its middle colours, row by row. */
final class Shades
{
    /** Points of a part, across and down. */
    private const FINE = 8;

    /** @return list<string> as `#rrggbb` */
    public static function of(ImageInterface $image): array
    {
        [$columns, $rows] = [Asset::SHADES_ACROSS, Asset::SHADES_DOWN];
        // A stage is sixteen by nine, and a picture is cut to it around its middle.
        $small = (clone $image)->cover(16 * 12, 9 * 12)->resize($columns * self::FINE, $rows * self::FINE);
        $shades = [];
        for ($part = 0; $part < $columns * $rows; $part++) {
            $shades[] = self::shade($small, $part % $columns * self::FINE, intdiv($part, $columns) * self::FINE);
        }

        return $shades;
    }

    private static function shade(ImageInterface $image, int $left, int $top): string
    {
        $sum = [0, 0, 0];
        for ($point = 0; $point < self::FINE ** 2; $point++) {
            $colour = $image->pickColor($left + $point % self::FINE, $top + intdiv($point, self::FINE))->toArray();
            foreach (array_keys($sum) as $at) {
                $sum[$at] += $colour[$at];
            }
        }

        return vsprintf('#%02x%02x%02x', array_map(
            static fn (int $all): int => (int) round($all / self::FINE ** 2), $sum,
        ));
    }
}
