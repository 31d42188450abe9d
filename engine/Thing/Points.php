<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Support\Node;

/** Corners of a polygon, each from 0 to 1 across and down. */
final class Points
{
    /** @return list<array{float, float}> */
    public static function read(Node $node, string $key): array
    {
        $points = [];
        foreach ($node->list($key) as $point) {
            [$x, $y] = [$point->at(0)->value, $point->at(1)->value];
            if (! is_numeric($x) || ! is_numeric($y) || is_string($x) || is_string($y)) {
                $point->wrong('a point such as [0.2, 0.5]');

                continue;
            }
            $points[] = [(float) $x, (float) $y];
        }

        return $points;
    }
}
