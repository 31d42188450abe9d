<?php

use App\Models\Play;
use App\Play\Newcomers;
use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Tests\Support\Classroom;
use Tests\Support\Feature\DoorCases;
use Tests\Support\Games;

it('lets four hundred students of one address join in a minute', function (): void {
    $run = Classroom::open();
    foreach (range(1, 400) as $number) {
        DoorCases::at('10.0.0.1', 'GET', "/p/{$run->code}")->assertOk();
        DoorCases::at('10.0.0.1', 'POST', "/p/{$run->code}/join", ['name' => "Student {$number}"])->assertRedirect();
    }
    expect($run->plays()->count())->toBe(400);
});

it('looks at thirty wrong codes a minute from one address, and then at none that is not known '
    .'there', function (): void {
        $run = Classroom::open();
        $other = Classroom::open();
        DoorCases::at('10.0.0.1', 'POST', "/p/{$run->code}/join", ['name' => 'Mia'])->assertRedirect();
        $letters = mb_str_split('CDFGHJKMNPQRTVWXY');
        foreach (range(0, 29) as $number) {
            $path = [
                fn ($code) => "/p/{$code}", fn ($code) => "/join?code={$code}",
            ][$number % 2]('ZZZ'.$letters[$number % 17].$letters[intdiv($number, 17)]);
            DoorCases::at('10.0.0.1', 'GET', $path)->assertNotFound();
        }
        DoorCases::at('10.0.0.1', 'GET', '/p/ZZZZZ')->assertTooManyRequests()->assertSee('Too many wrong codes');
        DoorCases::at('10.0.0.1', 'GET', "/p/{$other->code}")->assertTooManyRequests();
        DoorCases::at('10.0.0.1', 'POST', "/p/{$other->code}/join", ['name' => 'Eve'])->assertTooManyRequests();
        DoorCases::at('10.0.0.1', 'POST', "/p/{$other->code}/again", ['name' => 'Eve', 'words' => 'x y'])
            ->assertTooManyRequests();
        DoorCases::at('10.0.0.1', 'GET', "/p/{$run->code}")->assertOk();
        DoorCases::at('10.0.0.2', 'GET', "/p/{$other->code}")->assertOk();
        $this->travel(61)->seconds();
        DoorCases::at('10.0.0.1', 'GET', "/p/{$other->code}")->assertOk();
    });

it('knows a code where its teacher looked at the run', function (): void {
    $run = Classroom::open();
    $this->actingAs($run->game->user);
    DoorCases::at('10.0.0.1', 'GET', "/runs/{$run->id}")->assertOk();
    foreach (range(1, 31) as $number) {
        DoorCases::at('10.0.0.1', 'GET', '/p/ZZZZ'.chr(64 + $number % 26 + 1));
    }
    DoorCases::at('10.0.0.1', 'GET', "/p/{$run->code}")->assertOk();
});

it('makes those wait who begin play after play to guess on with', function (): void {
    $this->freezeTime();
    $run = Classroom::open();
    foreach (range(1, 5) as $number) {
        DoorCases::begunToGuess($run, "Guesser {$number}", '10.0.0.1')->assertRedirect();
    }
    DoorCases::begunToGuess($run, 'Guesser 6', '10.0.0.1')->assertUnprocessable()->assertSee('Wait 2 seconds');
    DoorCases::at('10.0.0.2', 'POST', "/p/{$run->code}/join", ['name' => 'Mia'])->assertRedirect();
    $this->travel(2)->seconds();
    DoorCases::begunToGuess($run, 'Guesser 6', '10.0.0.1')->assertRedirect();
    DoorCases::begunToGuess($run, 'Guesser 7', '10.0.0.1')->assertSee('Wait 4 seconds');
    $begun = 6;
    for ($minute = 0; $minute < 45; $minute++) {
        $this->travel(1)->minutes();
        $begun += DoorCases::begunToGuess($run, "Later {$minute}", '10.0.0.1')->isRedirection() ? 1 : 0;
    }
    expect($begun)->toBeLessThan(17);
});

it('makes nobody wait for hours where the clock was put back', function (): void {
    $this->freezeTime();
    $run = Classroom::open();
    foreach (range(1, 5) as $number) {
        DoorCases::begunToGuess($run, "Guesser {$number}", '10.0.0.1')->assertRedirect();
    }
    $this->travel(-3)->hours();

    DoorCases::begunToGuess($run, 'Guesser 6', '10.0.0.1')->assertRedirect();
});

it('makes nobody wait of a class in which a few are stuck', function (): void {
    $run = Classroom::open();
    foreach (range(1, 5) as $number) {
        DoorCases::begunToGuess($run, "Stuck {$number}", '10.0.0.1')->assertRedirect();
        DoorCases::at('10.0.0.1', 'POST', "/p/{$run->code}/join", ['name' => "Busy {$number}"])->assertRedirect();
    }
    DoorCases::at('10.0.0.1', 'POST', "/p/{$run->code}/join", ['name' => 'Late'])->assertRedirect();
});

