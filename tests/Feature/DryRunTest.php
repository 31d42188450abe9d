<?php

use App\Models\Game;
use App\Models\User;
use App\View\DryRun;
use Database\Seeders\DemoSeeder;
use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Tests\Support\Games;

it('dry-runs a draft with a made-up class and says that it is an estimate', function (): void {
    $game = Game::factory()->create(['document' => Json::write(DemoSeeder::document('dark-lamp'))]);
    $this->actingAs($game->user)->get("/games/{$game->id}/runs/new")->assertSee('made-up class');
    $page = $this->get("/games/{$game->id}/dry-run")->assertOk()->assertSeeInOrder([
        'This is an estimate.', '30 made-up students', 'From start to end', 'Through within 45 minutes', '/ 30',
        'Where they may get stuck', 'What it assumes', 'They read 150 words a minute',
    ]);
    $hurried = $this->get("/games/{$game->id}/dry-run?minutes=2")->assertSee('Through within 2 minutes')
        ->assertSee('>0 / 30<', false);
    expect($hurried->content())->not->toBe($page->content())
        ->and($this->get("/games/{$game->id}/dry-run")->content())->toBe($page->content())
        ->and($game->runs()->count())->toBe(0);
});

it('says how many had time to come through a draft that is large', function (int $units, string $words): void {
    $dry = DryRun::of(GameDocument::of(DemoSeeder::document('dark-lamp')), 45, new Effort($units));
    $page = $this->actingAs(User::factory()->create())->withViewErrors([])
        ->view('games.dry-run', [
            'dry' => $dry, 'game' => Game::factory()->create(), 'minutes' => 45,
        ]);

    expect($dry->students)->toBeLessThan(30);
    $page->assertSee($words)->assertDontSee('30 made-up');
})->with([[10, 'None of 30 came through'], [60_000, 'of 30 came through it in the time']]);

it('dry-runs a draft in which there is nothing to play, or no end', function (array $scenes, string $words): void {
    $game = Game::factory()->create(['document' => Json::write(Games::document($scenes))]);
    $this->actingAs($game->user)->get("/games/{$game->id}/dry-run")->assertOk()->assertSee($words);
})->with([
    'nothing' => [[['id' => 'a', 'things' => []]], 'There is nothing to play yet'],
    'no end' => [[['id' => 'a', 'things' => [Games::lock('door', 'gannet')]]], 'Nobody comes to an end'],
]);
