<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Game;
use App\Workshop\Names;

/** What ConditionWordsTest is about: games, and ways to ask. */
final class ConditionWordsCases
{
    /** @return list<array<string, mixed>> a condition of each kind that the workshop can write, with all its fields */
    public static function full(): array
    {
        return [
            ['has' => 'lens'], ['hasOf' => ['lens', 'wick'], 'atLeast' => 2], ['open' => 'door'],
            ['openOf' => ['door', 'chest'], 'atLeast' => 2], ['firstTry' => ['door', 'chest'], 'atLeast' => 2],
            ['visited' => 'quay'], ['lifted' => 'flag'], ['liftedOf' => ['flag', 'sail'], 'atLeast' => 2],
            ['tally' => 'bold', 'is' => '<', 'value' => 3], ['tries' => 'door', 'is' => '!=', 'value' => 2],
            ['minutes' => 10, 'is' => '<'], ['leads' => 'bold', 'among' => ['bold', 'calm'], 'ties' => 'all'],
            ['tied' => ['bold', 'calm']], ['found' => 'board'], ['not' => ['has' => 'lens']],
        ];
    }

    /** @return array<string, mixed> a game that has one of everything a condition names */
    public static function namedParts(): array
    {
        return [
            'fravel' => 1, 'title' => 'Named', 'language' => 'en', 'start' => 'quay',
            'tokens' => [
                ['id' => 'lens', 'name' => 'Lens', 'kind' => 'item'],
                ['id' => 'wick', 'name' => 'Wick', 'kind' => 'item'],
            ],
            'tallies' => [
                ['id' => 'bold', 'name' => 'Bold', 'start' => 0], ['id' => 'calm', 'name' => 'Calm', 'start' => 0],
            ],
            'scenes' => [['id' => 'quay', 'title' => 'The quay', 'layout' => 'page', 'things' => [
                [
                    'id' => 'door', 'kind' => 'lock', 'label' => 'Door', 'ask' => 'Which word?',
                    'input' => ['type' => 'options', 'options' => [['id' => 'opt', 'md' => '**Lamp**']]], 'rules' => [],
                ],
                [
                    'id' => 'chest', 'kind' => 'lock', 'ask' => 'Which   number?', 'input' => ['type' => 'text'],
                    'rules' => [],
                ],
                ['id' => 'flag', 'kind' => 'cover', 'label' => 'The flag', 'front' => [], 'back' => []],
                ['id' => 'sail', 'kind' => 'cover', 'label' => 'The sail', 'front' => [], 'back' => []],
                ['id' => 'board', 'kind' => 'find', 'label' => 'The board', 'boxes' => []],
            ]]],
        ];
    }
}
