<?php

declare(strict_types=1);

namespace App\Pictures;

use Fravel\Mosaic\Lab;
use GdImage;
use Intervention\Image\ImageManager;
use Throwable;

/**
 * A picture as a grid of cells, each the middle of the light that falls on it. The picture is cut to the shape of the
 * grid around its middle.
 *
 * @phpstan-import-type Colour from Lab
 */
final class Grid
{
    /** A photograph as it comes out of a camera; our own script sends no more than the grid needs. */
    private const MOST_MEGAPIXELS = 16;

    /** Points of a cell, across and down. */
    private const FINE = 4;

    /**
     * @return list<Colour> row by row
     *
     * @throws UnableToTakePicture If they are no picture, or too large to be read.
     */
    public static function of(string $bytes, int $columns, int $rows): array
    {
        [$width, $height] = @getimagesizefromstring($bytes) ?: throw UnableToTakePicture::unreadable();
        if ($width * $height > self::MOST_MEGAPIXELS * 1_000_000) {
            $megapixels = (int) ceil($width * $height / 1_000_000);

            throw UnableToTakePicture::large($megapixels, self::MOST_MEGAPIXELS);
        }
        try {
            $whole = ImageManager::gd()->read($bytes);
            $image = $whole->cover($columns * self::FINE, $rows * self::FINE)->core()->native();
        } catch (Throwable) {
            throw UnableToTakePicture::unreadable();
        }
        $light = array_map(Lab::light(...), range(0, 255));
        $cells = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $cells[] = self::cell($image, $column * self::FINE, $row * self::FINE, $light);
            }
        }

        return $cells;
    }

    /**
     * @param  list<float>  $light  of each byte
     * @return Colour
     */
    private static function cell(GdImage $image, int $left, int $top, array $light): array
    {
        $sum = [0.0, 0.0, 0.0];
        for ($x = $left; $x < $left + self::FINE; $x++) {
            for ($y = $top; $y < $top + self::FINE; $y++) {
                $point = (int) imagecolorat($image, $x, $y);
                // What is clear shows paper behind it.
                $solid = 1 - (($point >> 24) & 127) / 127;
                foreach ([$point >> 16, $point >> 8, $point] as $at => $byte) {
                    $sum[$at] += $solid * $light[$byte & 255] + 1 - $solid;
                }
            }
        }
        $points = self::FINE ** 2;

        return Lab::ofLight([$sum[0] / $points, $sum[1] / $points, $sum[2] / $points]);
    }
}
