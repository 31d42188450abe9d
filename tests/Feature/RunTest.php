<?php

use App\Models\Edition;
use App\Models\Run;
use App\Report\Csv;
use Fravel\Support\Json;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\File;
use Tests\Support\Classroom;

it('freezes an edition that later edits don’t change', function (): void {
    $run = Classroom::open();
    $this->actingAs($run->game->user);
    $run->game
        ->update(['document' => str_replace('A cold hall.', 'A warm hall.', $run->game->document)]);
    $play = Classroom::join($run);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
        ->get("/p/{$run->code}")
        ->assertSee('A cold hall.')
        ->assertDontSee('A warm hall.');
    $this->post("/games/{$run->game_id}/runs", ['label' => '8A'])->assertRedirect();
    expect(Edition::query()->pluck('number')->all())->toBe([1, 2])
        ->and(Edition::query()->pluck('hash')->unique())->toHaveCount(2);
});

it('uses the same edition again while the draft is the same', function (): void {
    $run = Classroom::open();
    $this->actingAs($run->game->user)->post("/games/{$run->game_id}/runs", ['asks_group' => '1']);
    expect(Edition::query()->count())->toBe(1)
        ->and(Run::query()->pluck('asks_group')->all())->toBe([false, true])
        ->and(Run::query()->pluck('code')->unique())->toHaveCount(2);
});

it('writes an edition’s file again when it is gone', function (): void {
    $run = Classroom::open();
    File::deleteDirectory(config('fravel.editions'));
    $play = Classroom::join($run);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
        ->get("/p/{$run->code}")
        ->assertSee('A cold hall.');
});

it('gives codes of letters that are not taken for one another', function (): void {
    expect(Classroom::open()->code)->toMatch('/^[CDFGHJKMNPQRTVWXY]{5}$/');
});

it('shows who is where, with tries, time and end', function (): void {
    $this->freezeTime();
    $run = Classroom::open();
    $play = Classroom::join($run, 'Mia');
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play));
    $this->travel(65)->seconds();
    foreach (
        [
            ['verb' => 'answer', 'on' => 'door', 'with' => 'gull'],
            ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet'], ['verb' => 'choose', 'on' => 'leave'],
        ] as $fields
    ) {
        $this->post("/p/{$run->code}", Classroom::form($play, $fields));
    }
    $this->actingAs($run->game->user)
        ->get("/runs/{$run->id}/standing")
        ->assertOk()
        ->assertSeeInOrder(['1', 'joined', '1', 'finished', 'Mia', 'End', '1', '1:05', 'Won', $play->rejoin_words]);
});

it('closes, opens again and deletes a run with all its data', function (): void {
    $run = Classroom::open();
    Classroom::join($run);
    $this->actingAs($run->game->user)->post("/runs/{$run->id}/close");
    expect($run->fresh()->isOpen())->toBeFalse();
    $this->post("/runs/{$run->id}/open");
    expect($run->fresh()->isOpen())->toBeTrue();
    $this->delete("/runs/{$run->id}")->assertRedirect('/games');
    $this->assertDatabaseEmpty('runs')->assertDatabaseEmpty('plays')->assertDatabaseEmpty('play_events');
});

it('downloads a table that opens cleanly, formulas made harmless', function (): void {
    $run = Classroom::open();
    Classroom::join($run, '-2+3');
    $csv = $this->actingAs($run->game->user)->get("/runs/{$run->id}/report.csv")->assertOk()->streamedContent();
    expect($csv)->toStartWith("\xEF\xBB\xBFName,Group,Scene")->toContain("'-2+3")->toContain("\r\n");
});

it('makes every cell harmless that a spreadsheet would run', function (string $cell): void {
    $stream = fopen('php://memory', 'w+b');
    Csv::write([[$cell]], $stream);

    expect((string) stream_get_contents($stream, offset: 0))->toContain("'".mb_substr($cell, 0, 1));
})->with(['=1+1', '+1', '-1', '@SUM(A1)', '|cmd', '＝1+1', '＋1', '－1', '＠SUM(A1)']);

it('warns of scenes that lead nowhere before a run is opened', function (): void {
    $run = Classroom::open();
    $document = Json::readObject($run->game->document);
    $document['scenes'][1]['things'] = [];
    $run->game->update(['document' => Json::write($document)]);
    $this->actingAs($run->game->user)
        ->get("/games/{$run->game_id}/runs/new")
        ->assertSee('to mend before students play')
        ->assertSee('Store');
});

it('rehearses the draft from any scene and counts nothing', function (): void {
    $run = Classroom::open();
    $this->actingAs($run->game->user)
        ->get("/games/{$run->game_id}/rehearsal?from=store")
        ->assertRedirect();
    $this->get("/games/{$run->game_id}/rehearsal")->assertSee('Rehearsal')->assertSee('Leave');
    $this->postJson("/games/{$run->game_id}/rehearsal", ['verb' => 'choose', 'on' => 'leave'])
        ->assertJson(['ended' => 'won']);
    expect($run->plays()->count())->toBe(0);
});

it('puts a game away and back, and finds games by what they say', function (): void {
    $run = Classroom::open();
    $this->actingAs($run->game->user)->get('/games')->assertSee('Two rooms')->assertSee($run->code);
    $this->get('/games?seek=gannet')->assertSee('Two rooms');
    $this->get('/games?seek=100%25')->assertDontSee('Two rooms');
    $this->post("/games/{$run->game_id}/away", ['away' => 1]);
    $this->get('/games')->assertSee('1 game put away');
    $this->get('/games?away=1')->assertSee('Two rooms');
});

it('makes a game from nothing', function (): void {
    $this->actingAs(\App\Models\User::factory()->create())
        ->post('/games', ['title' => 'Begun'])
        ->assertRedirect();
    $this->get('/games')->assertSee('Begun')->assertSee('to mend');
});

it('freezes a game before it takes the lock', function (): void {
    $game = App\Models\Game::factory()->create();
    $isWritten = [];
    Event::listen(Illuminate\Database\Events\TransactionBeginning::class, function () use (&$isWritten): void {
        $isWritten[] = (glob(config('fravel.editions').'/*.php') ?: []) !== [];
    });
    File::deleteDirectory(config('fravel.editions'));
    app(App\Actions\OpenRun::class)->handle($game, '7B', false);
    expect($isWritten)->not->toBe([])->not->toContain(false)->and(Edition::query()->count())->toBe(1);
});
