<?php

declare(strict_types=1);

namespace Fravel\Mosaic;

/**
 * A picture in few colours, cell by cell.
 *
 * Colours are gathered by k-means in Oklab (Lloyd, "Least squares quantization in PCM", 1982), begun at colours that
 * lie as far from each other as can be (Gonzalez, "Clustering to minimize the maximum intercluster distance", 1985): so
 * the same picture always gives the same mosaic.
 *
 * @phpstan-import-type Colour from Lab
 */
final readonly class Reduction
{
    /** A sign for each colour; there are no more of them. */
    public const SIGNS = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789+/';

    private const ROUNDS = 24;

    /**
     * @param  list<string>  $palette  colours as #rrggbb, from dark to light
     * @param  string  $cells  a sign of SIGNS for each cell, row by row
     */
    private function __construct(public array $palette, public string $cells)
    {
    }

    /**
     * @param  list<Colour>  $cells  row by row
     * @param  int  $colours  from 2 to 64; fewer where the picture has no more
     */
    public static function of(array $cells, int $colours): self
    {
        $centres = self::begun($cells, min(max(2, $colours), strlen(self::SIGNS)));
        $nearest = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $before = $nearest;
            $nearest = self::nearest($cells, $centres, $before);
            if ($nearest === $before) {
                break;
            }
            $centres = self::middles($cells, $nearest, $centres);
        }
        $order = array_keys($centres);
        usort($order, static fn (int $one, int $other): int => $centres[$one] <=> $centres[$other]);
        $signs = array_flip($order);

        return new self(
            array_map(static fn (int $centre): string => Lab::hex($centres[$centre]), $order),
            implode('', array_map(static fn (int $centre): string => self::SIGNS[$signs[$centre]], $nearest)),
        );
    }

    /**
     * The lightest colour, and then always the one that is farthest from all before.
     *
     * @param  list<Colour>  $cells
     * @return list<Colour>
     */
    private static function begun(array $cells, int $colours): array
    {
        $first = $cells[0] ?? [0.0, 0.0, 0.0];
        foreach ($cells as $cell) {
            $first = $cell[0] > $first[0] ? $cell : $first;
        }
        $centres = [$first];
        $apart = array_map(static fn (array $cell): float => Lab::apart($cell, $first), $cells);
        while (count($centres) < $colours && $apart !== [] && max($apart) > 1e-6) {
            $centres[] = $next = $cells[(int) array_search(max($apart), $apart, true)];
            foreach ($cells as $place => $cell) {
                $apart[$place] = min($apart[$place], Lab::apart($cell, $next));
            }
        }

        return $centres;
    }

    /**
     * The centre nearest to each cell. The one it had is asked first, and a centre that is farther in lightness alone
     * is not looked at any closer: most are not.
     *
     * @param  list<Colour>  $cells
     * @param  list<Colour>  $centres
     * @param  list<int>  $before
     * @return list<int>
     */
    private static function nearest(array $cells, array $centres, array $before): array
    {
        $nearest = [];
        foreach ($cells as $place => [$lightness, $a, $b]) {
            $best = $before[$place] ?? 0;
            [$l, $m, $n] = $centres[$best];
            $least = ($lightness - $l) ** 2 + ($a - $m) ** 2 + ($b - $n) ** 2;
            foreach ($centres as $centre => [$l, $m, $n]) {
                $apart = ($lightness - $l) * ($lightness - $l);
                if ($apart > $least) {
                    continue;
                }
                $apart += ($a - $m) * ($a - $m) + ($b - $n) * ($b - $n);
                if ($apart < $least || ($apart === $least && $centre < $best)) {
                    [$best, $least] = [$centre, $apart];
                }
            }
            $nearest[] = $best;
        }

        return $nearest;
    }

    /**
     * @param  list<Colour>  $cells
     * @param  list<int>  $nearest
     * @param  list<Colour>  $centres
     * @return list<Colour> one of which nothing is left stays where it was
     */
    private static function middles(array $cells, array $nearest, array $centres): array
    {
        $count = array_count_values($nearest);
        $sums = array_fill(0, count($centres), [0.0, 0.0, 0.0]);
        foreach ($cells as $place => [$lightness, $a, $b]) {
            [$l, $m, $n] = $sums[$nearest[$place]];
            $sums[$nearest[$place]] = [$l + $lightness, $m + $a, $n + $b];
        }
        $middles = [];
        foreach ($centres as $at => $centre) {
            $of = $count[$at] ?? 0;
            $middles[] = $of === 0 ? $centre : [$sums[$at][0] / $of, $sums[$at][1] / $of, $sums[$at][2] / $of];
        }

        return $middles;
    }
}
