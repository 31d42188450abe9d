<?php

use App\Models\Emblem;
use App\Models\User;
use App\Play\Ticket;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;

beforeEach(function (): void {
    $this->run = Classroom::open();
    $this->run->update(['gives_certificates' => true, 'shows_wall' => true, 'shows_order' => true]);
    $this->play = Classroom::join($this->run);
    $this->finish = function (): void {
        PlayCases::act($this, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
        PlayCases::act($this, ['verb' => 'choose', 'on' => 'leave']);
    };
    $this->page = fn (string $path = '') => $this
        ->withUnencryptedCookie('fravel_play', Ticket::for($this->play->id)->text())
        ->get("/p/{$this->run->code}{$path}");
    $this->put = fn (array $fields) => $this
        ->withUnencryptedCookie('fravel_play', Ticket::for($this->play->id)->text())
        ->post("/p/{$this->run->code}/emblem", $fields + ['ticket' => Classroom::ticket($this->play)]);
});

it('prints a certificate for who is through, which the teacher alone finds again by its code', function (): void {
    ($this->page)('/certificate')->assertRedirect("/p/{$this->run->code}");
    ($this->finish)();
    ($this->page)()->assertSee('Certificate')->assertSee('Your emblem for the wall');
    $html = (string) ($this->page)('/certificate')->assertOk()->assertSee('Mia')->assertSee('Two rooms')
        ->assertSee('You are number 1 to finish')
        ->assertSee(date('j F Y', $this->play->fresh()->ended_at))->content();
    $code = (string) $this->play->fresh()->certificate;
    expect($code)->toMatch('/^[CDFGHJKMNPQRTVWXY346789]{4}-[CDFGHJKMNPQRTVWXY346789]{4}$/')
        ->and($html)->toContain($code)
        ->and((string) ($this->page)('/certificate')->content())->toContain($code);
    $typed = strtolower(str_replace('-', ' ', $code));
    $this->actingAs($this->run->game->user)->get('/certificates?code='.urlencode($typed))
        ->assertSee('Mia')->assertSee('Two rooms');
    $this->get('/certificates?code=AAAA-BBBB')->assertSee('No certificate of your runs');
    $this->flushSession();
    $this->actingAs(User::factory()->create())->get("/certificates?code={$code}")->assertDontSee('Mia');
});

it('puts an emblem of our own parts on the wall, and a line once the teacher has read it', function (): void {
    ($this->put)(['line' => 'Early'])->assertRedirect("/p/{$this->run->code}");
    expect(Emblem::query()->count())->toBe(0);
    ($this->finish)();
    ($this->page)('/emblem?shape=disc&charge=fish')->assertOk()->assertSee('M50 5a45', false);
    ($this->put)(['shape' => 'disc', 'charge' => '"><script>', 'line' => ' Nobody   was <b>faster</b> '])
        ->assertRedirect("/p/{$this->run->code}/wall");
    $emblem = Emblem::query()->sole();
    expect($emblem->design)->toBe(['shape' => 'disc', 'field' => 'halves', 'one' => 'lamp', 'two' => 'deep',
        'charge' => 'star'])->and($emblem->line)->toBe('Nobody was <b>faster</b>');
    ($this->page)('/wall')->assertSee('Mia')->assertDontSee('faster');
    $this->actingAs($this->run->game->user)->get("/runs/{$this->run->id}/wall")->assertSee('Nobody was <b>faster</b>');
    $this->post("/runs/{$this->run->id}/wall/{$emblem->id}", ['good' => 1]);
    ($this->page)('/wall')->assertSee('Nobody was <b>faster</b>');
    // Another line is another thing to read; another drawing is not.
    ($this->put)(['shape' => 'kite', 'line' => 'Nobody was <b>faster</b>']);
    expect($emblem->fresh()->approved_at)->not->toBeNull();
    ($this->put)(['shape' => 'kite', 'line' => 'Something else']);
    ($this->page)('/wall')->assertDontSee('Something else');
    $this->post("/runs/{$this->run->id}/wall/{$emblem->id}", ['good' => 0]);
    expect($emblem->fresh()->line)->toBe('');
    $other = Classroom::open();
    $this->flushSession();
    $this->actingAs($other->game->user)->post("/runs/{$other->id}/wall/{$emblem->id}", ['good' => 1])
        ->assertNotFound();
});

it('gives nothing of it to who did not come through', function (string $path): void {
    ($this->finish)();
    $this->play->update(['state' => json_encode(['ended' => 'lost'] + json_decode($this->play->fresh()->state, true))]);
    ($this->page)($path)->assertRedirect("/p/{$this->run->code}");
})->with(['/certificate', '/emblem']);

it('keeps wall and certificate to runs that have them', function (string $path): void {
    ($this->finish)();
    $this->run->update(['gives_certificates' => false, 'shows_wall' => false]);
    ($this->page)($path)->assertRedirect("/p/{$this->run->code}");
    ($this->page)()->assertDontSee('emblem for the wall');
})->with(['/certificate', '/emblem', '/wall']);
