<?php

use App\Models\Letter;
use App\Models\User;

it('makes an account and signs in with it', function (): void {
    $this->post('/register', ['name' => 'Ida Marsh', 'email' => 'Ida@Skerry.example', 'password' => 'a quiet harbour', 'password_confirmation' => 'a quiet harbour'])
        ->assertRedirect('/games');
    $this->assertAuthenticated();
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
    $this->post('/sign-in', ['email' => 'ida@skerry.example', 'password' => 'a quiet harbour'])
        ->assertRedirect('/games');
    $this->assertAuthenticated();
});

it('says what is wrong with an account', function (array $fields, string $field): void {
    User::factory()->create(['email' => 'taken@skerry.example']);
    $good = ['name' => 'Ida', 'email' => 'ida@skerry.example', 'password' => 'a quiet harbour', 'password_confirmation' => 'a quiet harbour'];

    $this->post('/register', $fields + $good)->assertSessionHasErrors($field);
    $this->assertGuest();
})->with([
    [['name' => ''], 'name'],
    [['email' => 'no address'], 'email'],
    [['email' => 'taken@skerry.example'], 'email'],
    [['password' => 'short', 'password_confirmation' => 'short'], 'password'],
    [['password_confirmation' => 'another'], 'password'],
]);

it('sends a letter for a forgotten password, which sets a new one once', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example']);
    $this->post('/forgotten', ['email' => 'ida@skerry.example'])->assertSessionHas('status');
    $this->get('/outbox')->assertOk()->assertSee('ida@skerry.example');
    preg_match('~/reset/(\w+)~', (string) Letter::query()->first()?->body, $link);
    $fields = ['token' => $link[1], 'email' => 'ida@skerry.example', 'password' => 'a new harbour', 'password_confirmation' => 'a new harbour'];
    $this->get("/reset/{$link[1]}?email=ida@skerry.example")
        ->assertOk()
        ->assertSee('ida@skerry.example');
    $this->post('/reset', $fields)->assertRedirect('/sign-in');
    $this->post('/reset', $fields)->assertSessionHasErrors('email');
    $this->post('/sign-in', ['email' => 'ida@skerry.example', 'password' => 'a new harbour'])
        ->assertRedirect('/games');
});

it('says the same whether or not there is such an account', function (): void {
    $this->post('/forgotten', ['email' => 'nobody@skerry.example'])
        ->assertSessionHas('status', __('auth.letter_sent'));
    expect(Letter::query()->count())->toBe(0);
});

it('has no outbox where a real mail service is set up', function (): void {
    config(['mail.default' => 'smtp']);
    $this->get('/outbox')->assertNotFound();
});

it('stops guessing at passwords', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example']);
    for ($try = 0; $try < 8; $try++) {
        $this->post('/sign-in', ['email' => 'ida@skerry.example', 'password' => 'wrong'])
            ->assertSessionHasErrors('email');
    }
    $this->post('/sign-in', ['email' => 'ida@skerry.example', 'password' => 'wrong'])
        ->assertTooManyRequests();
});

it('sends strangers to sign in', function (string $path): void {
    $this->get($path)->assertRedirect('/sign-in');
})->with(['/games', '/games/new', '/games/new/worksheet']);

it('lets nothing in from elsewhere and nothing inline', function (string $path): void {
    $policy = (string) $this->get($path)->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'self'")->toContain("script-src 'self'")->toContain("frame-ancestors 'none'")->not->toContain('unsafe');
})->with(['/', '/sign-in', '/register', '/outbox']);
