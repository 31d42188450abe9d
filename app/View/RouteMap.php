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
            $place = $rows->places[$scene->id];
            [$x, $y] = self::point($place, $rows);
            $line = ($lines[$scene->chapter ?? ''] ?? 0) % 5;
            $stations[$scene->id] = ['x' => $x, 'y' => $y, 'line' => $line, 'ending' => $scene->ending !== null];
            $lineAt["{$x} {$y}"] = $line;
        }
        $tracks = [];
        foreach ($rows->routes as $route) {
            $points = array_map(static fn (array $place): array => self::point($place, $rows), $route);
            $tracks[] = ['path' => self::path($points), 'line' => $lineAt[implode(' ', $points[0])] ?? 0];
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
     * From column to column: level, then slanting at 45° where there is room.
     *
     * @param  list<array{float, float}>  $points
     */
    private static function path(array $points): string
    {
        [$x, $y] = $points[0];
        $path = "M{$x} {$y}";
        foreach (array_slice($points, 1) as [$toX, $toY]) {
            $run = $toX - $x;
            $slant = min(abs($toY - $y), $run);
            $turn = round($x + ($run - $slant) / 2, 1);
            $path .=
                $slant < 1 ? "L{$toX} {$toY}" : "L{$turn} {$y}L".round($turn + $slant, 1)." {$toY}L{$toX} {$toY}";
            [$x, $y] = [$toX, $toY];
        }

        return $path;
    }
}
