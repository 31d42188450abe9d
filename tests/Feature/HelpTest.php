<?php

use App\Models\Play;
use App\Models\User;
use Fravel\Support\Json;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;
use Tests\Support\Games;

beforeEach(function (): void {
    $lock = Games::lock('door', 'gannet', ['hints' => [['md' => 'It dives.']]], ['go' => 'attic']);
    $this->run = Classroom::open(Games::document([
        ['id' => 'hall', 'things' => [$lock]], ['id' => 'attic', 'things' => []],
    ]));
    $this->play = Classroom::join($this->run, 'Mia');
    $this->news = fn (Play $play, int $seq = 1, int $since = 0) => $this
        ->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
        ->get("/p/{$this->run->code}/news?seq={$seq}&since={$since}");
    $this->help = fn (array $fields) => $this->actingAs($this->run->game->user)
        ->post("/runs/{$this->run->id}/plays/{$this->play->id}/help", $fields);
});

it('brings a line to the one it is for, once, within two queries', function (): void {
    $other = Classroom::join($this->run, 'Ben');
    ($this->help)(['way' => 'line', 'words' => 'Read the <b>sign</b>.'])->assertSessionHas('status');
    ($this->help)(['way' => 'line', 'words' => ' '])->assertSessionHasErrors('words');
    DB::enableQueryLog();
    $news = ($this->news)($this->play)->assertOk()->json();
    expect(DB::getQueryLog())->toHaveCount(2)
        ->and(array_column($news['notes'], 'words'))->toBe(['Read the <b>sign</b>.'])
        ->and($news)->not->toHaveKey('scene')
        ->and(($this->news)($this->play, 1, $news['notes'][0]['id'])->json('notes'))->toBe([])
        ->and(($this->news)($other)->json('notes'))->toBe([]);
    $this->withUnencryptedCookie('fravel_play', 'x.y')->get("/p/{$this->run->code}/news")->assertUnauthorized();
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play))
        ->get('/p/'.Classroom::open()->code.'/news')->assertUnauthorized();
    Carbon::setTestNow(now()->addHour());
    expect(($this->news)($this->play)->json('notes'))->toBe([]);
});

it('gives a hint, opens a lock and moves a play, tells its device, and keeps that it was help', function (): void {
    $door = Classroom::id('door');
    ($this->help)(['way' => 'hint', 'on' => $door]);
    $news = ($this->news)($this->play)->json();
    expect($news['seq'])->toBe(2)->and(implode('', $news['locks'][$door]['hints']))->toContain('It dives.');
    expect(array_column($news['notes'], 'words'))->toBe(['a hint is there for “Door”.']);
    ($this->help)(['way' => 'open', 'on' => $door]);
    $since = $news['notes'][0]['id'];
    expect(array_column(($this->news)($this->play, 1, $since)->json('notes'), 'words'))
        ->toBe(['“Door” is open for you now.'])
        ->and($this->play->fresh()->read()->scene)->toBe(Classroom::id('attic'))
        ->and($this->play->fresh()->progressed_at)->toBeGreaterThan(0);
    ($this->help)(['way' => 'move', 'on' => Classroom::id('hall')]);
    ($this->help)(['way' => 'hint', 'on' => $door])
        ->assertSessionHas('status', fn (string $words): bool => str_contains($words, 'Nothing was changed'));
    $this->get("/runs/{$this->run->id}/plays/{$this->play->id}")
        ->assertSeeInOrder(['You gave a hint', 'You opened', 'You moved']);
    $this->get("/runs/{$this->run->id}/report")->assertSee('0 / 0');
});

it('knows when a play last got on: at another scene or an open lock, not at a wrong answer', function (): void {
    $begun = $this->play->progressed_at;
    Carbon::setTestNow(now()->addMinutes(3));
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'tern']);
    expect($this->play->fresh()->progressed_at)->toBe($begun);
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    expect($this->play->fresh()->progressed_at)->toBe(now()->getTimestamp());
});

it('takes nothing while all rest, and goes on after', function (): void {
    $pause = fn (int $on) => $this->actingAs($this->run->game->user)
        ->post("/runs/{$this->run->id}/pause", ['pause' => $on]);
    $pause(1);
    $refused = PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    expect(($this->news)($this->play)->json('paused'))->toBeTrue()
        ->and($refused->json('refusal'))->toContain('Everything rests')
        ->and($this->play->fresh()->seq)->toBe(1);
    $pause(0);
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    expect($this->play->fresh()->seq)->toBe(2);
});

