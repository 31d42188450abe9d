<?php

use App\Models\Letter;
use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Tests\Support\Feature\AccountCases;

const PASSWORDS = ['password' => 'a quiet harbour', 'password_confirmation' => 'a quiet harbour'];

it('makes an account behind the link of a letter, and signs in with it', function (): void {
    $this->post('/register', ['email' => 'Ida@Skerry.example'])->assertRedirect('/register');
    $this->get('/register')->assertSee('A letter to ida@skerry.example is on its way');
    $this->get(AccountCases::linkInLetter())->assertOk()->assertSee('ida@skerry.example');
    $this->post(AccountCases::linkInLetter(), ['name' => 'Ida Marsh'] + PASSWORDS)->assertRedirect('/games');
    $this->assertAuthenticated();
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
    $this->post('/sign-in', ['email' => 'ida@skerry.example', 'password' => 'a quiet harbour'])
        ->assertRedirect('/games');
    $this->assertAuthenticated();
    $this->post('/sign-out');
    $this->post(AccountCases::linkInLetter(), ['name' => 'Another'] + PASSWORDS)->assertRedirect('/sign-in');
    expect(User::query()->count())->toBe(1);
});

it('says what is wrong with an account', function (array $fields, string $field): void {
    $this->post('/register', ['email' => 'ida@skerry.example']);
    $this->post(AccountCases::linkInLetter(), $fields + ['name' => 'Ida'] + PASSWORDS)->assertSessionHasErrors($field);
    $this->post('/register', ['email' => 'no address'])->assertSessionHasErrors('email');
    $this->assertGuest();
})->with([
    [['name' => ''], 'name'],
    [['password' => 'short', 'password_confirmation' => 'short'], 'password'],
    [['password_confirmation' => 'another'], 'password'],
    'past the bytes that count' => [
        ['password' => str_repeat('é', 37), 'password_confirmation' => str_repeat('é', 37)], 'password',
    ],
    'with the null character' => [
        ['password' => "a quiet\0harbour", 'password_confirmation' => "a quiet\0harbour"], 'password',
    ],
]);

it('makes no account behind a link that was changed or is old', function (callable $changed): void {
    $this->post('/register', ['email' => 'ida@skerry.example']);
    $link = $changed(AccountCases::linkInLetter());
    $this->post($link, ['name' => 'Ida'] + PASSWORDS)->assertForbidden();
    expect(User::query()->count())->toBe(0);
})->with([
    'another address' => [fn (string $link): string => str_replace('ida%40', 'eve%40', $link)],
    'no signature' => [fn (string $link): string => strtok($link, '&')],
    'an hour later' => [function (string $link): string {
        test()->travel(61)->minutes();

        return $link;
    }],
]);

it('tells nobody whether there is an account, and tells its owner in the letter', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example']);
    $known = $this->post('/register', ['email' => 'ida@skerry.example']);
    $unknown = $this->post('/register', ['email' => 'new@skerry.example']);
    expect([$known->status(), $known->headers->get('Location')])
        ->toBe([$unknown->status(), $unknown->headers->get('Location')])
        ->and(Letter::query()->pluck('subject', 'to')->all())
        ->toBe(['ida@skerry.example' => 'You have an account', 'new@skerry.example' => 'Your account'])
        ->and(
            $this->post('/sign-in', ['email' => 'ida@skerry.example', 'password' => 'wrong'])->getSession()
                ->get('errors')->first()
        )
        ->toBe(
            $this->post('/sign-in', ['email' => 'nobody@skerry.example', 'password' => 'wrong'])->getSession()
                ->get('errors')->first(),
        );
});

it('does as much work for an account that is not there', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example']);
    $checked = [];
    Hash::partialMock()->shouldReceive('check')
        ->andReturnUsing(function (string $value, string $hash) use (&$checked): bool {
            $checked[] = password_get_info($hash)['options']['cost'] ?? null;

            return false;
        });
    foreach (['ida@skerry.example', 'nobody@skerry.example'] as $email) {
        $this->post('/sign-in', ['email' => $email, 'password' => 'wrong']);
    }
    expect($checked)->toBe([4, 4]);
});

it('leads by letters to its own address, whatever host it is called by', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example']);
    config(['app.url' => 'https://fravel.example', 'fravel.hosts' => ['localhost', 'evil.example']]);
    $this->post('http://evil.example/forgotten', ['email' => 'ida@skerry.example'])->assertRedirect();
    $this->post('http://evil.example/register', ['email' => 'new@skerry.example'])->assertRedirect();
    expect(Letter::query()->pluck('body')->implode(''))->not->toContain('evil.example')
        ->toContain('https://fravel.example/reset/')->toContain('https://fravel.example/register/finish');
});

it('answers to no host that is not named', function (): void {
    $this->get('http://localhost/sign-in')->assertOk();
    $this->get('http://evil.example/sign-in')->assertBadRequest()->assertSee('not at home here');
    $this->post('http://evil.example/p/CDFGH', [], ['Accept' => 'application/json'])->assertBadRequest();
});

