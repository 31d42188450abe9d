<?php

declare(strict_types=1);

namespace App\View;

use Fravel\Document\GameDocument;

/**
 * A game's map in miniature, drawn from its document: the ways forward, in the colours of their chapters. Units are
 * those of a 300 × 84 picture.
 *
 * @phpstan-import-type Place from RouteRows
 */
final readonly class RouteMap
{
    private const WIDTH = 300;

    private const HEIGHT = 84;

    private const RIM = 16;

    /**
     * @param  array<string, array{x: float, y: float, line: int, ending: bool}>  $stations
     * @param  list<array{path: string, line: int}>  $tracks
     * @param  float  $radius  of a station; smaller where they stand close
     */
    private function __construct(public array $stations, public array $tracks, public float $radius)
    {
    }

    public static function of(GameDocument $game): self
    {
        $rows = RouteRows::of($game);
        $lines = array_flip(array_keys($game->chapters()));
        $stations = $lineAt = [];
        foreach ($game->scenes() as $scene) {
            $place = $rows->places[$scene->id] ?? null;
            if ($place === null) {
                continue;
            }
            [$x, $y] = self::point($place, $rows);
            $line = ($lines[$scene->chapter ?? ''] ?? 0) % 5;
            $stations[$scene->id] = ['x' => $x, 'y' => $y, 'line' => $line, 'ending' => $scene->ending !== null];
            $lineAt["{$x} {$y}"] = $line;
        }
        $tracks = [];
        foreach ($rows->routes as [$from, $to]) {
            [$start, $end] = [self::point($from, $rows), self::point($to, $rows)];
            $tracks[] = ['path' => self::path($start, $end), 'line' => $lineAt[implode(' ', $start)]];
        }

        return new self($stations, $tracks, self::radius($rows));
    }

    private static function radius(RouteRows $rows): float
    {
        $apart = min(
            (self::WIDTH - 2 * self::RIM) / max(1, $rows->columns - 1),
            (self::HEIGHT - 2 * self::RIM) / max(1, $rows->rows - 1),
        );

        return round(min(5, max(1.6, 0.36 * $apart)), 1);
    }

    /**
     * @param  Place  $place
     * @return array{float, float}
     */
    private static function point(array $place, RouteRows $rows): array
    {
        $across = (self::WIDTH - 2 * self::RIM) / max(1, $rows->columns - 1);
        $down = $rows->rows === 1 ? 0.5 : $place['row'] / ($rows->rows - 1);

        return [
            round(self::RIM + $place['column'] * $across, 1),
            round(self::RIM + $down * (self::HEIGHT - 2 * self::RIM), 1),
        ];
    }

    /**
     * Level, then slanting at 45° where there is room.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function path(array $from, array $to): string
    {
        [[$x, $y], [$toX, $toY]] = [$from, $to];
        $run = $toX - $x;
        $slant = min(abs($toY - $y), $run);
        $turn = round($x + ($run - $slant) / 2, 1);
        $level = $slant < 1 ? '' : "L{$turn} {$y}L".round($turn + $slant, 1)." {$toY}";

        return "M{$x} {$y}{$level}L{$toX} {$toY}";
    }
}
