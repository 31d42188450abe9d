<?php

use App\Models\Play;
use Tests\Support\Classroom;

it('lets a student in by code and name, and gives two words', function (): void {
    $run = Classroom::open(asksGroup: true);
    $this->get('/join?code='.strtolower($run->code))->assertRedirect("/p/{$run->code}");
    $this->get("/p/{$run->code}")->assertOk()->assertSee('Two rooms')->assertSee('Your group');
    $this->post("/p/{$run->code}/join", ['name' => '  Mia  K. ', 'group' => 'Terns'])
        ->assertRedirect("/p/{$run->code}")
        ->assertCookie('fravel_play', null, false);
    $play = Play::query()->sole();
    expect([$play->name, $play->group, $play->seq])->toBe(['Mia K.', 'Terns', 1])
        ->and($play->rejoin_words)->toMatch('/^[a-z]+ [a-z]+$/');
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
        ->get("/p/{$run->code}")
        ->assertSee('A cold hall.')
        ->assertSee($play->rejoin_words);
});

it('says what keeps a student out', function (string $name, bool $closed, string $words): void {
    $run = Classroom::open();
    Classroom::join($run, 'Mia');
    $run->update(['closed_at' => $closed ? now() : null]);
    $this->post("/p/{$run->code}/join", ['name' => $name])->assertUnprocessable()->assertSee($words);
    expect($run->plays()->count())->toBe(1);
})->with([
    ['', false, 'Type a name first.'],
    ['<>{}', false, 'Type a name first.'],
    ['mia', false, 'called mia already'],
    ['Finn', true, 'closed for new players'],
]);

it('has nothing in the head of a page but what belongs there', function (string $page): void {
    preg_match('~<head>(.*?)</head>~s', (string) $this->get($page)->content(), $head);
    $bare = preg_replace(['~<(title|script|style|noscript)\b.*?</\1>~s', '~<[^>]*>~'], '', $head[1]);

    expect(trim($bare))->toBe('');
})->with(['/', '/sign-in', '/p/XXXXX']);

it('says so when there is no such code', function (): void {
    $this->get('/p/XXXXX')->assertNotFound()->assertSee('no game with the code XXXXX');
    $this->get('/join?code=no%20way')->assertNotFound()->assertSee('NOWAY');
    $this->post('/p/XXXXX/join', ['name' => 'Mia'])->assertNotFound();
});

it('finds a play again by name and two words, and nothing by wrong ones', function (): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $this->post("/p/{$run->code}/again", ['name' => 'MIA', 'words' => 'not these'])
        ->assertUnprocessable()
        ->assertCookieMissing('fravel_play');
    $this->post(
        "/p/{$run->code}/again", ['name' => 'MIA', 'words' => strtoupper(str_replace(' ', '-', $play->rejoin_words))],
    )
        ->assertRedirect("/p/{$run->code}")->assertCookie('fravel_play', Classroom::ticket($play), false);
});

it('keeps the answer that was typed when the device had lost its place', function (): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $this->post("/p/{$run->code}", ['verb' => 'answer', 'on' => Classroom::id('door'), 'with' => 'a long thought'])
        ->assertUnauthorized()
        ->assertSee('a long thought');
    $back = $this->post(
        "/p/{$run->code}/again",
        [
            'name' => 'Mia', 'words' => $play->rejoin_words,
            'typed' => ['on' => Classroom::id('door'), 'with' => 'a long thought'],
        ],
    )->headers->get('Location');
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
        ->get((string) $back)
        ->assertSee('value="a long thought"', false);
});

it('takes no ticket that it did not seal', function (string $ticket): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $this->withUnencryptedCookie('fravel_play', strtr($ticket, ['{id}' => $play->id]))
        ->get("/p/{$run->code}")
        ->assertSee('What shall the game call you?');
})->with([
    '',
    'nonsense',
    '{id}',
    '{id}.',
    '{id}.0000000000000000000000000000abcd',
]);

it('shows one run’s play in no other run', function (): void {
    $play = Classroom::join(Classroom::open());
    $other = Classroom::open();
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
        ->get("/p/{$other->code}")
        ->assertSee('What shall the game call you?');
});
