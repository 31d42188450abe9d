<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Tests\Support\Games;

/** What MadeUpKindsTest is about: games, and ways to ask. */
final class MadeUpKindsCases
{
    /** @return array<string, mixed> a bell gives a coin, swapped for a key behind a dial; a hint lets in too */
    public static function bellGame(): array
    {
        return Games::document([
            ['id' => 'yard', 'things' => [
                [
                    'id' => 'bell', 'kind' => 'bell', 'md' => 'Ring',
                    'rung' => [['say' => 'Dong.', 'do' => [['give' => 'coin']]]],
                ],
                [
                    'input' => ['type' => 'dial'],
                    'rules' => [[
                        'match' => ['equals' => '7'], 'verdict' => 'open', 'do' => [['swap' => 'coin', 'for' => 'key']],
                    ]],
                    'hints' => [['md' => 'Lucky.']],
                ] + Games::lock('clock', ''),
                [
                    'input' => ['type' => 'text'],
                    'rules' => [['match' => ['palindrome' => true], 'verdict' => 'open', 'go' => 'hall']],
                    'needs' => ['has' => 'key'],
                ] + Games::lock('mirror', ''),
            ]],
            [
                'id' => 'hall',
                'things' => [
                    ['if' => ['hinted' => 'clock']] + Games::choice('on', ['go' => 'end']),
                    Games::choice('return', ['go' => 'yard']),
                ],
            ],
            ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
        ], [
            'tokens' => [
                ['id' => 'coin', 'name' => 'Coin', 'kind' => 'item'],
                ['id' => 'key', 'name' => 'Key', 'kind' => 'item'],
            ],
        ]);
    }
}
