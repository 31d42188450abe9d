<?php

use App\Actions\EraseDueRuns;
use App\Models\Play;
use App\Report\Making;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Support\Classroom;
use Tests\Support\Games;

beforeEach(function (): void {
    $this->freezeSecond();
    config(['fravel.reports' => $this->reports = sys_get_temp_dir().'/fravel-reports-'.getmypid()]);
    $this->open = Classroom::open(Games::document([['id' => 'a', 'things' => [Games::lock('door', 'gannet')]]]));
    $this->actingAs($this->open->game->user);
    foreach (['Mia', 'Finn', 'Ada'] as $name) {
        $this->post("/p/{$this->open->code}/join", ['name' => $name])->assertRedirect();
    }
    // As nothing is begun beside a test, what would be on its way says so here.
    config(['fravel.large_run' => 2, 'app.debug' => false]);
    $folder = "{$this->reports}/{$this->open->id}";
    $this->file = fn (string $what, string $kind): array => glob("{$folder}/{$what}-*.{$kind}");
    $this->onItsWay = fn (string $what) => File::put(
        "{$folder}/{$what}-".substr(hash('sha256', 'en UTC'), 0, 8).'-is.made.progress', '{"percent":40}',
    );
    File::ensureDirectoryExists($folder);
});

afterEach(fn () => File::deleteDirectory($this->reports));

$files = [
    'pdf' => 'report.pdf', 'csv' => 'report.csv', 'answers' => 'answers.csv', 'locks' => 'locks.csv',
    'choices' => 'choices.csv', 'records' => 'records.json',
];

it('makes what is taken of a large run beside it, and it is what a small one is given', function (
    string $what, string $file,
): void {
    config(['fravel.large_run' => 99]);
    $small = $this->get("/runs/{$this->open->id}/{$file}");
    config(['fravel.large_run' => 2]);
    ($this->onItsWay)($what);
    $this->get("/runs/{$this->open->id}/{$file}")->assertOk()->assertSee('40 % is read');
    $this->artisan('reports:make', ['run' => $this->open->id, 'what' => $what, 'locale' => 'en', 'zone' => 'UTC'])
        ->assertSuccessful();
    $this->get("/runs/{$this->open->id}/making/{$what}")->assertOk()->assertSee('It is ready.')
        ->assertSee("/runs/{$this->open->id}/{$file}");
    $large = $this->get("/runs/{$this->open->id}/{$file}");

    foreach (['Content-Type', 'Content-Disposition'] as $name) {
        expect($large->headers->get($name))->toBe($small->headers->get($name));
    }
    $same = static fn (string $bytes): string => $what === 'pdf' ? substr($bytes, 0, 8) : $bytes;
    expect($same($large->streamedContent()))->toBe($same($small->streamedContent()))
        ->and(($this->file)($what, 'progress'))->toBe([]);
})->with(array_map(null, array_keys($files), $files));

it('shows the report of a large run from figures that are kept, until the class has done something', function (): void {
    ($this->onItsWay)(Making::FIGURES);
    $page = fn () => $this->get("/runs/{$this->open->id}/report")->assertOk();
    $page()->assertSee('40 % is read')->assertDontSee('finished');
    $this->artisan('reports:make', [
        'run' => $this->open->id, 'what' => 'figures', 'locale' => 'en', 'zone' => 'UTC',
    ])->assertSuccessful();
    $page()->assertSee('of 3 finished')->assertSee('As it was at');
    [$kept] = ($this->file)(Making::FIGURES, 'made');

    // For a minute what the class has done since may be missing; then it is made anew.
    $this->post("/p/{$this->open->code}/join", ['name' => 'Noa'])->assertRedirect();
    $page()->assertSee('of 3 finished');
    touch($kept, time() - 90);
    ($this->onItsWay)(Making::FIGURES);
    $page()->assertSee('40 % is read');
    $this->artisan('reports:make', [
        'run' => $this->open->id, 'what' => 'figures', 'locale' => 'en', 'zone' => 'UTC',
    ])->assertSuccessful();
    $page()->assertSee('of 4 finished');
    expect(($this->file)(Making::FIGURES, 'made'))->toHaveCount(1)->not->toContain($kept);
    [$kept] = ($this->file)(Making::FIGURES, 'made');
    file_put_contents($kept, 'of another version');
    ($this->onItsWay)(Making::FIGURES);
    $page()->assertSee('40 % is read');
    expect(is_file($kept))->toBeFalse();
});

it('sets the report of a large run beside others once it is made', function (): void {
    ($this->onItsWay)(Making::FIGURES);
    $page = fn () => $this->get("/runs/{$this->open->id}/compare")->assertOk();
    $page()->assertSee('is being made');
    $this->artisan('reports:make', [
        'run' => $this->open->id, 'what' => 'figures', 'locale' => 'en', 'zone' => 'UTC',
    ])->assertSuccessful();
    $page()->assertDontSee('is being made')->assertSee('0 / 3');
});

