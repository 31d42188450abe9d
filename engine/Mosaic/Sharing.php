<?php

declare(strict_types=1);

namespace Fravel\Mosaic;

/** Which lock each cell of a mosaic belongs to: the same for the same picture, locks and seed. */
final class Sharing
{
    /** Scattered by seed, in bands from above, colour by colour, or as drawn by hand. */
    public const WAYS = ['scattered', 'bands', 'colours', 'drawn'];

    /**
     * @param  string  $cells  of Reduction
     * @param  non-empty-list<int>  $shares  weight of each lock
     * @param  string  $way  one of WAYS
     * @param  string  $drawn  for each cell a sign of Reduction::SIGNS, which names a lock by its place, or any other;
     *     what names none is scattered
     * @return list<int> index of a lock for each cell
     */
    public static function of(string $cells, array $shares, string $way, int $seed, string $drawn = ''): array
    {
        $order = match ($way) {
            'bands' => array_keys(str_split($cells)),
            'colours' => self::byColour($cells, $seed),
            default => self::scattered(strlen($cells), $seed),
        };
        $owners = array_fill(0, strlen($cells), 0);
        foreach ($order as $place => $cell) {
            $owners[$cell] = self::lockAt(($place + 0.5) / count($order), $shares);
        }

        $byHand = $way === 'drawn' ? self::byHand($drawn, count($owners), count($shares)) : [];

        return array_values(array_replace($owners, $byHand));
    }

    /** @return array<int, int> cell → index of the lock that it was drawn for */
    private static function byHand(string $drawn, int $cells, int $locks): array
    {
        $signs = array_flip(str_split(Reduction::SIGNS));
        $cellsDrawn = strlen($drawn) === $cells ? str_split($drawn) : [];
        $owners = array_map(static fn (string $sign): int => $signs[$sign] ?? $locks, $cellsDrawn);

        return array_filter($owners, static fn (int $lock): bool => $lock < $locks);
    }

    /** @return list<int> */
    private static function scattered(int $count, int $seed): array
    {
        $keys = array_map(static fn (int $cell): string => hash('xxh64', "{$seed}|{$cell}"), range(0, $count - 1));
        asort($keys);

        return array_keys($keys);
    }

    /**
     * Cells of one colour after each other, the rarest colour first; within a colour scattered.
     *
     * @return list<int>
     */
    private static function byColour(string $cells, int $seed): array
    {
        $often = count_chars($cells, 1);
        $order = self::scattered(strlen($cells), $seed);
        $rank = static fn (int $cell): array => [$often[ord($cells[$cell])], $cells[$cell]];
        usort($order, static fn (int $one, int $other): int => $rank($one) <=> $rank($other));

        return $order;
    }

    /** @param  non-empty-list<int>  $shares */
    private static function lockAt(float $part, array $shares): int
    {
        $left = $part * array_sum($shares);
        foreach ($shares as $lock => $share) {
            $left -= $share;
            if ($left < 0) {
                return $lock;
            }
        }

        return count($shares) - 1;
    }
}
