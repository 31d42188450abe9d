<?php

declare(strict_types=1);

namespace App\Play;

/** How covers stand on a small screen: as tiles beside each other, in as many columns as their words allow. */
final class Tiles
{
    /** Letters of the longest word, and of all words, that fit so many columns of a phone. */
    private const FITS = [3 => [8, 14], 2 => [13, 80]];

    /** Tiles from which three columns are worth it. */
    private const MANY = 7;

    /** @param  array<string, mixed>  $thing */
    public static function isTile(array $thing): bool
    {
        return $thing['kind'] === 'cover' && ! $thing['asksFirst']
            && ! in_array($thing['opens'], ['pull', 'slide'], true);
    }

    /**
     * By what stands on them: what is under them is not known yet.
     *
     * @return int columns, from 1 to 3
     */
    public static function columns(Screen $screen): int
    {
        $tiles = array_filter($screen->view->things, self::isTile(...));
        $fronts = array_map(static fn (array $thing): string => $screen->plain($thing['front']['md']), $tiles);
        $isPictured = array_filter(array_column(array_column($tiles, 'front'), 'asset')) !== [];
        $length = max([0, ...array_map(mb_strlen(...), $fronts)]);
        foreach (self::FITS as $columns => [$word, $all]) {
            $isEnough = count($tiles) >= ($columns === 3 ? self::MANY : 2) && ! ($isPictured && $columns === 3);
            if ($isEnough && self::longest($fronts) <= $word && $length <= $all) {
                return $columns;
            }
        }

        return 1;
    }

    /** @param  array<array-key, string>  $texts */
    private static function longest(array $texts): int
    {
        return max([0, ...array_map(mb_strlen(...), preg_split('/\s+/u', implode(' ', $texts)) ?: [])]);
    }
}
