<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/**
 * Where the covers of a board stand, so that they fill it and their words are as large as can be: every number of
 * columns is tried, and the one with the largest type wins, then the one whose cells are nearest to their best shape.
 */
final readonly class BoardLayout
{
    /** Of the stage, in units: what covers may take; below it is room for the way on. */
    private const ROOM = [40, 40, 1520, 750];

    private const GAP = 24;

    /** Name of a size → height of its type, in units; the largest first. */
    private const SIZES = ['great' => 72, 'title' => 44, 'body' => 28, 'small' => 22];

    /** Width of a letter, height of a line and room around words, against the height of the type or in units. */
    private const LETTER = 0.56;

    private const LINE = 1.3;

    private const INSET = 36;

    /** Kind of cover → the part of a cell, across, that words may take; and the best shape of a cell. */
    private const PARTS = ['tap' => [1.0, 1.5], 'pull' => [0.5, 3.2], 'slide' => [0.5, 6.0]];

    /** @param  list<array{int, int, int, int}>  $boxes */
    private function __construct(public array $boxes, public string $size)
    {
    }

    /**
     * @param  list<list<string>>  $cards  words that stand on each
     * @param  string  $opens  one of tap, pull and slide
     * @param  array{int|float, int|float, int|float, int|float}  $room  x, y, width and height they may take, in units
     *     of a stage
     */
    public static function of(array $cards, string $opens, array $room = self::ROOM): self
    {
        $best = null;
        // Of none there is one cell, and nobody in it.
        foreach (range(1, max(1, min(count($cards), 14))) as $columns) {
            [$width, $height] = self::cell(count($cards), $columns, $room);
            $type = self::typeIn($cards, self::PARTS[$opens][0] * $width, $height);
            $shape = abs(log($width / max(1, $height) / self::PARTS[$opens][1]));
            $worth = [self::SIZES[$type ?? 'small'] * ($type === null ? 0 : 1), -$shape];
            if ($best === null || $worth > $best[0]) {
                $best = [$worth, $columns, $type ?? 'small'];
            }
        }
        [, $columns, $size] = $best;

        return new self(self::boxes(count($cards), $columns, $opens, $room), $size);
    }

    /**
     * @param  array{int|float, int|float, int|float, int|float}  $room
     * @return array{float, float} width and height of a cell
     */
    private static function cell(int $count, int $columns, array $room): array
    {
        $rows = max(1, (int) ceil($count / $columns));

        return [
            ($room[2] - self::GAP * ($columns - 1)) / $columns,
            ($room[3] - self::GAP * ($rows - 1)) / $rows,
        ];
    }

    /**
     * The largest type in which all words fit; null for none.
     *
     * @param  list<list<string>>  $cards
     */
    private static function typeIn(array $cards, float $width, float $height): ?string
    {
        [$width, $height] = [$width - self::INSET, $height - self::INSET];
        foreach (self::SIZES as $name => $type) {
            $isTooLong = static fn (string $words): bool => ! self::fits($words, $type, $width, $height);
            if (array_filter(array_merge(...$cards), $isTooLong) === []) {
                return $name;
            }
        }

        return null;
    }

    private static function fits(string $words, int $type, float $width, float $height): bool
    {
        $letters = max(1, (int) floor($width / ($type * self::LETTER)));
        $longest = max(0, ...array_map(mb_strlen(...), preg_split('/\s+/u', $words) ?: []));
        $lines = count(explode("\n", wordwrap(self::plain($words), $letters)));

        return $longest <= $letters && $lines * $type * self::LINE <= $height;
    }

    /** A letter each, whatever it takes to write it. */
    private static function plain(string $words): string
    {
        return (string) preg_replace('/[^\x00-\x7F]/u', 'x', $words);
    }

    /**
     * @param  array{int|float, int|float, int|float, int|float}  $room
     * @return list<array{int, int, int, int}>
     */
    private static function boxes(int $count, int $columns, string $opens, array $room): array
    {
        [$width, $height] = self::cell($count, $columns, $room);
        // A cover that is pulled out needs as much room again.
        $own = $opens === 'pull' ? ($width - self::GAP / 2) / 2 : $width;

        return array_map(static fn (int $place): array => array_map(
            static fn (float $side): int => (int) floor($side),
            [
                $room[0] + ($place % $columns) * ($width + self::GAP),
                $room[1] + intdiv($place, $columns) * ($height + self::GAP),
                $own,
                $height,
            ],
        ), range(0, max(0, $count - 1)));
    }
}
