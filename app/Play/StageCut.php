<?php

declare(strict_types=1);

namespace App\Play;

/** A part of a stage, in its units, in one of a few shapes that the style sheet knows. */
final readonly class StageCut
{
    /** Width by height. */
    private const SHAPES = [
        'upright' => 0.75, 'square' => 1.0, 'near' => 4 / 3, 'wide' => 16 / 9, 'flat' => 2.4, 'band' => 4.0,
    ];

    private const STAGE = [1600, 900];

    /** Shapes of what is above the words that lie along the lower edge of a picture, by their heights. */
    private const ABOVE = ['flat' => 2000 / 3, 'low' => 720, 'half' => 800];

    private const MARGIN = 16;

    /** Of the stage: what needs more is no part of it. */
    private const MOST = 0.75;

    /** @param  array{float, float, float, float}  $box  x, y, width and height */
    private function __construct(public string $shape, private array $box)
    {
    }

    /** @param  list<array{int|float, int|float, int|float, int|float}>  $boxes */
    public static function around(array $boxes): ?self
    {
        if ($boxes === []) {
            return null;
        }
        [$wide, $high] = self::STAGE;
        $left = max(0.0, min(array_column($boxes, 0)) - self::MARGIN);
        $top = max(0.0, min(array_column($boxes, 1)) - self::MARGIN);
        $right = min($wide, self::MARGIN + max(array_map(static fn (array $box): float => $box[0] + $box[2], $boxes)));
        $bottom = min($high, self::MARGIN + max(array_map(static fn (array $box): float => $box[1] + $box[3], $boxes)));
        [$width, $height] = [$right - $left, $bottom - $top];
        $shape = self::shapeOf($width, $height);
        [$w, $h] = self::grown($width, $height, self::SHAPES[$shape]);

        return $width < 1 || $height < 1 || $w * $h > self::MOST * $wide * $high
            ? null
            : new self($shape, [$left - ($w - $width) / 2, $top - ($h - $height) / 2, $w, $h]);
    }

    /** All above this height, in full width; null where hardly anything lies below. */
    public static function above(float $bottom): ?self
    {
        $high = array_filter(self::ABOVE, static fn (float $height): bool => $height >= $bottom);
        $shape = array_key_first($high);

        return $shape === null ? null : new self($shape, [0.0, 0.0, self::STAGE[0], $high[$shape]]);
    }

    /** As a drawing says which part of it is seen. */
    public function box(): string
    {
        return implode(' ', array_map(static fn (float $one): string => (string) round($one, 1), $this->box));
    }

    /** The one that needs least beside what is in it. */
    private static function shapeOf(float $width, float $height): string
    {
        $areas = array_map(
            static fn (float $shape): float => array_product(self::grown($width, max(1, $height), $shape)),
            self::SHAPES,
        );
        asort($areas);

        return (string) array_key_first($areas);
    }

    /** @return array{float, float} as much as it must be for the shape */
    private static function grown(float $width, float $height, float $shape): array
    {
        return $width / $height < $shape ? [$height * $shape, $height] : [$width, $width / $shape];
    }
}