it('knows who is stopped by a guard from who is not', function (array $tries, array $open, ?string $lock): void {
    $state = PlayState::fromArray(['scene' => 'hall', 'tries' => $tries, 'open' => $open]);
    expect(Newcomers::stoppedAt(GameDocument::of(Games::twoRooms()), $state))->toBe($lock);
})->with([
    'two tries of three' => [['door' => 2], [], null],
    'three' => [['door' => 3], [], 'door'],
    'three, and open since' => [['door' => 3], ['door'], null],
    'a lock that is gone' => [['attic' => 9], [], null],
]);

it('admits the names of a class list however they are written, and no others', function (): void {
    $run = Classroom::open();
    $this->actingAs($run->game->user)
        ->post("/runs/{$run->id}/settings", ['takes_new' => '1', 'names' => "Zoë Marsh\r\n\r\nFinn, Kay\nfinn"])
        ->assertRedirect();
    expect($run->fresh()->names)->toBe(['Zoë Marsh', 'Finn', 'Kay']);
    $this->get("/p/{$run->code}")->assertSee('as your teacher wrote it');
    DoorCases::at('10.0.0.1', 'POST', "/p/{$run->code}/join", ['name' => 'Eve'])->assertUnprocessable()
        ->assertSee('Eve is not on the list');
    DoorCases::at('10.0.0.1', 'POST', "/p/{$run->code}/join", ['name' => ' zoe  MARSH'])->assertRedirect();
    expect(Play::query()->pluck('name')->all())->toBe(['Zoë Marsh']);
});

it('takes nobody new where the teacher says so, and lets those play on who have begun', function (): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $this->actingAs($run->game->user)->post("/runs/{$run->id}/settings", ['names' => ''])->assertRedirect();
    $this->get("/p/{$run->code}")->assertSee('takes nobody new')->assertDontSee('Begin</button>', false);
    $this->post("/p/{$run->code}/join", ['name' => 'Finn'])->assertUnprocessable();
    $this->post("/p/{$run->code}/again", ['name' => 'Mia', 'words' => $play->rejoin_words])->assertRedirect();
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
        ->post("/p/{$run->code}", Classroom::form($play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull']))
        ->assertOk();
});

it('shows the teacher who only guesses, and removes one play alone', function (): void {
    $run = Classroom::open();
    DoorCases::begunToGuess($run, 'Eve', '10.0.0.1');
    $kept = Classroom::join($run, 'Mia');
    $gone = $run->plays()->where('name', 'Eve')->sole();
    $this->actingAs($run->game->user)->get("/runs/{$run->id}")->assertSee('guesses at “Door”');
    $this->get("/runs/{$run->id}/plays/{$gone->id}")->assertSee('Remove Eve');
    $this->delete("/runs/{$run->id}/plays/{$gone->id}")->assertRedirect();
    expect($run->plays()->pluck('id')->all())->toBe([$kept->id]);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($gone))
        ->post(
            "/p/{$run->code}", Classroom::form($gone, ['verb' => 'answer', 'on' => 'door', 'with' => 'x']),
            ['Accept' => 'application/json'],
        )
        ->assertUnauthorized();
    $other = Classroom::join(Classroom::open());
    $this->delete("/runs/{$run->id}/plays/{$other->id}")->assertNotFound();
});

it('takes a ticket in its own run alone', function (): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $other = Classroom::open();
    $form = Classroom::form($play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
        ->post("/p/{$other->code}", $form, ['Accept' => 'application/json'])->assertUnauthorized();
    expect($play->fresh()->seq)->toBe(1);
    $this->post('/p/'.strtolower($run->code), $form, ['Accept' => 'application/json'])->assertOk();
});

it('lets go of a play by the play’s own form alone', function (): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play));
    $this->post("/p/{$run->code}/leave")->assertRedirect()->assertCookieMissing('fravel_play');
    $this->get("/p/{$run->code}")
        ->assertSeeInOrder(
            ['Not Mia?', 'action="/p/'.$run->code.'/leave"', 'name="ticket" value="'.Classroom::ticket($play).'"'],
            false,
        );
    $this->post("/p/{$run->code}/leave", ['ticket' => Classroom::ticket($play)])->assertCookieExpired('fravel_play');
});

it('shows those who join the title that they will play, not the draft’s', function (): void {
    $run = Classroom::open();
    $run->game->update([
        'title' => 'What comes next', 'document' => str_replace('Two rooms', 'What comes next', $run->game->document),
    ]);
    $this->get("/p/{$run->code}")->assertSee('Two rooms')->assertDontSee('What comes next');
});

it('lets nobody try two words on one name after the other from one address', function (): void {
    $this->freezeTime();
    $run = Classroom::open();
    $play = Classroom::join($run);
    foreach (range(1, 61) as $number) {
        DoorCases::at('10.0.0.1', 'POST', "/p/{$run->code}/again", ['name' => "Name {$number}", 'words' => 'not these'])
            ->assertUnprocessable();
    }
    DoorCases::at('10.0.0.1', 'POST', "/p/{$run->code}/again", ['name' => 'Mia', 'words' => $play->rejoin_words])
        ->assertTooManyRequests();
    DoorCases::at('10.0.0.2', 'POST', "/p/{$run->code}/again", ['name' => 'Mia', 'words' => $play->rejoin_words])
        ->assertRedirect();
});
