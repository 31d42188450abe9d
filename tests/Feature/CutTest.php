<?php

use App\Clips\Cutting;
use App\Clips\Pieces;
use App\Models\Game;
use App\Models\Play;
use App\Models\User;
use App\Storage\GameFiles;
use Fravel\Support\Json;
use Fravel\Thing\Things;
use Illuminate\Support\Facades\DB;
use Tests\Support\Classroom;
use Tests\Support\Feature\ClipCases as Clip;
use Tests\Support\Games;

/** @return array<string, mixed> a film with stops that wait at 0:04 and 0:12, and one that goes by */
function filmToCut(string $file): array
{
    $stop = fn (string $id, float $at, array $more = []): array => [
        'id' => $id, 'stop' => ['clip' => 'clip', 'at' => $at] + $more, 'things' => [Games::lock("lock-{$id}", 'yes')],
    ];

    return Games::document([
        ['id' => 'home', 'things' => [['id' => 'clip', 'kind' => 'clip', 'asset' => 'film', 'length' => 62]]],
        $stop('second', 12), $stop('first', 4), $stop('passing', 8, ['lasts' => 2]),
    ], ['assets' => [['id' => 'film', 'file' => $file, 'type' => 'video/webm', 'alt' => 'A film']]]);
}

beforeEach(function (): void {
    $this->game = Game::factory()->create();
    $this->file = Clip::brought($this->game, Clip::film())['body']['asset']['file'];
    $this->game->update(['document' => Json::write(filmToCut($this->file))]);
    $this->flushSession();
    $this->actingAs($this->game->user);
    array_map(unlink(...), glob(dirname(Pieces::path($this->file, [])).'/'.basename($this->file).'*'));
    $this->clip = Things::clip($this->game->read()->scene('home')->things, 'clip');
});

it('cuts where the film waits, in their order, and nowhere else', function (): void {
    expect(Pieces::cuts($this->clip))->toBe([4.0, 12.0])->and(Pieces::of($this->file, $this->clip))->toBeNull();
});

it('gives a play no address of what lies behind a stop before that is done, nor of the whole film', function (): void {
    $names = array_map(fn (int $one): string => str_repeat((string) $one, 64).'.mp4', [1, 2, 3]);
    Pieces::keep($this->file, [4.0, 12.0], array_map(fn (string $name, float $from, float $until): array => [
        'file' => "assets/{$name}", 'from' => $from, 'until' => $until,
    ], $names, [0.0, 4.0, 12.0], [4.0, 12.0, 62.0]));
    $run = Classroom::open(filmToCut($this->file));
    $play = Classroom::join($run);
    $seen = function () use ($play, $names): array {
        $page = Clip::page($play)->assertOk()->content();
        expect($page)->not->toContain(basename($this->file));

        return array_map(fn (string $name): bool => str_contains($page, $name), $names);
    };

    expect($seen())->toBe([true, false, false]);
    Clip::act($play, ['verb' => 'cue', 'on' => 'first']);
    expect($seen())->toBe([true, false, false]);
    Clip::act($play, ['verb' => 'answer', 'on' => 'lock-first', 'with' => 'yes']);
    expect($seen())->toBe([true, true, false]);
    Clip::act($play, ['verb' => 'continue']);
    Clip::act($play, ['verb' => 'cue', 'on' => 'second']);
    expect($seen())->toBe([true, true, false]);
    Clip::act($play, ['verb' => 'answer', 'on' => 'lock-second', 'with' => 'yes']);
    expect($seen())->toBe([true, true, true])->and(Play::query()->sole()->read()->open)->toHaveCount(2);
});

it('tells how far it is, begins nothing twice, and says what failed', function (): void {
    $path = Pieces::path($this->file, [4.0, 12.0]).'.progress';
    $standing = fn (): array => $this->getJson("/games/{$this->game->id}/cuts/clip")->assertOk()->json();
    expect($standing())->toMatchArray(['state' => 'whole', 'pieces' => 0]);
    is_dir(dirname($path)) || mkdir(dirname($path), 0o755, true);
    file_put_contents($path, '{"percent":40}');
    expect($standing())->toMatchArray(['state' => 'cutting', 'percent' => 40]);
    (new Cutting($this->file, [4.0, 12.0]))->begin();
    expect(file_get_contents($path))->toBe('{"percent":40}');
    touch($path, time() - 200);
    expect($standing()['state'])->toBe('failed');
    $broken = new Cutting('assets/'.str_repeat('e', 64).'.webm', [4.0, 12.0]);
    file_put_contents(GameFiles::path(basename($broken->file)), 'no film');
    expect($broken->run())->toBeFalse()->and($broken->standing())->toMatchArray(['state' => 'failed', 'pieces' => 0])
        ->and(glob(dirname($path).'/*', GLOB_ONLYDIR))->toBe([])
        ->and($this->getJson("/games/{$this->game->id}/cuts/nothing")->assertOk()->json('state'))->toBe('none');
    $this->flushSession();
    $this->actingAs(User::factory()->create())->postJson("/games/{$this->game->id}/cuts/clip")->assertForbidden();
});

it('cuts a film where ffmpeg is, and says so where it is not', function (): void {
    if (! Cutting::isPossible()) {
        $this->postJson("/games/{$this->game->id}/cuts/clip")->assertUnprocessable()->assertSee('ffmpeg');

        return;
    }
    $other = Pieces::path('assets/other.webm', [1.0]).'.progress';
    is_dir(dirname($other)) || mkdir(dirname($other), 0o755, true);
    file_put_contents($other, '{"percent":3}');
    $this->postJson("/games/{$this->game->id}/cuts/clip")->assertUnprocessable()->assertSee('Another film');
    unlink($other);
    [$old, $new] = [dirname($other).'/old', dirname($other).'/new'];
    array_map(mkdir(...), [$old, $new]);
    touch($old, time() - 5 * 3600);
    $this->postJson("/games/{$this->game->id}/cuts/clip")->assertOk();
    $bytes = fn (): int => (int) DB::table('pictures')->where('game_id', $this->game->id)->sum('bytes');
    expect($bytes())->toBe(2 * strlen(Clip::film()));
    // However long it takes: it tells that it goes on.
    while ((new Cutting($this->file, [4.0, 12.0]))->standing()['state'] === 'cutting') {
        usleep(100_000);
    }
    // What was killed long ago is swept; what may be going on is not. Cut already, it counts no second time.
    expect([is_dir($old), is_dir($new)])->toBe([false, true])->and(rmdir($new))->toBeTrue();
    $this->postJson("/games/{$this->game->id}/cuts/clip")->assertOk()->assertJson(['state' => 'cut', 'pieces' => 3]);
    expect($bytes())->toBe(2 * strlen(Clip::film()));
    $pieces = Pieces::of($this->file, $this->clip)->all;
    expect(array_map(fn (array $piece): array => [$piece['from'], $piece['until']], $pieces))
        ->toEqual([[0, 4], [4, 12], [12, 62.01]]);
    foreach ($pieces as ['file' => $file, 'from' => $from, 'until' => $until]) {
        $piece = App\Clips\Container::of(GameFiles::path(basename($file)));
        expect($piece->type)->toBe('video/mp4')->and(abs($piece->seconds - ($until - $from)))->toBeLessThan(0.2);
    }
});
