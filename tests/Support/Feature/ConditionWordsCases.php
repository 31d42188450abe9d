<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Game;
use App\Workshop\Names;

/** What ConditionWordsTest is about: games, and ways to ask. */
final class ConditionWordsCases
{
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
            ]]],
        ];
    }
}
