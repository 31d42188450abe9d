<?php

declare(strict_types=1);

namespace App\View;

use Fravel\Document\GameDocument;
use Fravel\Document\Ways;

/**
 * Where the scenes of a game stand in its miniature: columns by the fewest routes from the start, so that every way
 * forward leads into the next one, and rows so that few tracks cross (Sugiyama, Tagawa, Toda 1981: by the middle of the
 * neighbours).
 *
 * @phpstan-type Place array{column: int, row: float}
 */
final readonly class RouteRows
{
    /** Sweeps forth and back through the columns; more change next to nothing. */
    private const SWEEPS = 4;

    /**
     * @param  array<string, Place>  $places  by scene
     * @param  list<array{Place, Place}>  $routes  the ways forward, each once
     * @param  int  $columns  how many there are
     * @param  int  $rows  in the tallest of them
     */
    private function __construct(public array $places, public array $routes, public int $columns, public int $rows)
    {
    }

    public static function of(GameDocument $game): self
    {
        // On a map a stop is a place on its film's stretch of track.
        $homes = array_column($game->films()->ways(), 0, 1);
        $scenes = array_values(array_diff($game->sceneIds(), array_keys($homes)));
        $ways = self::folded(Ways::in($game), $homes);
        $columns = self::columns($game->start(), $scenes, $ways);
        $forward = array_values(array_filter(
            $ways,
            static fn (array $way): bool => ($columns[$way[1]] ?? -1) === ($columns[$way[0]] ?? INF) + 1,
        ));
        $ordered = self::ordered(self::filled($columns), $forward);
        $tallest = max([1, ...array_map(count(...), $ordered)]);
        $places = self::placed($ordered, $tallest);
        $routes = array_map(static fn (array $way): array => [$places[$way[0]], $places[$way[1]]], $forward);

        return new self($places, $routes, count($ordered), $tallest);
    }

    /**
     * @param  list<array{string, string}>  $ways
     * @param  array<string, string>  $homes  stop → the scene of its film
     * @return list<array{string, string}> each once, those to and from a stop by way of its film
     */
    private static function folded(array $ways, array $homes): array
    {
        $folded = [];
        foreach ($ways as [$from, $to]) {
            [$from, $to] = [$homes[$from] ?? $from, $homes[$to] ?? $to];
            if ($from !== $to) {
                $folded["{$from} {$to}"] = [$from, $to];
            }
        }

        return array_values($folded);
    }

    /**
     * @param  list<string>  $scenes
     * @param  list<array{string, string}>  $ways
     * @return array<string, int> scene → column; what no route leads to stands before what it leads to, and endings
     *     last
     */
    private static function columns(string $start, array $scenes, array $ways): array
    {
        $next = [];
        foreach ($ways as [$from, $to]) {
            $next[$from][] = $to;
        }
        $columns = [$start => 0];
        for ($queue = [$start]; $queue !== [];) {
            $scene = array_shift($queue);
            foreach ($next[$scene] ?? [] as $to) {
                if (! isset($columns[$to])) {
                    $columns[$to] = $columns[$scene] + 1;
                    $queue[] = $to;
                }
            }
        }
        $last = max(1, ...array_values($columns));
        foreach (array_diff($scenes, array_keys($columns)) as $scene) {
            $ahead = array_filter(
                array_map(static fn (string $to): ?int => $columns[$to] ?? null, $next[$scene] ?? []),
            );
            $columns[$scene] = $ahead === [] ? $last : max(1, min($ahead) - 1);
        }

        return array_intersect_key($columns, array_flip($scenes));
    }

    /**
     * @param  array<string, int>  $columns
     * @return array<int, list<string>> column → the scenes in it
     */
    private static function filled(array $columns): array
    {
        $filled = array_fill(0, max([0, ...array_values($columns)]) + 1, []);
        foreach ($columns as $scene => $column) {
            $filled[$column][] = (string) $scene;
        }

        return $filled;
    }

    /**
     * @param  array<int, list<string>>  $filled
     * @param  list<array{string, string}>  $ways  each from one column into the next
     * @return array<int, list<string>>
     */
    private static function ordered(array $filled, array $ways): array
    {
        [$before, $after] = [[], []];
        foreach ($ways as [$from, $to]) {
            $before[$to][] = $from;
            $after[$from][] = $to;
        }
        for ($sweep = 0; $sweep < self::SWEEPS; $sweep++) {
            $isForth = $sweep % 2 === 0;
            $order = $isForth ? array_keys($filled) : array_reverse(array_keys($filled));
            foreach (array_slice($order, 1) as $at => $column) {
                $rows = self::middles($filled[$order[$at]]);
                $filled[$column] = self::byNeighbours($filled[$column], $isForth ? $before : $after, $rows);
            }
        }

        return $filled;
    }

    /**
     * @param  list<string>  $column
     * @return array<string, float> how far from the middle of the column each stands
     */
    private static function middles(array $column): array
    {
        $middle = (count($column) - 1) / 2;

        return array_combine($column, array_map(static fn (int $row): float => $row - $middle, array_keys($column)));
    }

    /**
     * @param  list<string>  $column
     * @param  array<string, list<string>>  $neighbours
     * @param  array<string, float>  $rows  of the column beside it
     * @return list<string>
     */
    private static function byNeighbours(array $column, array $neighbours, array $rows): array
    {
        $weights = self::middles($column);
        foreach ($column as $key) {
            $near = array_intersect_key($rows, array_flip($neighbours[$key] ?? []));
            $weights[$key] = $near === [] ? $weights[$key] : array_sum($near) / count($near);
        }
        asort($weights);

        return array_map(strval(...), array_keys($weights));
    }

    /**
     * @param  array<int, list<string>>  $ordered
     * @return array<string, Place>
     */
    private static function placed(array $ordered, int $tallest): array
    {
        $places = [];
        foreach ($ordered as $column => $keys) {
            $first = ($tallest - count($keys)) / 2;
            foreach ($keys as $row => $key) {
                $places[$key] = ['column' => $column, 'row' => $row + $first];
            }
        }

        return $places;
    }
}