it('keeps nothing of a play that was deleted while it was made', function (): void {
    DB::listen(fn (QueryExecuted $query) => str_contains($query->sql, '"members"') && Making::forget($this->open->id));
    $this->artisan('reports:make', ['run' => $this->open->id, 'what' => 'answers', 'locale' => 'en', 'zone' => 'UTC'])
        ->assertSuccessful();

    expect(($this->file)('answers', '*'))->toBe([]);
});

it('says so where there is no room for it, or it breaks off', function (): void {
    config(['fravel.reports' => '/dev/null/reports']);
    foreach (['report', 'answers.csv', 'making/locks'] as $page) {
        $this->get("/runs/{$this->open->id}/{$page}")->assertOk()->assertSee('It could not be made');
    }
    $this->get("/runs/{$this->open->id}/compare")->assertOk();
    config(['fravel.reports' => $this->reports]);
    DB::listen(fn (QueryExecuted $query) => str_contains($query->sql, '"members"') && throw new RuntimeException('x'));
    $this->artisan('reports:make', ['run' => $this->open->id, 'what' => 'answers', 'locale' => 'en', 'zone' => 'UTC'])
        ->assertFailed();
    $this->get("/runs/{$this->open->id}/answers.csv")->assertSee('It could not be made');
    expect(($this->file)('answers', 'part'))->toBe([])->and(($this->file)('answers', 'made'))->toBe([]);
});

it('forgets what was made with a run whose day has come, and what is old', function (): void {
    $make = fn () => $this->artisan('reports:make', [
        'run' => $this->open->id, 'what' => 'answers', 'locale' => 'en', 'zone' => 'UTC',
    ]);
    $make();
    touch(($this->file)('answers', 'made')[0], time() - 3700);
    app(EraseDueRuns::class)->handle();
    expect(($this->file)('answers', 'made'))->toBe([]);
    $make();
    $this->open->update(['erase_on' => '2020-01-01']);
    app(EraseDueRuns::class)->handle();
    expect(($this->file)('answers', 'made'))->toBe([]);
});

it('names so many on a page, and says how many more there are', function (): void {
    config(['fravel.large_run' => 999]);
    $play = (array) DB::table('plays')->where('run_id', $this->open->id)->first();
    DB::table('plays')->insert(array_map(static fn (int $number): array => [
        'id' => "01h000000000000000000{$number}", 'name' => "One {$number}", 'name_key' => "one {$number}",
    ] + $play, range(10_001, 10_202)));

    $this->get("/runs/{$this->open->id}/report")->assertOk()->assertSee('and 5 more, who stand in the table of plays');
});

it('says that one failed, and begins it again when told to', function (): void {
    ($this->onItsWay)('answers');
    [$at] = ($this->file)('answers', 'progress');
    File::put($at, '{"percent":0,"failed":true}');
    $this->get("/runs/{$this->open->id}/answers.csv")->assertOk()->assertSee('It could not be made')
        ->assertSee('Try again');
    File::put($at, '{"percent":70}');
    touch($at, time() - 500);
    $this->get("/runs/{$this->open->id}/making/answers")->assertSee('It could not be made');
    foreach (['locks', 'choices'] as $other) {
        ($this->onItsWay)($other);
    }
    $this->post("/runs/{$this->open->id}/making/answers")->assertRedirect("/runs/{$this->open->id}/answers.csv");
    $this->get("/runs/{$this->open->id}/making/answers")->assertSee('Others are being made first');
    expect(is_file($at))->toBeFalse();
});

it('keeps what is made from others, and keeps nothing of what was deleted', function (): void {
    ($this->onItsWay)('answers');
    $this->artisan('reports:make', ['run' => $this->open->id, 'what' => 'answers', 'locale' => 'en', 'zone' => 'UTC']);
    [$made] = ($this->file)('answers', 'made');
    $stranger = App\Models\User::factory()->create();
    foreach (['answers.csv', 'making/answers', 'making/figures', 'report'] as $page) {
        $this->actingAs($stranger)->get("/runs/{$this->open->id}/{$page}")->assertForbidden();
    }
    $this->actingAs($stranger)->post("/runs/{$this->open->id}/making/answers")->assertForbidden();
    $this->flushSession();
    $this->actingAs($this->open->game->user)->get("/runs/{$this->open->id}/making/nothing")->assertNotFound();
    touch($made, time() - 3500);
    expect(Making::sweep())->toBe(0);
    touch($made, time() - 3700);
    expect(Making::sweep())->toBe(1);

    foreach (['play', 'run'] as $what) {
        $this->artisan('reports:make', [
            'run' => $this->open->id, 'what' => 'answers', 'locale' => 'en', 'zone' => 'UTC',
        ]);
        expect(($this->file)('answers', 'made'))->toHaveCount(1);
        $this->delete("/runs/{$this->open->id}".($what === 'play' ? '/plays/'.Play::query()->value('id') : ''))
            ->assertRedirect();
        expect(($this->file)('answers', '*'))->toBe([]);
    }
});
