<?php

use App\Models\Game;
use App\Models\User;
use App\View\RouteMap;
use App\View\RunStanding;
use App\Workshop\Findings;
use Database\Seeders\DemoSeeder;
use Fravel\Document\GameDocument;
use Illuminate\Support\Facades\Cache;
use Tests\Support\Classroom;
use Tests\Support\Feature\ShelfCases;
use Tests\Support\Games;
use Tests\Support\RandomGames;

it('draws a game’s map from its routes, one column for each step from the start', function (): void {
    $map = RouteMap::of(GameDocument::of(Games::twoRooms()));

    expect(array_keys($map->stations))->toBe(['hall', 'store', 'end'])
        ->and(array_column($map->stations, 'x'))->toBe([16.0, 150.0, 284.0])
        ->and(array_column($map->stations, 'ending'))->toBe([false, false, true])
        ->and($map->tracks)->toHaveCount(2);
});

it('draws every game, whatever its shape', function (array $scenes): void {
    $map = RouteMap::of(Games::of($scenes));

    foreach ($map->stations as $station) {
        expect($station['x'])->toBeBetween(0, 300)->and($station['y'])->toBeBetween(0, 84);
    }
    expect($map->stations)->toHaveCount(count($scenes));
})->with([
    'one scene' => [[['id' => 'a']]],
    'none reached' => [[['id' => 'a'], ['id' => 'b'], ['id' => 'c']]],
    'round and round' => [[['id' => 'a', 'next' => ['go' => 'b']], ['id' => 'b', 'next' => ['go' => 'a']]]],
    'many side by side' => [
        array_map(
            static fn (int $number): array => [
                'id' => "s{$number}", 'next' => [['go' => 's'.($number + 1)], ['go' => 's0']],
            ],
            range(0, 60),
        ),
    ],
    'a route to nowhere' => [[['id' => 'a', 'next' => ['go' => 'gone']]]],
]);

it('leads no track through a station that it does not end in', function (array $document): void {
    $map = RouteMap::of(GameDocument::of($document));
    expect($map->tracks)->not->toBe([]);
    foreach ($map->tracks as ['path' => $path]) {
        $points = array_map(
            static fn (string $point): array => array_map(floatval(...), explode(' ', $point)),
            explode('L', substr($path, 1)),
        );
        $ends = [$points[0], end($points)];
        foreach ($map->stations as $station) {
            $at = [$station['x'], $station['y']];

            expect(in_array($at, $ends, true) || ShelfCases::distance($at, $points) > 0.9)->toBeTrue();
        }
    }
})->with([
    ...array_map(static fn (int $seed): array => [(new RandomGames($seed))->document()], range(1, 12)),
    'a way past a whole row' => [fn (): array => Games::document([
        ['id' => 'a', 'next' => [['go' => 'b'], ['go' => 'd']]],
        ['id' => 'b', 'next' => ['go' => 'c']],
        ['id' => 'c', 'next' => ['go' => 'd']],
        ['id' => 'd', 'next' => ['go' => 'e']],
        ['id' => 'e', 'arrive' => ['go' => 'f']],
        ['id' => 'f'],
        ['id' => 'g', 'next' => ['go' => 'f']],
    ])],
]);

it('puts what no way leads to beside what it leads to, and an ending last', function (): void {
    $map = RouteMap::of(Games::of([
        ['id' => 'a', 'next' => ['go' => 'b']],
        ['id' => 'b', 'next' => ['go' => 'c']],
        ['id' => 'c'],
        ['id' => 'lost', 'next' => ['go' => 'c']],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]));

    expect(array_column($map->stations, 'x', null))->toBe([16.0, 150.0, 284.0, 150.0, 284.0]);
});

it('says on the shelf what the check found', function (array $change, string $words): void {
    $run = Classroom::open(array_replace_recursive(Games::twoRooms(), $change));
    $this->actingAs($run->game->user)->get('/games')->assertSee($words);
})->with([
    'nothing' => [[], 'can be won, no trap'],
    'a route to nowhere' => [['scenes' => [1 => ['things' => [0 => ['react' => ['go' => 'attic']]]]]], 'to mend'],
]);

it('looks a draft over anew when it was changed, and only then', function (): void {
    $game = Classroom::open()->game;
    expect(Findings::of($game)->errors)->toBe([]);
    $game->update(['document' => str_replace('"go":"end"', '"go":"attic"', $game->document)]);
    expect(Findings::of($game)->errors)->toContain('“Leave” in “Store” leads to a scene that is not there.')
        ->and(Cache::has(Findings::keyOf($game)))->toBeTrue();
});

