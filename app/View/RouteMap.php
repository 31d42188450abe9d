<?php

declare(strict_types=1);

namespace App\View;

use Fravel\Document\GameDocument;
use Fravel\Document\Ways;

/**
 * A game's map in miniature, drawn from its document: columns by the fewest routes from the start, rows in the order in
 * which a column fills. Units are those of a 300 × 84 picture.
 */
final readonly class RouteMap
{
    private const WIDTH = 300;

    private const HEIGHT = 84;

    private const RIM = 16;

    /**
     * @param  array<string, array{x: float, y: float, line: int, ending: bool}>  $stations
     * @param  list<array{path: string, line: int}>  $tracks
     */
    private function __construct(public array $stations, public array $tracks)
    {
    }

    public static function of(GameDocument $game): self
    {
        $routes = Ways::in($game);
        $columns = self::columns($game, $routes);
        $stations = self::placed($game, $columns);
        $tracks = [];
        foreach ($routes as [$from, $to]) {
            if (isset($stations[$from], $stations[$to]) && $from !== $to) {
                $tracks[] = ['path' => self::path($stations[$from], $stations[$to]), 'line' => $stations[$from]['line']];
            }
        }

        return new self($stations, $tracks);
    }

    /**
     * @param  list<array{string, string}>  $routes
     * @return array<string, int> scene → column; what no route leads to stands in the first
     */
    private static function columns(GameDocument $game, array $routes): array
    {
        $columns = [$game->start() => 0];
        $queue = [$game->start()];
        $next = [];
        foreach ($routes as [$from, $to]) {
            $next[$from][] = $to;
        }
        while ($queue !== []) {
            $scene = array_shift($queue);
            foreach ($next[$scene] ?? [] as $to) {
                if (! isset($columns[$to])) {
                    $columns[$to] = $columns[$scene] + 1;
                    $queue[] = $to;
                }
            }
        }

        return $columns + array_fill_keys($game->sceneIds(), 0);
    }

    /**
     * @param  array<string, int>  $columns
     * @return array<string, array{x: float, y: float, line: int, ending: bool}>
     */
    private static function placed(GameDocument $game, array $columns): array
    {
        $lines = array_flip(array_keys($game->chapters()));
        $heights = array_count_values($columns);
        [$last, $tallest, $filled, $stations] = [max([1, ...array_values($columns)]), max([1, ...array_values($heights)]), [], []];
        foreach ($game->scenes() as $scene) {
            $column = $columns[$scene->id] ?? 0;
            $row = $filled[$column] = ($filled[$column] ?? -1) + 1;
            $middle = ($tallest - $heights[$column]) / 2;
            $stations[$scene->id] = [
                'x' => round(self::RIM + $column * (self::WIDTH - 2 * self::RIM) / $last, 1),
                'y' => round(self::RIM + ($tallest === 1 ? 0.5 : ($row + $middle) / ($tallest - 1)) * (self::HEIGHT - 2 * self::RIM), 1),
                'line' => ($lines[$scene->chapter ?? ''] ?? 0) % 5,
                'ending' => $scene->ending !== null,
            ];
        }

        return $stations;
    }

    /**
     * Level, then slanting at 45° where there is room.
     *
     * @param  array{x: float, y: float, line: int, ending: bool}  $from
     * @param  array{x: float, y: float, line: int, ending: bool}  $to
     */
    private static function path(array $from, array $to): string
    {
        $rise = abs($to['y'] - $from['y']);
        $run = $to['x'] - $from['x'];
        if ($rise < 1 || $run <= 0) {
            return "M{$from['x']} {$from['y']}L{$to['x']} {$to['y']}";
        }
        $slant = min($rise, $run);
        $turn = round($from['x'] + ($run - $slant) / 2, 1);
        $end = round($turn + $slant, 1);

        return "M{$from['x']} {$from['y']}L{$turn} {$from['y']}L{$end} {$to['y']}L{$to['x']} {$to['y']}";
    }
}
