<?php

use App\Actions\EraseDueRuns;
use App\Models\Member;
use App\Models\Play;
use App\Models\Run;
use App\View\Moment;
use Illuminate\Support\Facades\DB;
use Tests\Support\Classroom;

beforeEach(function (): void {
    $this->run_ = Classroom::open();
    $this->actingAs($this->run_->game->user);
    $this->settle = fn (array $settings) => $this->post("/runs/{$this->run_->id}/settings", $settings + [
        'takes_new' => 1,
    ]);
    $this->as = fn (Play $play, ?int $member = null) => $this->withUnencryptedCookie(
        'fravel_play', App\Play\Ticket::for($play->id, $member)->text(),
    );
});

it('opens and closes by itself, in the teacher’s zone, and says when', function (): void {
    $this->travelTo('2026-11-27 09:00:00');
    $this->withUnencryptedCookie(Moment::COOKIE, 'Europe/Lisbon');
    ($this->settle)(['opens_at' => '2026-11-27T10:00', 'closes_at' => '2026-11-27T11:00']);
    $run = $this->run_->fresh();
    expect($run->isOpen())->toBeFalse()->and($run->isEarly())->toBeTrue();
    $this->get("/p/{$run->code}")->assertSee('27 Nov 10:00 WET')->assertDontSee('Begin</button>', false);
    $this->post("/p/{$run->code}/join", ['name' => 'Mia'])->assertUnprocessable();

    $play = Classroom::join($run->fresh());
    ($this->as)($play)->post("/p/{$run->code}", Classroom::form($play, [
        'verb' => 'answer', 'on' => 'door', 'with' => 'gull',
    ]))->assertSee('has not opened yet');
    expect($play->fresh()->seq)->toBe(1);
    $this->travelTo('2026-11-27 10:00:00');
    ($this->as)($play)->post("/p/{$run->code}", Classroom::form($play, [
        'verb' => 'answer', 'on' => 'door', 'with' => 'gull',
    ]))->assertOk();
    expect($play->fresh()->seq)->toBe(2);
    $this->travelTo('2026-11-27 11:00:00');
    ($this->as)($play)->post("/p/{$run->code}", Classroom::form($play, [
        'verb' => 'answer', 'on' => 'door', 'with' => 'gannet',
    ]))->assertSee('has closed this game');
    expect($play->fresh()->seq)->toBe(2)->and($run->fresh()->isClosed())->toBeTrue();

    $this->post("/runs/{$run->id}/open");
    expect($run->fresh()->isOpen())->toBeTrue();
});

it('says what is wrong with times and keeps what was settled before', function (array $wrong, string $words): void {
    $this->travelTo('2026-11-27 09:00:00');
    ($this->settle)(['minutes' => 30]);
    ($this->settle)($wrong + ['minutes' => 20])->assertSessionHasErrors(array_key_last($wrong));
    $this->get("/runs/{$this->run_->id}/settings")->assertSee($words);
    expect($this->run_->fresh()->minutes)->toBe(30);
})->with([
    [['opens_at' => '2026-11-27T10:00', 'closes_at' => '2026-11-27T09:30'], 'It would close before it opens.'],
    [['erase_on' => '2026-11-27'], 'That day is not to come any more.'],
]);

it('is deleted with all its data on its day, and not before', function (): void {
    $this->travelTo('2026-11-27 12:00:00');
    ($this->settle)(['erase_on' => '2026-11-28']);
    Classroom::join($this->run_->fresh());
    expect(app(EraseDueRuns::class)->handle())->toBe(0);
    $this->travelTo('2026-11-28 00:01:00');
    $this->get('/games')->assertOk();
    expect(Run::query()->count())->toBe(0)->and(Play::query()->count())->toBe(0);
});

it('asks for a group of its list and for an address, and takes no others', function (): void {
    ($this->settle)(['asks_group' => 1, 'groups' => "Period 1\nPeriod 2", 'asks_address' => 1]);
    $code = $this->run_->code;
    $this->get("/p/{$code}")->assertSeeInOrder(['Your group', 'Period 1', 'Period 2', 'e-mail address']);
    $this->post("/p/{$code}/join", ['name' => 'Mia', 'group' => 'Period 2', 'address' => 'mia@school.example']);
    $this->post("/p/{$code}/join", ['name' => 'Finn', 'group' => 'Period 9', 'address' => 'nonsense']);
    expect(Play::query()->orderByDesc('name')->get(['name', 'group', 'address'])->toArray())->toBe([
        ['name' => 'Mia', 'group' => 'Period 2', 'address' => 'mia@school.example'],
        ['name' => 'Finn', 'group' => null, 'address' => null],
    ]);
});