it('shows only a teacher’s own games', function (): void {
    Classroom::open();
    $this->actingAs(User::factory()->create())
        ->get('/games')
        ->assertOk()
        ->assertSee('Your shelf is empty')
        ->assertDontSee('Two rooms');
});

it('shows the others where a game can’t be read, which says so and can be taken away', function (): void {
    $broken = Game::factory()->create(['title' => 'Broken', 'document' => '{"fravel":1,"scenes":[5']);
    Game::factory()->create(['title' => 'Sound', 'user_id' => $broken->user_id]);
    $this->actingAs($broken->user)->get('/games')->assertOk()->assertSee('can’t be read whole')
        ->assertSee('Sound')->assertSee('Broken');
    $this->post("/games/{$broken->id}/away", ['away' => 1])->assertRedirect();
    expect($broken->fresh()->archived_at)->not->toBeNull();
});

it('counts who is playing now', function (): void {
    $run = Classroom::open();
    Classroom::join($run, 'Now');
    $this->travel(-1)->hours();
    Classroom::join($run, 'Long ago');
    $this->travelBack();
    $this->actingAs($run->game->user)->get('/games')->assertSee('1 of 2 playing now');
});

it('shows how long somebody has been quiet, and stops the clock when the run is closed', function (): void {
    $this->freezeTime();
    $run = Classroom::open();
    Classroom::join($run);
    $this->travel(10)->minutes();
    $this->actingAs($run->game->user)
        ->get("/runs/{$run->id}/standing")
        ->assertSee('quiet for 10 min')
        ->assertSee('10:00');
    $run->update(['closed_at' => now()]);
    $this->travel(3)->hours();
    $this->get("/runs/{$run->id}/standing")
        ->assertSee('not finished')
        ->assertSee('10:00')
        ->assertDontSee('quiet for');
});

it('tells a time in minutes, and in hours when there are any', function (int $seconds, string $clock): void {
    expect(RunStanding::clock($seconds))->toBe($clock);
})->with([
    [0, '0:00'],
    [59, '0:59'],
    [61, '1:01'],
    [3599, '59:59'],
    [3600, '1:00:00'],
    [36_061, '10:01:01'],
]);

it('fills the demo with a game that is played to its end by most', function (): void {
    $this->seed(DemoSeeder::class);
    $this->post('/sign-in', ['email' => DemoSeeder::EMAIL, 'password' => DemoSeeder::PASSWORD])
        ->assertRedirect('/games');
    $this->get('/games')
        ->assertSee('The Dark Lamp')
        ->assertSee('4 chapters')
        ->assertSee('15 scenes')
        ->assertSee('24 plays, closed')
        ->assertSee('can be won, no trap');
    $standings = App\Models\Run::query()->with('edition')->orderBy('id')->get()
        ->mapWithKeys(fn (App\Models\Run $run): array => [$run->label => RunStanding::of($run)]);
    expect($standings['7B']->rows)->toHaveCount(24)->and($standings['7B']->finished())->toBe(21)
        ->and($standings['8A']->finished())->toBe(24)
        ->and($standings['7C']->rows)->toHaveCount(20)->and($standings['7C']->finished())->toBe(1)
        ->and($standings['7C']->stuck())->not->toBe([]);
});

it('remembers a check that brought its process down, and does not begin it again', function (): void {
    $game = App\Models\Game::factory()->create();
    Cache::put(Findings::keyOf($game).'.begun', time(), 60);
    expect(Findings::of($game)->unlooked)->toBe(['anything yet'])->and(Findings::kept($game))->toBeNull();
    $this->travel(11)->seconds();
    expect(Findings::of($game)->warnings)->toBe([__('workshop.findings.failed')])
        ->and(Findings::kept($game)->isProved)->toBeFalse();
    $this->actingAs($game->user)->get('/games')->assertOk()->assertSee('not all ways looked at');
});

it('waits for no check that seems to begin in hours, since the clock was put back', function (): void {
    $game = App\Models\Game::factory()->create();
    Cache::put(Findings::keyOf($game).'.begun', time() + 3600, 7200);

    expect(Findings::of($game)->warnings)->toBe([__('workshop.findings.failed')]);
});

it('says what was not looked at in the workshop', function (): void {
    $game = App\Models\Game::factory()
        ->create([
            'document' => json_encode(
                Tests\Support\AdversarialGames::known()['a hundred and eighty choices that toggle'],
            ),
        ]);
    $this->actingAs($game->user)->getJson("/games/{$game->id}/findings")->assertOk()
        ->assertJson(['proved' => false, 'unlooked' => ['all ways through']]);
});