it('puts first who needs help, says why, and tells strangers nothing', function (): void {
    foreach (['tern', 'gull', 'auk', 'fulmar'] as $wrong) {
        PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => $wrong]);
    }
    $ben = Classroom::join($this->run, 'Ben');
    $this->actingAs($this->run->game->user);
    $this->get("/runs/{$this->run->id}/plays/{$this->play->id}/need")->assertOk()
        ->assertSeeInOrder(['Mia', '4 wrong tries', 'fulmar'])->assertDontSee('Ben');
    $this->get("/runs/{$this->run->id}/plays/{$ben->id}/need")->assertNoContent();
    $this->get("/runs/{$this->run->id}")->assertOk()
        ->assertSeeInOrder(['Needs you most', 'Mia', '4 wrong tries', 'Last answer', 'fulmar', 'Give hint 1', 'Ben']);
    $this->post("/runs/{$this->run->id}/line", ['way' => 'line', 'words' => 'Two minutes.']);
    expect(DB::table('notes')->count())->toBe(2);
    $this->flushSession();
    $this->actingAs(User::factory()->create());
    foreach (['pause', 'line', "plays/{$this->play->id}/help"] as $path) {
        $this->post("/runs/{$this->run->id}/{$path}", ['way' => 'line', 'words' => 'x'])->assertForbidden();
    }
});

it('takes nothing once the time is up, adds time, and lets the limit rest in a pause', function (): void {
    $teacher = fn (string $path, array $fields) => $this->actingAs($this->run->game->user)
        ->post("/runs/{$this->run->id}/{$path}", $fields);
    $this->run->update(['minutes' => 10]);
    $start = now();
    $try = fn () => PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet'])->json('refusal');
    $left = fn (): ?int => ($this->news)($this->play)->json('left');
    Carbon::setTestNow($start->clone()->addMinutes(4));
    $teacher('pause', ['pause' => 1]);
    Carbon::setTestNow($start->clone()->addMinutes(6));
    $teacher('pause', ['pause' => 0]);
    expect($left())->toBeBetween(358, 360);
    Carbon::setTestNow($start->clone()->addMinutes(12));
    expect($left())->toBe(0)->and($try())->toContain('Your time is up.');
    $teacher('time', ['minutes' => 5]);
    expect($left())->toBeBetween(298, 300)->and($try())->toBeNull();
});

it('opens a run with a limit or without one', function (): void {
    $this->actingAs($this->run->game->user);
    $open = fn (mixed $minutes) => $this->post("/games/{$this->run->game_id}/runs", ['minutes' => $minutes]);
    $open('45');
    $open('');
    $open('soon')->assertSessionHasErrors('minutes');
    expect($this->run->game->runs()->orderByDesc('id')->pluck('minutes')->all())->toContain(45)->toHaveCount(3)
        ->toContain(null);
});

it('tells whoever gave an answer before that is right in the corrected game', function (): void {
    $finn = Classroom::join($this->run, 'Finn');
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'solan goose']);
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull'], $finn);
    $game = $this->run->game;
    $document = $game->read()->document;
    $document['scenes'][0]['things'][0]['rules'][0]['match']['equals'][] = 'solan goose';
    $game->update(['document' => Json::write($document)]);
    $this->actingAs($game->user)->post("/runs/{$this->run->id}/renew");

    expect(array_column(($this->news)($this->play)->json('notes'), 'words'))
        ->toBe(['your answer of before is right now, at “Door”. Give it once more.'])
        ->and(($this->news)($finn)->json('notes'))->toBe([]);
});

it('gives a running class the corrected game, and leaves it as it was to whom it would break', function (): void {
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    $game = $this->run->game;
    $renew = fn () => $this->actingAs($game->user)->post("/runs/{$this->run->id}/renew");
    $write = function (callable $change) use ($game): void {
        $document = $game->fresh()->read()->document;
        $game->update(['document' => Json::write($change($document))]);
        $this->run = $this->run->fresh();
    };
    $this->actingAs($game->user)->get("/runs/{$this->run->id}")->assertDontSee('as it is now');
    $write(static fn (array $document): array => array_replace_recursive(
        $document, ['scenes' => [1 => ['title' => 'The loft']]],
    ));
    $this->get("/runs/{$this->run->id}")->assertSee('Give them the game as it is now');
    $renew()->assertSessionHas('status', __('help.renewed'));
    expect($this->run->fresh()->edition->number)->toBe(2)
        ->and((string) $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play))
            ->get("/p/{$this->run->code}")->content())->toContain('The loft');
    $write(static fn (array $document): array => ['scenes' => [$document['scenes'][0]]] + $document);
    $finn = Classroom::join($this->run, 'Finn');
    $renew();
    expect(session('status'))->toContain('Mia stands where it has nothing, and goes on with the game as it was.')
        ->and($this->run->fresh()->edition->number)->toBe(3)
        ->and($this->play->fresh()->edition?->number)->toBe(2)->and($finn->fresh()->edition)->toBeNull();
    // Mia plays on where she stands, in the game as it was.
    $this->get("/runs/{$this->run->id}")->assertSee('Mia plays the game as it was.');
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play))
        ->get("/p/{$this->run->code}")->assertSee('The loft');
    $this->get("/runs/{$this->run->id}/plays/{$this->play->id}")->assertSee('The loft');
    $renew();
    expect($this->play->fresh()->edition?->number)->toBe(2);
    // Begun anew, she begins in the game as it is.
    $this->post("/runs/{$this->run->id}/reset", ['play' => $this->play->id]);
    expect($this->play->fresh()->edition)->toBeNull();
    $this->get("/runs/{$this->run->id}")->assertDontSee('plays the game as it was');
});
