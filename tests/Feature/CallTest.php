<?php

use App\Play\Ticket;
use Illuminate\Support\Carbon;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;

beforeEach(function (): void {
    $this->run = Classroom::open();
    $this->play = Classroom::join($this->run, 'Mia');
    $this->call = function (int $call, ?string $ticket = null) {
        $ticket ??= Classroom::ticket($this->play);

        return $this->withCredentials()->withUnencryptedCookie('fravel_play', $ticket)
            ->postJson("/p/{$this->run->code}/call", ['call' => $call, 'ticket' => $ticket]);
    };
    $this->board = fn () => $this->actingAs($this->run->game->user)->get("/runs/{$this->run->id}/standing");
    $this->help = fn (array $fields) => $this->actingAs($this->run->game->user)
        ->post("/runs/{$this->run->id}/plays/{$this->play->id}/help", $fields);
});

it('puts who calls first on the board, with where and how long, until it is taken back', function (): void {
    $stuck = Classroom::join($this->run, 'Ben');
    $stuck->update(['progressed_at' => $stuck->progressed_at - 4000]);
    ($this->call)(1)->assertOk()->assertExactJson(['called' => true]);
    Carbon::setTestNow(now()->addSeconds(65));
    ($this->board)()->assertSeeInOrder(['Needs you most', 'Mia', 'calls you, for 1:05', 'Ben'])
        ->assertSee('data-worth="1000065"', false);
    ($this->call)(1);
    expect($this->play->fresh()->called_at)->toBe(now()->timestamp - 65);
    ($this->call)(0)->assertExactJson(['called' => false]);
    ($this->board)()->assertDontSee('calls you');
});

it('is answered by whatever the teacher does there, and the student is told', function (array $help): void {
    ($this->call)(1);
    $news = fn () => $this->withUnencryptedCookie('fravel_play', Ticket::for($this->play->id)->text())
        ->get("/p/{$this->run->code}/news?seq=1&since=0");
    $news()->assertJson(['called' => true]);
    ($this->help)(isset($help['on']) ? ['on' => Classroom::id($help['on'])] + $help : $help)->assertRedirect();
    expect($this->play->fresh()->called_at)->toBeNull();
    $news()->assertJson(['called' => false]);
})->with([
    [['way' => 'line', 'words' => 'Look at the door.']], [['way' => 'here']], [['way' => 'open', 'on' => 'door']],
]);

it('is kept by a hint that there is not', function (): void {
    ($this->call)(1);
    ($this->help)(['way' => 'hint', 'on' => 'nowhere']);
    expect($this->play->fresh()->called_at)->not->toBeNull();
});

it('is nobody else’s, and nothing once the game or the run is over', function (): void {
    ($this->call)(1, 'forged')->assertExactJson(['called' => false]);
    $other = Classroom::join(Classroom::open(), 'Eve');
    ($this->call)(1, Classroom::ticket($other))->assertExactJson(['called' => false]);
    expect($other->fresh()->called_at)->toBeNull()->and($this->play->fresh()->called_at)->toBeNull();
    $this->run->update(['closed_at' => now()]);
    ($this->call)(1)->assertExactJson(['called' => false]);
    $this->run->update(['closed_at' => null]);
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    PlayCases::act($this, ['verb' => 'choose', 'on' => 'leave']);
    ($this->call)(1)->assertExactJson(['called' => false]);
});

it('works without scripts', function (): void {
    $page = fn () => $this->withUnencryptedCookie('fravel_play', Ticket::for($this->play->id)->text())
        ->get("/p/{$this->run->code}");
    $page()->assertSee('Call the teacher');
    $this->post("/p/{$this->run->code}/call", ['call' => 1, 'ticket' => Classroom::ticket($this->play)])
        ->assertRedirect("/p/{$this->run->code}");
    $page()->assertSee('Take it back')->assertSee('Your teacher sees it.');
});
