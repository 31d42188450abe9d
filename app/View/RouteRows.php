<?php

declare(strict_types=1);

namespace App\View;

use Fravel\Document\GameDocument;
use Fravel\Document\Ways;

/**
 * Where the scenes of a game stand in its miniature: columns by the fewest routes from the start, and rows so that few
 * tracks cross. A route that passes columns has a place of its own in each of them, so that it passes beside the
 * stations there (Sugiyama, Tagawa, Toda 1981: layers, places for what passes, ordering by the middle of the
 * neighbours).
 *
 * @phpstan-type Place array{column: int, row: float}
 */
final readonly class RouteRows
{
    /** Sweeps forth and back through the columns; more change next to nothing. */
    private const SWEEPS = 4;

    /** In larger games only the fewest routes to each scene are drawn: more would be a blot. */
    private const LARGE = 120;

    /**
     * @param  array<string, Place>  $places  by scene
     * @param  list<list<Place>>  $routes  the places each runs through, from the left to the right
     * @param  int  $columns  how many there are
     * @param  int  $rows  in the tallest of them
     */
    private function __construct(public array $places, public array $routes, public int $columns, public int $rows)
    {
    }

    public static function of(GameDocument $game): self
    {
        $ways = Ways::in($game);
        $columns = self::columns($game, $ways);
        $chains = [];
        foreach ($ways as [$from, $to]) {
            $span = ($columns[$to] ?? 0) - ($columns[$from] ?? 0);
            if ($span === 1 || ($span > 1 && count($columns) < self::LARGE)) {
                $chains["{$from}>{$to}"] = self::chain($from, $to, $columns[$from], $span);
            }
        }
        $ordered = self::ordered(self::filled($columns, $chains), $chains);
        $tallest = max([1, ...array_map(count(...), $ordered)]);
        $places = self::placed($ordered, $tallest);
        $routes = array_map(
            static fn (array $chain): array => array_map(
                static fn (string $key): array => $places[$key],
                array_keys($chain),
            ),
            $chains,
        );

        return new self(array_intersect_key($places, $columns), array_values($routes), count($ordered), $tallest);
    }

    /**
     * @param  list<array{string, string}>  $ways
     * @return array<string, int> scene → column; what no route leads to stands before what it leads to, and endings
     *     last
     */
    private static function columns(GameDocument $game, array $ways): array
    {
        $next = [];
        foreach ($ways as [$from, $to]) {
            $next[$from][] = $to;
        }
        $columns = [$game->start() => 0];
        for ($queue = [$game->start()]; $queue !== [];) {
            $scene = array_shift($queue);
            foreach ($next[$scene] ?? [] as $to) {
                if (! isset($columns[$to])) {
                    $columns[$to] = $columns[$scene] + 1;
                    $queue[] = $to;
                }
            }
        }
        $last = max(1, ...array_values($columns));
        foreach (array_diff($game->sceneIds(), array_keys($columns)) as $scene) {
            $ahead = array_filter(
                array_map(static fn (string $to): ?int => $columns[$to] ?? null, $next[$scene] ?? []),
            );
            $columns[$scene] = $ahead === [] ? $last : max(1, min($ahead) - 1);
        }

        return array_intersect_key($columns, array_flip($game->sceneIds()));
    }

    /** @return array<string, int> what a route runs through → column; keys of what it passes are no scenes */
    private static function chain(string $from, string $to, int $column, int $span): array
    {
        $chain = [$from => $column];
        for ($step = 1; $step < $span; $step++) {
            $chain["{$from}>{$to}>{$step}"] = $column + $step;
        }

        return $chain + [$to => $column + $span];
    }

    /**
     * @param  array<string, int>  $columns
     * @param  array<string, array<string, int>>  $chains
     * @return array<int, list<string>> column → what stands in it
     */
    private static function filled(array $columns, array $chains): array
    {
        $filled = array_fill(0, max([0, ...array_values($columns)]) + 1, []);
        foreach ($columns + array_merge(...array_values($chains)) as $key => $column) {
            $filled[$column][] = (string) $key;
        }

        return $filled;
    }

    /**
     * @param  array<int, list<string>>  $filled
     * @param  array<string, array<string, int>>  $chains
     * @return array<int, list<string>>
     */
    private static function ordered(array $filled, array $chains): array
    {
        [$before, $after] = [[], []];
        foreach ($chains as $chain) {
            $keys = array_keys($chain);
            foreach (array_slice($keys, 1) as $place => $key) {
                $before[$key][] = $keys[$place];
                $after[$keys[$place]][] = $key;
            }
        }
        for ($sweep = 0; $sweep < self::SWEEPS; $sweep++) {
            [$neighbours, $way] =
                $sweep % 2 === 0 ? [$before, array_keys($filled)] : [$after, array_reverse(array_keys($filled))];
            foreach ($way as $at => $column) {
                $rows = $at === 0 ? [] : self::middles($filled[$way[$at - 1]]);
                $filled[$column] = self::byNeighbours($filled[$column], $neighbours, $rows);
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
