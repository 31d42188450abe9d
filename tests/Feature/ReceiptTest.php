<?php

use App\Models\Play;
use Illuminate\Support\Facades\DB;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;
use Tests\Support\Games;

/** A class whose game asks once and ends, leaving so much to the student. */
function leaving(array $left): Play
{
    return Classroom::join(Classroom::open(Games::document([
        ['id' => 'hall', 'things' => [Games::lock('door', 'gannet', [], ['go' => 'end'])]],
        ['id' => 'end', 'things' => [], 'ending' => ['kind' => 'won', 'md' => 'Out.'] + $left],
    ])));
}

it('gives a student’s own answers to keep, where the ending leaves them', function (): void {
    $this->play = leaving(['receipt' => true]);
    $this->run = $this->play->run;
    $code = $this->play->run->code;
    $page = fn (string $path) => $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play))
        ->get("/p/{$code}{$path}");
    $page('/receipt')->assertRedirect("/p/{$code}");
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'Gannet!']);

    $page('')->assertSee('Keep what you answered')->assertDontSee('Play again');
    $page('/receipt')->assertOk()
        ->assertSeeInOrder(['What you answered', 'Mia', 'What opens door?', 'Gannet!', 'It opens.']);
    $this->withUnencryptedCookie('fravel_play', 'x.y')->get("/p/{$code}/receipt")->assertRedirect("/p/{$code}");
});

it('begins anew where the ending lets it, and keeps what was done before', function (): void {
    $this->play = leaving(['again' => true]);
    $this->run = $this->play->run;
    $code = $this->play->run->code;
    $ticket = Classroom::ticket($this->play);
    $again = fn (string $sent = '') => $this->withUnencryptedCookie('fravel_play', $ticket)
        ->post("/p/{$code}/anew", ['ticket' => $sent])->assertRedirect("/p/{$code}");
    $again($ticket);
    expect($this->play->fresh()->seq)->toBe(1);

    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    $again();
    expect($this->play->fresh()->read()->ended)->toBe('won');
    $again($ticket);
    $play = $this->play->fresh();
    expect($play->read()->ended)->toBeNull()->and($play->read()->open)->toBe([])->and($play->ended_at)->toBeNull()
        ->and(DB::table('play_events')->where('play_id', $play->id)->pluck('seq')->all())->toBe([1, 2, 3]);
});

it('leaves nothing where the ending says nothing of it', function (): void {
    $this->play = leaving([]);
    $this->run = $this->play->run;
    $code = $this->play->run->code;
    PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    $ticket = Classroom::ticket($this->play);
    $this->withUnencryptedCookie('fravel_play', $ticket)->get("/p/{$code}/receipt")->assertRedirect("/p/{$code}");
    $this->withUnencryptedCookie('fravel_play', $ticket)->post("/p/{$code}/anew", ['ticket' => $ticket]);

    expect($this->play->fresh()->read()->ended)->toBe('won');
});

it('gives them to all when the teacher says so, wherever they are, and keeps them back again', function (): void {
    $this->play = leaving([]);
    $run = $this->play->run;
    $page = fn (string $path) => $this->withUnencryptedCookie('fravel_play', Classroom::ticket($this->play))
        ->get("/p/{$run->code}{$path}");
    $give = fn (int $yes) => $this->actingAs($run->game->user)
        ->post("/runs/{$run->id}/settings", ['gives_receipts' => $yes]);
    $page('')->assertDontSee('Keep what you answered');

    $give(1)->assertRedirect("/runs/{$run->id}/settings");
    $page('')->assertSee('Keep what you answered');
    $page('/receipt')->assertOk()->assertSee('Nothing was asked on your way.');
    $give(0);
    $page('/receipt')->assertRedirect("/p/{$run->code}");
    expect($run->fresh()->gives_receipts)->toBeFalse();
});
