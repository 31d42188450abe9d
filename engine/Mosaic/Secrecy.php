<?php

declare(strict_types=1);

namespace Fravel\Mosaic;

/**
 * How well a picture is recognised while some of its locks are open, from 0 to 1: the share of its edges of which both
 * sides are seen, an edge weighing as much as its two colours are apart. Shapes are recognised by their edges (Marr and
 * Hildreth, "Theory of edge detection", 1980); plain ground gives nothing away.
 */
final readonly class Secrecy
{
    /** @param  array<int, array<int, float>>  $edges  lock → lock → how far apart colours are where they meet */
    private function __construct(private array $edges, private int $locks)
    {
    }

    /**
     * @param  list<string>  $palette
     * @param  list<int>  $owners  of Sharing
     */
    public static function of(array $palette, string $cells, int $columns, array $owners, int $locks): self
    {
        $colours = array_map(Lab::ofHex(...), $palette);
        $places = array_flip(str_split(Reduction::SIGNS));
        $edges = [];
        for ($cell = 0, $all = strlen($cells); $cell < $all; $cell++) {
            foreach ([($cell + 1) % $columns === 0 ? $all : $cell + 1, $cell + $columns] as $beside) {
                if ($beside < $all && $cells[$cell] !== $cells[$beside]) {
                    $edges[$owners[$cell]][$owners[$beside]] ??= 0.0;
                    $edges[$owners[$cell]][$owners[$beside]] += sqrt(Lab::apart(
                        $colours[$places[$cells[$cell]]], $colours[$places[$cells[$beside]]],
                    ));
                }
            }
        }

        return new self($edges, $locks);
    }

    /** @param  list<int>  $open */
    public function score(array $open): float
    {
        $isOpen = array_fill_keys($open, true);
        [$seen, $all] = [0.0, 0.0];
        foreach ($this->edges as $one => $others) {
            foreach ($others as $other => $weight) {
                $all += $weight;
                $seen += isset($isOpen[$one], $isOpen[$other]) ? $weight : 0.0;
            }
        }

        return $all === 0.0 ? 0.0 : $seen / $all;
    }

    /**
     * An order of the locks that keeps the secret long: always the one that shows least of what is left.
     *
     * @return list<array{int, float}> lock, and the score once it is open
     */
    public function order(): array
    {
        [$order, $open] = [[], []];
        $left = range(0, max(0, $this->locks - 1));
        while ($left !== []) {
            $scores = array_map(fn (int $lock): float => $this->score([...$open, $lock]), $left);
            $place = (int) array_search(min($scores), $scores, true);
            $open[] = $left[$place];
            $order[] = [$left[$place], $scores[$place]];
            array_splice($left, $place, 1);
        }

        return $order;
    }
}
