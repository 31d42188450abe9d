<?php

use App\Models\Game;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Fravel\Support\Json;
use Tests\Support\Games;

it('tells whoever takes the class every answer, what is said, hints, ways and minutes', function (): void {
    $game = Game::factory()->create(['document' => Json::write(
        ['about' => ['minutes' => 20]] + Games::document([
            ['id' => 'hall', 'title' => 'The hall', 'chapter' => 'c', 'things' => [Games::lock('door', 'gannet', [
                'hints' => [['md' => 'It dives.']], 'needs' => ['has' => 'lamp'],
            ], ['go' => 'end'])]],
            ['id' => 'end', 'title' => 'Out', 'things' => [], 'ending' => ['kind' => 'won', 'md' => '']],
        ], ['chapters' => [['id' => 'c', 'title' => 'The quay']], 'tokens' => [['id' => 'lamp', 'name' => 'Lamp']]]),
    )]);

    $this->actingAs($game->user)->get(route('games.key', $game))->assertOk()->assertSeeInOrder([
        'Answer key', '20 minutes', 'The quay', 'about 16 minutes', 'The hall', 'Out', 'Door', 'What opens door?',
        'the student holds Lamp', 'exactly gannet', 'Out', 'It opens.', 'anything else', 'It stays shut.', 'It dives.',
        'You are through',
    ]);
});

it('names pictures that are pressed, and every kind of answer of the demo games', function (): void {
    $game = Game::factory()->create(['document' => Json::write(DemoSeeder::document('lamp-room-workbench'))]);

    $this->actingAs($game->user)->get(route('games.key', $game))->assertOk()
        ->assertSee('Moon, Star, Boat, in this order')->assertSee('exactly 1824')->assertSee('the number 3704');
});

it('tells units, and what stands under covers and answers a prompt', function (): void {
    $cover = static fn (int $at): array => [
        'id' => "c{$at}", 'kind' => 'cover', 'front' => ['md' => "Front {$at}"], 'back' => ['md' => "Back {$at}"],
        'opens' => 'tap',
    ];
    $game = Game::factory()->create(['document' => Json::write(Games::document([
        ['id' => 'hall', 'things' => [
            Games::lock('tide', '', ['input' => ['type' => 'number', 'unit' => 'm'], 'rules' => [
                ['match' => ['number' => 4, 'unit' => 'm', 'within' => 0.5], 'verdict' => 'open'],
            ]]),
            ...array_map($cover, range(1, 12)),
            ['id' => 'f', 'kind' => 'find', 'boxes' => [['id' => 'b', 'ask' => 'It dives', 'md' => 'Gannet']]],
        ]],
    ]))]);

    $this->actingAs($game->user)->get(route('games.key', $game))->assertSee('the number 4 m ± 0.5')
        ->assertSee('Front 12')->assertSee('Back 12')->assertSeeInOrder(['It dives', 'Gannet']);
});

it('shows the answers to nobody but the teacher whose game it is', function (): void {
    $game = Game::factory()->create(['document' => Json::write(Games::twoRooms())]);

    $this->get(route('games.key', $game))->assertRedirect(route('login'));
    $this->actingAs(User::factory()->create())->get(route('games.key', $game))->assertForbidden();
});

it('tells it of a game that says anything of itself, or nothing', function (mixed $about): void {
    $game = Game::factory()->create(['document' => Json::write(['about' => $about] + Games::twoRooms())]);

    $this->actingAs($game->user)->get(route('games.key', $game))->assertOk()->assertSee('exactly gannet');
})->with([[[]], [new stdClass], ['x'], [5], [['minutes' => 'x']], [['minutes' => []]]]);
