<?php

use App\Logging\Failure;
use App\Models\User;
use App\Storage\WholeFileSessions;
use Illuminate\Database\QueryException;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Support\Classroom;

it('is closed for everybody while it is looked after', function (): void {
    // Not by a file, which would close it for what is tested beside this.
    config(['app.maintenance' => ['driver' => 'cache', 'store' => 'array']]);
    $this->artisan('down');
    try {
        $this->get('/')->assertServiceUnavailable()->assertSee('Back soon');
        $this->get('/p/CDFGH')->assertServiceUnavailable();
    } finally {
        $this->artisan('up');
    }
    $this->get('/')->assertOk();
});

it('believes a proxy that is named, and nobody else, of who calls and how', function (): void {
    $run = Classroom::open();
    $join = fn (string $from, string $name) => $this->withServerVariables(['REMOTE_ADDR' => $from])
        ->post(
            "/p/{$run->code}/join", ['name' => $name],
            ['X-Forwarded-Proto' => 'https', 'X-Forwarded-For' => '203.0.113.7'],
        )
        ->getCookie('fravel_play', false)?->isSecure();
    expect($join('10.0.0.1', 'Mia'))->toBeFalse();
    Illuminate\Http\Middleware\TrustProxies::at(['10.0.0.1']);
    expect($join('10.0.0.2', 'Lou'))->toBeFalse()->and($join('10.0.0.1', 'Kay'))->toBeTrue();
    Illuminate\Http\Middleware\TrustProxies::at([]);
});

it('lets plays go on when the key is changed', function (): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $ticket = Classroom::ticket($play);
    config(['app.previous_keys' => [config('app.key')], 'app.key' => 'base64:'.base64_encode(str_repeat('n', 32))]);
    expect(Classroom::ticket($play))->not->toBe($ticket);
    $form = ['ticket' => $ticket] + Classroom::form($play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull']);
    $this->withUnencryptedCookie('fravel_play', $ticket)
        ->post("/p/{$run->code}", $form, ['Accept' => 'application/json'])->assertOk();
    config(['app.previous_keys' => []]);
    $this->get("/p/{$run->code}")->assertSee('What shall the game call you?');
});

it('has words for what is no text', function (string $method, string $path, array $fields, int $status): void {
    $this->actingAs(User::factory()->create())->call($method, $path, $fields)->assertStatus($status);
})->with([
    'a title that is no UTF-8' => ['POST', '/games', ['title' => "A \xFF game"], 302],
    'the null character in a title' => ['POST', '/games', ['title' => "A\0game"], 302],
    'a search that is no UTF-8' => ['GET', '/games?seek=%FF', [], 200],
    'a worksheet that is no UTF-8' => ['POST', '/games/new/worksheet', ['text' => "What?\tth\xFFat"], 200],
    'the null character in a path' => ['GET', '/games/%00', [], 404],
    'a path that is no UTF-8' => ['GET', '/games/%FF', [], 400],
    'a code of anything' => ['GET', '/join?code=%FF%00', [], 404],
    'a file of anything' => ['GET', '/files/%00.png', [], 404],
]);

it('has words for a student’s bytes that are no text', function (): void {
    $run = Classroom::open();
    $this->post("/p/{$run->code}/join", ['name' => "M\xFFia\0"])->assertRedirect();
    $play = $run->plays()->sole();
    expect(mb_check_encoding($play->name, 'UTF-8'))->toBeTrue();
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play));
    $this->post(
        "/p/{$run->code}", Classroom::form($play, ['verb' => 'answer', 'on' => 'door', 'with' => "\xFF\0gull"]),
    )->assertOk();
    $this->post(
        "/p/{$run->code}",
        ['key' => "\xFF"] + Classroom::form($play, ['verb' => 'answer', 'on' => "\xFF", 'with' => 'x']),
    )->assertOk();
});

it('tells a failure in one line that holds nothing anybody typed', function (): void {
    $failure = new QueryException(
        'sqlite', 'insert into plays (name) values (?)', ['Mia'], new PDOException("disk\nfull"),
    );
    expect(Failure::line($failure))
        ->toContain(
            'QueryException: disk full · insert into plays (name) values (?)',
        )->not->toContain('Mia')->not->toContain("\n");
});

it('keeps a session whole when the server is killed while it writes', function (): void {
    $folder = sys_get_temp_dir().'/fravel-sessions-'.getmypid();
    mkdir($folder);
    $sessions = new WholeFileSessions(new Filesystem, $folder, 60);
    $sessions->write('one', 'kept');
    // Whoever reads while another writes gets the old or the new, never a part: the file is another one afterwards.
    $before = fileinode("{$folder}/one");
    $sessions->write('one', str_repeat('x', 100_000));
    expect(fileinode("{$folder}/one"))->not->toBe($before)->and(strlen($sessions->read('one')))->toBe(100_000)
        ->and(glob("{$folder}/*"))->toHaveCount(1);
    array_map(unlink(...), glob("{$folder}/*"));
    rmdir($folder);
});

it('finds games, runs and plays by an index', function (string $query, string $index): void {
    expect(json_encode(DB::select("explain query plan {$query}")))->toContain($index);
})->with([
    ['select * from games where user_id = 1', 'games_user_id'],
    ['select * from runs where game_id = 1', 'runs_game_id'],
    ['select * from runs where edition_id = 1', 'runs_edition_id'],
]);

it('goes down and up again with its tables', function (): void {
    $this->artisan('migrate:rollback', ['--force' => true])->assertSuccessful();
    expect(Schema::hasTable('games'))->toBeFalse();
    $this->artisan('migrate', ['--force' => true])->assertSuccessful();
    expect(Schema::hasTable('plays'))->toBeTrue();
});

it('takes a number past all bounds as none', function (string $path): void {
    $game = App\Models\Game::factory()->create();
    $reply = $this->actingAs($game->user)
        ->call(
            'POST', "/games/{$game->id}/{$path}",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: '{"base": 1e999, "change": -1e999, "pattern": "ladder", "with": {"questions": 1e999}}',
        );
    expect($reply->status())->toBeLessThan(500);
})->with(['edits', 'undo', 'history', 'patterns']);

it('builds its tables, takes them down again and builds the same', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'fravel-tables');
    config(['database.connections.again' => ['database' => $file] + config('database.connections.sqlite')]);
    $tables = static fn (): array => array_column(
        DB::connection('again')->select("select name, sql from sqlite_master where name not like 'sqlite_%' order "
            .'by name'),
        'sql', 'name',
    );
    Artisan::call('migrate', ['--database' => 'again', '--force' => true]);
    $built = $tables();
    Artisan::call('migrate:rollback', ['--database' => 'again', '--force' => true, '--step' => 100]);
    $left = array_keys($tables());
    Artisan::call('migrate', ['--database' => 'again', '--force' => true]);

    expect(array_keys($built))->toContain('games', 'plays', 'runs')
        ->and($left)->toBe(['migrations'])->and($tables())->toBe($built);
    DB::purge('again');
    unlink($file);
});
