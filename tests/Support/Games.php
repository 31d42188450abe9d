<?php

declare(strict_types=1);

namespace Tests\Support;

use Fravel\Document\GameDocument;

/** Small games for tests, written as documents. */
final class Games
{
    /**
     * A page game of these scenes, beginning in the first.
     *
     * @param  list<array<string, mixed>>  $scenes
     * @param  array<string, mixed>  $more  fields of the game
     */
    public static function of(array $scenes, array $more = []): GameDocument
    {
        return GameDocument::of(self::document($scenes, $more));
    }

    /**
     * @param  list<array<string, mixed>>  $scenes
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function document(array $scenes, array $more = []): array
    {
        $scenes = array_map(
            static fn (array $scene): array => $scene + [
                'title' => ucfirst((string) $scene['id']), 'layout' => 'page', 'things' => [],
            ],
            $scenes,
        );

        return $more + [
            'fravel' => 1, 'title' => 'A test game', 'language' => 'en', 'start' => $scenes[0]['id'], 'chapters' => [],
            'tokens' => [], 'tallies' => [], 'assets' => [], 'scenes' => $scenes,
        ];
    }

    /**
     * @param  array<string, mixed>|list<array<string, mixed>>  $react
     * @return array<string, mixed>
     */
    public static function choice(string $id, array $react): array
    {
        return ['id' => $id, 'kind' => 'choice', 'look' => 'button', 'md' => ucfirst($id), 'react' => $react];
    }

    /**
     * A lock for words that opens on one.
     *
     * @param  array<string, mixed>  $more
     * @param  array<string, mixed>  $opening  fields of the rule that opens
     * @return array<string, mixed>
     */
    public static function lock(string $id, string $answer, array $more = [], array $opening = []): array
    {
        return $more + [
            'id' => $id, 'kind' => 'lock', 'label' => ucfirst($id), 'ask' => "What opens {$id}?",
            'input' => ['type' => 'text'],
            'rules' => [$opening + ['match' => ['equals' => [$answer]], 'verdict' => 'open', 'say' => 'It opens.']],
            'otherwise' => [['say' => 'It stays shut.']],
        ];
    }

    /** @return array<string, mixed> a hall with a guarded lock, a store behind it, and an ending */
    public static function twoRooms(): array
    {
        return self::document([
            ['id' => 'hall', 'things' => [
                ['id' => 'greeting', 'kind' => 'text', 'md' => 'A cold hall.'],
                self::lock('door', 'gannet', [
                    'hints' => [[
                        'md' => 'It dives for fish.', 'after' => ['tries' => 'door', 'is' => '>=', 'value' => 1],
                    ]],
                    'guard' => ['tries' => 3, 'wait' => 30],
                ], ['go' => 'store', 'do' => [['give' => 'lamp']]]),
            ]],
            [
                'id' => 'store',
                'things' => [self::choice('leave', ['go' => 'end']), self::choice('return', ['go' => '@back'])],
            ],
            ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => 'Done.']],
        ], ['title' => 'Two rooms', 'tokens' => [['id' => 'lamp', 'name' => 'Lamp', 'kind' => 'item']]]);
    }
}
