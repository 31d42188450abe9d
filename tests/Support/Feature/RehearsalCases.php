<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Game;

/** What RehearsalTest is about: games, and ways to ask. */
final class RehearsalCases
{
    /** A game of a door that opens on a word and gives a key; a box shows only to those who hold it. */
    public static function doorGame(): Game
    {
        $document = ['fravel' => 1, 'title' => 'Door', 'language' => 'en', 'start' => 'hall', 'tokens' => [[
            'id' => 'key', 'name' => 'Iron key', 'kind' => 'item',
        ]], 'tallies' => [[
            'id' => 'points', 'name' => 'Points', 'start' => 0, 'shown' => true,
        ]], 'scenes' => [
            ['id' => 'hall', 'title' => 'Hall', 'layout' => 'page', 'things' => [
                [
                    'id' => 'door', 'kind' => 'lock', 'label' => 'Door', 'ask' => 'Say the word',
                    'input' => ['type' => 'text'], 'guard' => ['tries' => 1, 'wait' => 60],
                    'rules' => [[
                        'match' => ['equals' => ['lamp']], 'verdict' => 'open', 'do' => [['give' => 'key']],
                        'go' => 'room',
                    ]],
                    'otherwise' => [],
                ],
                [
                    'id' => 'box', 'kind' => 'choice', 'look' => 'button', 'md' => 'The box', 'if' => ['has' => 'key'],
                    'react' => [['go' => 'room']],
                ],
            ]],
            [
                'id' => 'room', 'title' => 'Room', 'layout' => 'page',
                'things' => [[
                    'id' => 'out', 'kind' => 'choice', 'look' => 'button', 'md' => 'Out', 'react' => [['go' => 'end']],
                ]],
            ],
            [
                'id' => 'end', 'title' => 'End', 'layout' => 'page', 'things' => [],
                'ending' => ['kind' => 'won', 'md' => 'Done.'],
            ],
        ]];
        $game = Game::factory()->create(['document' => json_encode($document)]);
        test()->actingAs($game->user);

        return $game;
    }

    /** @param  array<string, mixed>  $fields */
    public static function rehearse(Game $game, array $fields): \Illuminate\Testing\TestResponse
    {
        return test()->post("/games/{$game->id}/rehearsal", $fields);
    }
}
