<?php

use App\Models\Member;
use App\Play\Ticket;
use App\Storage\Pulse;
use Illuminate\Testing\TestResponse;
use Tests\Support\Classroom;
use Tests\Support\Games;

beforeEach(function (): void {
    $this->run_ = Classroom::open();
    $this->run_->update(['plays_as' => 'teams']);
    $this->play = Classroom::join($this->run_, 'Team Kelp');
    foreach (['Mia', 'Finn', 'Ada'] as $name) {
        $this->play->members()->create(['name' => $name, 'joined_at' => 1]);
    }
    $this->ticket = fn (int $who): string => Ticket::for(
        $this->play->id, Member::query()->orderBy('id')->pluck('id')[$who],
    )->text();
    $this->as = fn (int $who) => $this->withCredentials()->withUnencryptedCookie('fravel_play', ($this->ticket)($who));
    $this->hold = fn (int $who, string $lock, ?string $code = null): TestResponse => ($this->as)($who)->postJson(
        '/p/'.($code ?? $this->run_->code).'/hold', ['ticket' => ($this->ticket)($who), 'lock' => $lock],
    );
    $this->team = fn (int $who): string => ($this->as)($who)
        ->get("/p/{$this->run_->code}/news?seq=1&since=0")->json('team');
    $this->door = Classroom::id('door', $this->play);
});

it('tells a team who tried what, and what it came to', function (): void {
    foreach ([[0, 'gull'], [1, 'gannet']] as [$who, $with]) {
        ($this->as)($who)->postJson("/p/{$this->run_->code}", ['ticket' => ($this->ticket)($who)] + Classroom::form(
            $this->play, ['verb' => 'answer', 'on' => 'door', 'with' => $with],
        ))->assertOk();
    }
    expect(($this->team)(2))->toContain('Mia tried “gull” at “Door”. Not yet.')
        ->toContain('Finn tried “gannet” at “Door”. Open.');
    // Nobody is told of what was done here, nor later what is no news any more.
    expect(($this->team)(0))->not->toContain('Mia')->toContain('Finn');
    ($this->as)(2)->get("/p/{$this->run_->code}")->assertSee('You play with Mia, Finn')->assertSee('tried “gull”');
    $this->travel(121)->seconds();
    expect(($this->team)(2))->not->toContain('tried');
});

it('tells a team who is at a lock, until they leave it or are not heard of', function (): void {
    $beat = fn (): string => (string) file_get_contents(
        config('fravel.pulse').'/'.basename(Pulse::address($this->play->id)),
    );
    $before = $beat();
    ($this->hold)(0, $this->door)->assertOk();
    $after = $beat();
    ($this->hold)(0, $this->door)->assertOk();
    expect([$after !== $before, $beat()])->toBe([true, $after])
        ->and(($this->team)(1))->toContain("data-held=\"{$this->door}\"")->toContain('Mia is at “Door”.')
        ->toContain('Mia is here too.')->and(($this->team)(0))->not->toContain('Mia');
    ($this->hold)(2, $this->door);
    expect(($this->team)(1))->toContain('Mia, Ada is');
    ($this->hold)(2, '');
    expect(($this->team)(1))->not->toContain('Ada is')->toContain('Mia is');
    $this->travel(61)->seconds();
    expect(($this->team)(1))->not->toContain('Mia is');
});

it('takes no hold of a stranger, of another run, or of what is no lock', function (): void {
    $other = Classroom::open();
    ($this->hold)(0, $this->door, $other->code)->assertNotFound();
    foreach (['x', Classroom::ticket($this->play)] as $ticket) {
        $this->withCredentials()->withUnencryptedCookie('fravel_play', $ticket)
            ->postJson("/p/{$this->run_->code}/hold", ['ticket' => $ticket, 'lock' => $this->door])->assertNotFound();
    }
    ($this->hold)(0, str_repeat('x', 65))->assertNotFound();
    ($this->hold)(0, '<b>')->assertOk();
    expect(($this->team)(1))->not->toContain('Mia is')->and(Member::query()->whereNotNull('holds')->count())->toBe(1);
    $this->run_->update(['plays_as' => 'each']);
    ($this->hold)(0, $this->door)->assertNotFound();
});

it('calls nothing by an id', function (): void {
    $run = Classroom::open(Games::document([['id' => 'a', 'things' => [
        Games::choice('clear', [['say' => 'x']]), ['ask' => '', 'label' => ''] + Games::lock('bare', 'x'),
    ]]]));
    $run->update(['plays_as' => 'teams']);
    $play = Classroom::join($run, 'Team Kelp');
    [$mia, $finn] = array_map(
        fn (string $name): Member => $play->members()->create(['name' => $name, 'joined_at' => 1]), ['Mia', 'Finn'],
    );
    $lock = Classroom::id('bare', $play);
    $mia->forceFill(['holds' => $lock, 'held_at' => now()->getTimestamp()])->save();
    $ticket = Ticket::for($play->id, $mia->id)->text();
    $this->withCredentials()->withUnencryptedCookie('fravel_play', $ticket)->postJson(
        "/p/{$run->code}",
        ['ticket' => $ticket] + Classroom::form($play, ['verb' => 'answer', 'on' => 'bare', 'with' => 'y']),
    )->assertOk();
    $this->withUnencryptedCookie('fravel_play', Ticket::for($play->id, $finn->id)->text());
    $team = strip_tags($this->get("/p/{$run->code}/news?seq=1&since=0")->json('team'));
    expect($team)->toContain('Mia tried “y”. Not yet.')->toContain('Mia is here too.')->not->toContain($lock);
});