it('ends all other sessions with a new password', function (): void {
    $teacher = User::factory()->create(['email' => 'ida@skerry.example', 'password' => 'the old harbour']);
    $this->post('/sign-in', ['email' => 'ida@skerry.example', 'password' => 'the old harbour', 'remember' => '1'])
        ->assertCookie('fravel_device');
    $this->get('/games')->assertOk();
    $teacher->forceFill(['password' => 'a new harbour'])->save();
    app('auth')->forgetGuards();
    $this->get('/games')->assertRedirect('/sign-in');
});

it('sends no letters, and says so, where none can be sent', function (): void {
    config(['fravel.outbox' => false]);
    $this->get('/forgotten')->assertSee('Letters can’t be sent from here');
    $this->get('/register')->assertSee('Letters can’t be sent from here')->assertDontSee('Send the letter');
    $this->post('/forgotten', ['email' => 'ida@skerry.example'])->assertNotFound();
    $this->post('/register', ['email' => 'ida@skerry.example'])->assertNotFound();
    $this->get('/outbox')->assertNotFound();
    $this->artisan('teacher:invite', ['email' => 'ida@skerry.example'])->expectsOutputToContain('/register/finish?')
        ->assertSuccessful();
    expect(Letter::query()->count())->toBe(0);
});

it('sends a letter for a forgotten password, which sets a new one once', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example']);
    $this->post('/forgotten', ['email' => 'ida@skerry.example'])->assertSessionHas('status');
    $this->get('/outbox')->assertOk()->assertSee('ida@skerry.example');
    preg_match('~/reset/(\w+)~', (string) Letter::query()->first()?->body, $link);
    $fields = [
        'token' => $link[1], 'email' => 'ida@skerry.example', 'password' => 'a new harbour',
        'password_confirmation' => 'a new harbour',
    ];
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

it('lets growing waits stand between wrong tries, and never keeps a teacher out for good', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example', 'password' => 'a quiet harbour']);
    AccountCases::guess(8)->assertUnprocessable();
    AccountCases::guess(1, 'a quiet harbour')->assertRedirect('/games');
    $this->post('/sign-out');
    $this->flushSession();
    $waits = [];
    AccountCases::guess(11, address: '10.0.0.8');
    for ($round = 0; $round < 9; $round++) {
        preg_match(
            '/Wait (?:(\d+) seconds|a second)/',
            (string) AccountCases::guess(1, 'a quiet harbour', '10.0.0.8')->assertTooManyRequests()->json('message'),
            $wait,
        );
        $waits[] = (int) ($wait[1] ?? 1);
        $this->travel((int) ($wait[1] ?? 1))->seconds();
        AccountCases::guess(1, address: '10.0.0.8')->assertUnprocessable();
    }
    expect($waits)->toBe([1, 2, 4, 8, 16, 32, 60, 60, 60]);
});

it('lets a device in that has been in, whatever others try from the same address', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example', 'password' => 'a quiet harbour']);
    $device = AccountCases::guess(1, 'a quiet harbour')->getCookie('fravel_device')?->getValue();
    $this->post('/sign-out');
    $this->flushSession();
    AccountCases::guess(12)->assertTooManyRequests();
    $this->withCredentials()->withCookie('fravel_device', (string) $device);
    AccountCases::guess(1, 'a quiet harbour')->assertRedirect('/games');
});

it('stops guesses that come from everywhere', function (): void {
    User::factory()->create(['email' => 'ida@skerry.example']);
    foreach (range(1, 51) as $address) {
        AccountCases::guess(1, address: "10.0.1.{$address}");
    }
    AccountCases::guess(1, address: '10.0.2.1')->assertTooManyRequests();
});

it('takes no password that no account can have', function (string $password): void {
    User::factory()->create(['email' => 'ida@skerry.example', 'password' => str_repeat('x', 72)]);
    AccountCases::guess(1, $password)->assertUnprocessable();
    $this->assertGuest();
})->with([
    'the null character' => ["x\0x"], 'more than counts' => [str_repeat('x', 73)], 'bytes that are no text' => ["\xC3"],
]);

it('sends strangers to sign in', function (string $path): void {
    $this->get($path)->assertRedirect('/sign-in');
})->with(['/games', '/games/new', '/games/new/worksheet']);

it('lets nothing in from elsewhere and nothing inline', function (string $path): void {
    $policy = (string) $this->get($path)->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'self'")->toContain("script-src 'self'")
        ->toContain("frame-ancestors 'none'")->not->toContain('unsafe');
})->with(['/', '/sign-in', '/register', '/outbox']);

it('counts on where whoever counted died in the middle', function (): void {
    Cache::lock('a turn', 60)->get();
    $counted = 0;
    App\Storage\OneByOne::count('a turn', function () use (&$counted): void {
        $counted++;
    });
    App\Storage\OneByOne::count('another', function () use (&$counted): void {
        $counted++;
    });
    expect($counted)->toBe(2);
});
