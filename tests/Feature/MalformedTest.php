<?php

use Fravel\State\PlayState;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\Route;
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
    ['POST', '/games/{game}/mend', ['mend' => ['set' => ['x'], 'together' => 'y']], 409],
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

it('breaks at nothing that is sent to a class that plays together', function (string $mode): void {
    $run = Classroom::open();
    $run->update([
        'plays_as' => $mode, 'shows_wall' => true, 'gives_certificates' => true, 'asks_group' => true,
        'groups' => ['A'], 'asks_address' => true,
    ]);
    $long = str_repeat('é', 100_000);
    $statuses = [];
    $ask = function (string $method, string $path, array $with = []) use (&$statuses): void {
        $asked = "{$method} {$path} ".implode(',', array_keys($with));
        $statuses[$asked] = $this->call($method, $path, $with)->getStatusCode();
    };
    $lists = ['group' => ['x'], 'address' => ['x']];
    foreach ([['name' => ['x']], ['name' => $long, 'member' => $long] + $lists, []] as $with) {
        $ask('POST', "/p/{$run->code}/join", $with);
        $ask('POST', "/p/{$run->code}/again", $with + ['words' => ['x']]);
    }
    $play = App\Models\Play::query()->where('run_id', $run->id)->firstOrFail();
    $stranger = Classroom::join(Classroom::open(), 'Spy');
    $ticket = App\Play\Ticket::for($play->id, $play->members()->value('id'))->text();
    $this->withUnencryptedCookie('fravel_play', $ticket);
    foreach ([$long, [[[]]], null] as $with) {
        $ask('POST', "/p/{$run->code}", [
            'verb' => 'answer', 'on' => $run->edition->nameOf('door'), 'with' => $with, 'ticket' => $ticket,
        ]);
    }
    foreach (['emblem?shape[]=x&line[]=y', 'wall', 'certificate', 'look/x', 'news?seq[]=1', 'receipt'] as $path) {
        $ask('GET', "/p/{$run->code}/{$path}");
    }
    $ask('POST', "/p/{$run->code}/emblem", ['line' => $long, 'shape' => ['x'], 'ticket' => $ticket]);
    $this->actingAs($run->game->user);
    foreach (
        [
            ['front/hand', ['key' => ['x'], 'by' => 'x']], ['front/decide', ['tie' => ['x']]],
            ['settings', ['names' => ['x'], 'opens_at' => ['x']]], ['settings', ['opens_at' => '9999-99-99T99:99']],
            ['reset', ['play' => $stranger->id]], ['time', ['minutes' => 'x', 'play' => $stranger->id]],
            ["plays/{$play->id}/mark", ['lock' => ['x'], 'words' => $long]], ["plays/{$stranger->id}/mark", []],
            ["plays/{$play->id}/help", ['way' => 'back', 'on' => 'x', 'words' => 'y']], ['wall/999', []],
        ] as [$path, $with]
    ) {
        $ask('POST', "/runs/{$run->id}/{$path}", $with);
    }
    foreach (['front', 'front/1/x', 'texts', 'report.pdf', 'compare', "plays/{$stranger->id}"] as $path) {
        $ask('GET', "/runs/{$run->id}/{$path}");
    }
    expect(array_filter($statuses, fn (int $status): bool => $status >= 500))->toBe([])
        ->and($stranger->fresh()->seq)->toBe(1)->and($stranger->fresh()->extra)->toBe(0);
})->with(['each', 'teams', 'class']);

it('says what is wrong on a page of its own, whatever it is, in every language', function (string $language): void {
    app()->setLocale($language);
    foreach (glob(resource_path('views/errors/*.blade.php')) ?: [] as $page) {
        $code = basename($page, '.blade.php');
        expect(Lang::hasForLocale("errors.{$code}.title", $language))->toBeTrue($code)
            ->and(view("errors.{$code}")->render())->toContain(e(__("errors.{$code}.words")));
    }
    $this->get('/p/ABCDE/leave')->assertStatus(405)->assertSee(__('errors.4xx.title'));
    Route::get('/broken-gate', fn () => abort(502));
    $this->get('/broken-gate')->assertStatus(502)->assertSee(__('errors.5xx.title'));
})->with(['en', 'de', 'es', 'fr']);
