<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Fravel\Document\Ways;
use Tests\Support\Games;
use Tests\Support\Scripts;

/** What WalkMirrorTest is about: games, and ways to ask. */
final class WalkMirrorCases
{
    /** @return array<string, mixed> ways of every kind out of a film room */
    public static function filmGame(): array
    {
        return Games::document([
            ['id' => 'lobby', 'chapter' => 'c', 'things' => [Games::choice('in', ['go' => 'film'])]],
            ['id' => 'film', 'chapter' => 'c', 'needs' => [
                'has' => 'ticket',
            ], 'refused' => [['go' => 'booth']], 'things' => [
                [
                    'id' => 'clip', 'kind' => 'clip',
                    'cues' => [[
                        'id' => 'cue', 'at' => 30, 'react' => [['go' => 'roof']],
                        'things' => [Games::choice('inner', ['go' => 'yard'])],
                    ]],
                ],
                ['opened' => [['go' => 'attic']]] + Games::lock('door', 'x'),
                Games::choice('again', ['go' => '@chapter']), Games::choice('start', ['go' => '@start']),
                Games::choice('back', ['go' => '@back']), Games::choice('stay', ['go' => '@stay']),
                Games::choice('open', ['go' => '']),
            ]],
            ...array_map(static fn (string $id): array => ['id' => $id], ['booth', 'roof', 'yard', 'attic']),
        ], [
            'chapters' => [['id' => 'c', 'title' => 'C', 'start' => 'film']],
            'tokens' => [['id' => 'ticket', 'name' => 'Ticket', 'kind' => 'item']],
        ]);
    }

    /** @return list<array{string, string}> as the workshop finds them, each pair once */
    public static function waysInScripts(array $document): array
    {
        $ways = Scripts::run(
            'workshop/editor/ways.js', 'module.routesIn(input).map(({ from, to }) => [from, to])', $document,
        );

        return array_values(
            array_unique(array_filter($ways, static fn (array $way): bool => $way[1] !== '@back'), SORT_REGULAR),
        );
    }
}
