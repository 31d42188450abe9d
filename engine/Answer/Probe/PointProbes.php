<?php

declare(strict_types=1);

namespace Fravel\Answer\Probe;

/**
 * Points of which one lies in every part that areas cut a picture into. Across, the picture is cut at every corner and
 * every crossing of two edges; in each strip between, one line down is cut by the edges, and one point lies in each
 * piece.
 */
final class PointProbes
{
    /** Edges at most: their crossings multiply. */
    private const MOST_EDGES = 40;

    /** @param  list<list<array{float, float}>>  $areas */
    public static function areComplete(array $areas): bool
    {
        return array_sum(array_map(count(...), $areas)) <= self::MOST_EDGES;
    }

    /**
     * @param  list<list<array{float, float}>>  $areas  corners, each from 0 to 1
     * @return list<array{float, float}>
     */
    public static function in(array $areas): array
    {
        $edges = array_slice(array_merge([], ...array_map(self::edges(...), $areas)), 0, self::MOST_EDGES);
        $points = array_slice(array_merge([[0.0, 0.0], [1.0, 1.0]], ...$areas), 0, Probes::MOST);
        foreach (self::middles(self::cuts($edges)) as $x) {
            $heights = [0.0, 1.0];
            foreach ($edges as [$from, $to]) {
                if ($x < $to[0] !== $from[0] > $x) {
                    $heights[] = $from[1] + (($to[1] - $from[1]) * ($x - $from[0])) / ($to[0] - $from[0]);
                }
            }
            foreach (self::middles($heights) as $y) {
                $points[] = [$x, $y];
            }
        }

        return array_values(
            array_filter($points, static fn (array $point): bool => min($point) >= 0 && max($point) <= 1),
        );
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @return list<array{array{float, float}, array{float, float}}>
     */
    private static function edges(array $corners): array
    {
        return array_map(
            static fn (int $place): array => [$corners[$place], $corners[($place + 1) % count($corners)]],
            array_keys($corners),
        );
    }

    /**
     * @param  list<array{array{float, float}, array{float, float}}>  $edges
     * @return list<float> where corners and crossings lie, across
     */
    private static function cuts(array $edges): array
    {
        $cuts = [0.0, 1.0, ...array_map(static fn (array $edge): float => $edge[0][0], $edges)];
        foreach ($edges as $place => [$a, $b]) {
            foreach (array_slice($edges, $place + 1) as [$c, $d]) {
                $turn = ($b[0] - $a[0]) * ($d[1] - $c[1]) - ($b[1] - $a[1]) * ($d[0] - $c[0]);
                if (abs($turn) > 1e-12) {
                    $along = (($c[0] - $a[0]) * ($d[1] - $c[1]) - ($c[1] - $a[1]) * ($d[0] - $c[0])) / $turn;
                    $cuts[] = $a[0] + $along * ($b[0] - $a[0]);
                }
            }
        }

        return array_values(array_filter($cuts, static fn (float $cut): bool => $cut >= 0 && $cut <= 1));
    }

    /**
     * @param  list<float>  $cuts
     * @return list<float>
     */
    private static function middles(array $cuts): array
    {
        sort($cuts);
        $middles = [];
        foreach (array_slice($cuts, 1) as $place => $cut) {
            if ($cut - $cuts[$place] > 1e-9) {
                $middles[] = ($cut + $cuts[$place]) / 2;
            }
        }

        return $middles;
    }
}
