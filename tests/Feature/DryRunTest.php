<?php

use App\Models\Game;
use Database\Seeders\DemoSeeder;
use Fravel\Support\Json;
use Tests\Support\Games;

it('dry-runs a draft with a made-up class and says that it is an estimate', function (): void {
    $game = Game::factory()->create(['document' => Json::write(DemoSeeder::document('dark-lamp'))]);
    $this->actingAs($game->user)->get("/games/{$game->id}/runs/new")->assertSee('made-up class');
    $page = $this->get("/games/{$game->id}/dry-run")->assertOk()->assertSeeInOrder([
        'This is an estimate.', 'From start to end', 'Through within 45 minutes', '/ 30', 'Where they may get stuck',
        'What it assumes', 'They read 150 words a minute',
    ]);
    $hurried = $this->get("/games/{$game->id}/dry-run?minutes=2")->assertSee('Through within 2 minutes')
        ->assertSee('>0 / 30<', false);
    expect($hurried->content())->not->toBe($page->content())
        ->and($this->get("/games/{$game->id}/dry-run")->content())->toBe($page->content())
        ->and($game->runs()->count())->toBe(0);
});

it('dry-runs a draft in which there is nothing to play, or no end', function (array $scenes, string $words): void {
    $game = Game::factory()->create(['document' => Json::write(Games::document($scenes))]);
    $this->actingAs($game->user)->get("/games/{$game->id}/dry-run")->assertOk()->assertSee($words);
})->with([
    'nothing' => [[['id' => 'a', 'things' => []]], 'There is nothing to play yet'],
    'no end' => [[['id' => 'a', 'things' => [Games::lock('door', 'gannet')]]], 'Nobody comes to an end'],
]);
