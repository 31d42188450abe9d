<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

/** What ShelfTest is about: drawings of maps. */
final class ShelfCases
{
    /**
     * How far a point is from a line of straight pieces.
     *
     * @param  array{float, float}  $at
     * @param  list<array{float, float}>  $points
     */
    public static function distance(array $at, array $points): float
    {
        $nearest = INF;
        foreach (array_slice($points, 1) as $place => [$x, $y]) {
            [$fromX, $fromY] = $points[$place];
            [$across, $down] = [$x - $fromX, $y - $fromY];
            $length = $across ** 2 + $down ** 2;
            $along = $length === 0.0 ? 0 : (($at[0] - $fromX) * $across + ($at[1] - $fromY) * $down) / $length;
            $along = max(0, min(1, $along));
            $nearest = min($nearest, hypot($at[0] - $fromX - $along * $across, $at[1] - $fromY - $along * $down));
        }

        return $nearest;
    }
}
