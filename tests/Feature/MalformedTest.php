<?php

use Fravel\State\PlayState;
use Tests\Support\Classroom;
use Tests\Support\Games;

it('takes answers of any shape from a student without breaking', function (mixed $with): void {
    $things = [
        ['input' => ['type' => 'gaps', 'md' => 'The {gap-1} tide']] + Games::lock('gaps', 'x'),
        [
            'input' => ['type' => 'pairs', 'left' => [['id' => 'l1']], 'right' => [['id' => 'r1']]],
        ] + Games::lock('pairs', 'x'),
        ['input' => ['type' => 'options', 'many' => true, 'options' => [['id' => 'o1']]]] + Games::lock('options', 'x'),
        Games::lock('text', 'x'),
    ];
    $run = Classroom::open(Games::document([['id' => 'a', 'things' => $things]]));
    $play = Classroom::join($run);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play));
    foreach (array_column($things, 'id') as $lock) {
        $this->post(
            "/p/{$run->code}", Classroom::form($play, ['verb' => 'answer', 'on' => $lock, 'with' => $with]),
        )->assertOk();
        $this->get("/p/{$run->code}?".http_build_query(['typed' => ['on' => $lock, 'with' => $with]]))->assertOk();
    }
    expect($play->fresh()->read()->open)->toBe([]);
})->with([
    'an object in an object' => [['gap-1' => ['x' => '1']]],
    'a list in a list' => [[['x']]],
    'a list for a part' => [['l1' => ['r1']]],
    'a part without a name' => [['' => '']],
    'text' => ['y'],
]);

it('takes lists where text belongs as nothing typed', function (
    string $method, string $path, array $fields, int $status,
): void {
    $run = Classroom::open();
    if (str_starts_with($path, '/games')) {
        $this->actingAs($run->game->user);
    }
    $this->call($method, str_replace('{game}', $run->game_id, $path), $fields)->assertStatus($status);
})->with([
    ['POST', '/sign-in', ['email' => ['x'], 'password' => ['y']], 302],
    ['POST', '/register', ['email' => ['x'], 'name' => ['y']], 302],
    ['POST', '/forgotten', ['email' => ['x']], 302],
    ['POST', '/reset', ['email' => ['x'], 'token' => 'y'], 302],
    ['GET', '/games', ['seek' => ['x']], 200],
    [
        'POST', '/games/new/worksheet', ['text' => ['x'], 'language' => ['y'], 'separator' => ['z'], 'title' => ['q']],
        200,
    ],
    ['POST', '/games/new/worksheet/build', ['rows' => 'x', 'title' => ['q']], 200],
    ['POST', '/games/{game}/bench', ['lock' => ['x'], 'with' => ['y']], 200],
    ['POST', '/games/{game}/runs', ['label' => ['x']], 302],
]);

it('lets nobody guess two words without end', function (): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $guess = fn (string $name, string $words) => $this->post(
        "/p/{$run->code}/again", ['name' => $name, 'words' => $words],
    );
    foreach (['Mia', 'mia', ' MIA ', 'Mía', 'mia.', "mi'a"] as $spelling) {
        $guess($spelling, 'not these')->assertUnprocessable();
    }
    $guess('mia', $play->rejoin_words)->assertTooManyRequests();
    $guess('Finn', 'not these')->assertUnprocessable();
    $this->travel(61)->seconds();
    $guess('Mia', $play->rejoin_words)->assertRedirect();
});

it('goes on with a play that was kept when states knew fewer fields', function (): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $state = json_decode($play->state, true);
    unset($state['passes'], $state['cued']);
    $play->update(['state' => json_encode($state + ['later' => 'unknown'])]);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))->get("/p/{$run->code}")->assertOk()
        ->assertSee('A cold hall.');
    expect(PlayState::fromArray($state)->passes)->toBe([]);
});
