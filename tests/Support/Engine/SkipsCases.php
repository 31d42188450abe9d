<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Tests\Support\Games;

/** What SkipsTest is about: games, and ways to ask. */
final class SkipsCases
{
    /** @return list<Finding> */
    public static function foundOf(string $code, GameDocument $game): array
    {
        return array_values(
            array_filter(
                Check::of($game, 5000)->findings, static fn (Finding $finding): bool => $finding->code === $code,
            ),
        );
    }

    /** @param  list<array<string, mixed>>  $beside  things beside a lock that leads to b */
    public static function lockWith(array $beside, array $opening = [], array $scenes = []): GameDocument
    {
        return Games::of([
            ['id' => 'a', 'things' => [Games::choice('in', ['go' => 'room'])]],
            ['id' => 'room', 'things' => [Games::lock('door', 'x', [], $opening + ['go' => 'b']), ...$beside]],
            [
                'id' => 'b',
                'things' => [
                    Games::choice('out', ['go' => 'end']),
                    ...($scenes === [] ? [] : [Games::choice('vault', ['go' => 'c'])]),
                ],
            ],
            ...$scenes,
            ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
        ], ['tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]]);
    }
}