it('keeps hints and playing again from students where the teacher says so', function (): void {
    $document = Tests\Support\Games::twoRooms();
    $document['scenes'][0]['things'][1]['hints'] = [['md' => 'A white bird.']];
    $document['scenes'][2]['ending']['again'] = true;
    $run = Classroom::open($document);
    $play = Classroom::join($run);
    $run->update(['gives_hints' => false, 'plays_again' => false]);
    $page = fn () => ($this->as)($play)->get("/p/{$run->code}");
    $act = fn (array $fields) => ($this->as)($play)->post("/p/{$run->code}", Classroom::form($play, $fields));
    $isOffered = fn (): bool => preg_match('/data-hint-form[^>]*hidden/', (string) $page()->getContent()) === 0;
    expect($isOffered())->toBeFalse();
    ($this->as)($play)->withCredentials()
        ->postJson("/p/{$run->code}", Classroom::form($play, ['verb' => 'hint', 'on' => 'door']))
        ->assertJson(['refusal' => 'There is no hint to give right now.']);
    expect($play->fresh()->seq)->toBe(1);
    $run->update(['gives_hints' => true]);
    expect($isOffered())->toBeTrue();
    $run->update(['gives_hints' => false]);
    $act(['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    $act(['verb' => 'choose', 'on' => 'leave'])->assertDontSee('Play again');
    ($this->as)($play)->post("/p/{$run->code}/anew", ['ticket' => Classroom::ticket($play)]);
    expect($play->fresh()->ended_at)->not->toBeNull();
});

it('tells each when and as which they finished, the lost ones left out', function (): void {
    $this->travelTo('2026-11-27 09:00:00');
    $this->run_->update(['shows_order' => true]);
    $through = function (string $name, int $seconds): string {
        $play = Classroom::join($this->run_, $name);
        $this->travel($seconds)->seconds();
        $act = fn (array $fields) => ($this->as)($play)->post(
            "/p/{$this->run_->code}", Classroom::form($play, $fields),
        );
        $act(['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);

        return (string) $act(['verb' => 'choose', 'on' => 'leave'])->getContent();
    };
    expect($through('Mia', 65))->toContain('1:05')->toContain('You are number 1 to finish')
        ->and($through('Finn', 5))->toContain('0:05')->toContain('You are number 2 to finish');
    $this->travel(1)->hours();
    ($this->as)(Play::query()->where('name', 'Mia')->firstOrFail())
        ->get("/p/{$this->run_->code}")->assertSee('1:05');
    // Who plays again keeps the place of the first time.
    $mia = Play::query()->where('name', 'Mia')->firstOrFail();
    expect(app(App\Actions\BeginAnew::class)->reset($mia, $this->run_))->toBeTrue()
        ->and($mia->fresh()->place)->toBeNull();
    $finn = Play::query()->where('name', 'Finn')->firstOrFail();
    $anew = ['ended' => null, 'place' => null] + json_decode($finn->state, true);
    $finn->update(['ended_at' => null, 'state' => json_encode($anew)]);
    app(App\Actions\HelpPlay::class)->handle($this->run_, $finn->fresh(), 'move', Classroom::id('hall', $finn));
    app(App\Actions\HelpPlay::class)->handle($this->run_, $finn->fresh(), 'move', Classroom::id('end', $finn));
    expect($finn->fresh()->place)->toBe(2)->and($finn->fresh()->read()->place)->toBe(2);
    $this->run_->update(['shows_order' => false]);
    ($this->as)(Play::query()->firstOrFail())->get("/p/{$this->run_->code}")->assertDontSee('to finish');
});

it('lets one play or all begin anew, and keeps what was done', function (): void {
    $plays = array_map(fn (string $name) => Classroom::join($this->run_, $name), ['Mia', 'Finn']);
    foreach ($plays as $play) {
        ($this->as)($play)->post("/p/{$this->run_->code}", Classroom::form($play, [
            'verb' => 'answer', 'on' => 'door', 'with' => 'gannet',
        ]));
    }
    $this->post("/runs/{$this->run_->id}/reset", ['play' => $plays[0]->id])->assertRedirect();
    expect($plays[0]->fresh()->read()->open)->toBe([])->and($plays[1]->fresh()->read()->open)->not->toBe([])
        ->and(DB::table('play_events')->where('play_id', $plays[0]->id)->count())->toBe(3);
    $this->post("/runs/{$this->run_->id}/reset");
    expect($plays[1]->fresh()->read()->open)->toBe([]);
    $this->get("/runs/{$this->run_->id}/plays/{$plays[0]->id}")->assertSee('begun anew 2 times');
});

it('copies a run with its settings, and without its times and plays', function (): void {
    ($this->settle)(['minutes' => 25, 'groups' => 'Period 1', 'asks_group' => 1, 'shows_order' => 1,
        'erase_on' => '2099-01-01', 'label' => '8A']);
    Classroom::join($this->run_->fresh());
    $this->post("/runs/{$this->run_->id}/copy")->assertRedirect();
    $copy = Run::query()->latest('id')->firstOrFail();
    expect([$copy->minutes, $copy->groups, $copy->asks_group, $copy->shows_order, $copy->label])
        ->toBe([25, ['Period 1'], true, true, '8A'])
        ->and([$copy->erase_on, $copy->plays()->count(), $copy->code === $this->run_->code])->toBe([null, 0, false]);
});

it('lets nobody look where the scene lets nobody in any more', function (): void {
    $document = Tests\Support\Games::twoRooms();
    $document['scenes'][0]['needs'] = ['not' => ['open' => 'door']];
    $run = Classroom::open($document);
    $run->update(['plays_as' => 'teams']);
    $play = Classroom::join($run, 'Team Kelp');
    ($this->as)($play)->post("/p/{$run->code}", Classroom::form($play, [
        'verb' => 'answer', 'on' => 'door', 'with' => 'gannet',
    ]))->assertOk()->assertDontSee('Look at another scene');
    ($this->as)($play)->get("/p/{$run->code}/look/".Classroom::id('hall', $play))->assertRedirect("/p/{$run->code}");
});

it('lets a team share one play, keeps who answered, and lets the others look elsewhere', function (): void {
    ($this->settle)(['plays_as' => 'teams']);
    $code = $this->run_->code;
    $this->post("/p/{$code}/join", ['name' => 'Team Kelp'])->assertUnprocessable()->assertSee('your own name');
    $this->post("/p/{$code}/join", ['name' => 'Team Kelp', 'member' => 'Mia'])->assertRedirect();
    $play = Play::query()->firstOrFail();
    $this->post("/p/{$code}/again", ['name' => 'Team Kelp', 'words' => 'wrong words', 'member' => 'Eve'])
        ->assertUnprocessable();
    foreach (['Finn', 'finn'] as $name) {
        $this->post("/p/{$code}/again", ['name' => 'team kelp', 'words' => $play->rejoin_words, 'member' => $name])
            ->assertRedirect();
    }
    expect(Member::query()->pluck('name')->all())->toBe(['Mia', 'Finn']);
    [$mia, $finn] = Member::query()->pluck('id')->all();
    ($this->as)($play, $finn)->get("/p/{$code}")->assertSee('You play with Mia')->assertSee('data-period', false);
    $form = fn (array $fields, int $who) => [
        'ticket' => App\Play\Ticket::for($play->id, $who)->text(),
    ] + Classroom::form($play, $fields);
    $answer = ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet'];
    ($this->as)($play, $finn)->post("/p/{$code}", $form($answer, $finn));
    expect(DB::table('play_events')->orderByDesc('seq')->value('member'))->toBe($finn);
    // Nobody takes another's name by the other's field.
    ($this->as)($play, $mia)->post("/p/{$code}", $form(['verb' => 'choose', 'on' => 'leave'], $finn))
        ->assertStatus(401);
    $hall = Classroom::id('hall', $play);
    $store = Classroom::id('store', $play);
    $look = fn (string $scene) => ($this->as)($play, $mia)->get("/p/{$code}/look/{$scene}");
    $look($hall)->assertOk()->assertSee('A cold hall.')->assertSee('<button disabled class', false)
        ->assertDontSee('<button class', false)
        ->assertSee('Only to look at');
    $look($store)->assertRedirect("/p/{$code}");
    $look(Classroom::id('end', $play))->assertRedirect("/p/{$code}");
    $this->get("/runs/{$this->run_->id}/plays/{$play->id}")
        ->assertSeeInOrder(['Together: Mia, Finn', 'Finn:', 'gannet']);
    expect($this->get("/runs/{$this->run_->id}/answers.csv")->streamedContent())->toContain('Who of the team')
        ->toContain('Finn');
});

it('disables in a scene that is only looked at what would send something, and nothing else', function (): void {
    $markup = '<button class="a">Go</button><button type="button" data-list>List</button><input name="b">'
        .'<select><option>c</option></select><textarea></textarea><section data-wait="30"></section>';
    expect(App\View\OnlyToLook::at($markup))->toBe(
        '<button disabled class="a">Go</button><button type="button" data-list>List</button><input disabled name="b">'
            .'<select disabled><option>c</option></select><textarea disabled></textarea>'
            .'<section data-wait="0"></section>',
    );
});
