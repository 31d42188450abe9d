<?php

use App\Actions\CreateGame;
use App\Clips\Incoming;
use App\Models\Game;
use App\Models\Play;
use App\Models\User;
use App\Packages\Brought;
use App\Packages\Package;
use App\Play\Frame;
use App\Play\Ticket;
use App\Storage\ClipAddress;
use App\Storage\FileRange;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Classroom;
use Tests\Support\Feature\ClipCases as Clip;
use Tests\Support\FilmGames;
use Tests\Support\Games;

it('takes a film in pieces, goes on after a break, and keeps it once', function (): void {
    [$game, $film] = [Game::factory()->create(), Clip::film()];
    ['id' => $id, 'at' => $at] = Clip::told($game, strlen($film))['body'];
    $half = intdiv(strlen($film), 2);

    expect($at)->toBe(0)->and(Clip::sent($game, $id, substr($film, 0, $half), 0)['body'])->toBe(['at' => $half])
        ->and(Clip::sent($game, $id, 'again', 0)['body'])->toBe(['at' => $half])
        ->and(Clip::told($game, strlen($film))['body'])->toMatchArray(['id' => $id, 'at' => $half]);
    ['body' => $kept] = Clip::sent($game, $id, substr($film, $half), $half);
    expect($kept['asset']['type'])->toBe('video/webm')->and(abs($kept['seconds'] - 62))->toBeLessThan(0.2)
        ->and(Clip::brought(Game::factory()->create(), $film, 'other.webm|2')['body']['asset']['file'])
        ->toBe($kept['asset']['file'])
        // Its last piece, sent again, is answered as kept; another game knows nothing of it.
        ->and(Clip::sent($game, $id, substr($film, $half), $half)['body'])->toBe($kept)
        ->and(Clip::sent(Game::factory()->create(), $id, 'x', 0)['status'])->toBe(404);
});

it('counts what is on its way as large as it was told', function (): void {
    [$game, $other] = [Game::factory()->create(), Game::factory()->create()];
    $told = fn (Game $of, string $mark): int => Clip::told($of, 400_000_000, $mark)['status'];
    expect([$told($game, 'a'), $told($game, 'b'), $told($game, 'c'), $told($game, 'b'), $told($other, 'c')])
        ->toBe([200, 200, 422, 200, 200]);
    // What was left lying gives way to what comes.
    foreach (glob(config()->string('fravel.files')."/incoming/{$game->id}/*") as $path) {
        touch($path, time() - 3700);
    }
    expect($told($game, 'c'))->toBe(200);
});

it('says what it can’t take, and leaves nothing behind', function (callable $bytes, string $words): void {
    $game = Game::factory()->create();
    ['status' => $status, 'body' => $body] = Clip::brought($game, $bytes(), 'holiday.webm|3');

    expect($status)->toBe(422)->and($body['message'])->toContain($words)
        ->and(glob(config()->string('fravel.files')."/incoming/{$game->id}/*"))->toBe([]);
})->with([
    'a renamed archive' => [fn (): string => "PK\x03\x04".str_repeat('x', 900), 'packed folder'],
    'a renamed picture' => [fn (): string => "\x89PNG\r\n\x1a\n".str_repeat('x', 900), 'is a picture'],
    'a saved page' => [fn (): string => '<!DOCTYPE html><title>Film</title>', 'a web page'],
    'words' => [fn (): string => str_repeat('no film ', 200), 'no film and no sound'],
    'a film without its end' => [fn (): string => substr(Clip::film(), 0, 300), 'broken'],
    'a film of nothing but its head' => [fn (): string => "\x1A\x45\xDF\xA3".str_repeat("\0", 500), 'browsers'],
]);

it('tells of a file that is too large before anything of it is sent', function (int $size, string $words): void {
    expect(Clip::told(Game::factory()->create(), $size))->status->toBe(422)
        ->body->message->toContain($words);
})->with([[2_000_000_000, '2000 MB; up to 500'], [0, 'empty']]);

it('takes no piece that is larger than told, and none for a game of others', function (): void {
    [$game, $other] = [Game::factory()->create(), Game::factory()->create()];
    ['id' => $id] = Clip::told($game, 10)['body'];

    expect(Clip::sent($game, $id, str_repeat('x', 11), 0)['body'])->toBe(['at' => 0])
        ->and(Clip::sent($game, $id, str_repeat('x', Incoming::PIECE + 1), 0)['body'])->toBe(['at' => 0])
        ->and(Clip::told($other, 10)['body']['id'])->not->toBe($id)
        ->and(Clip::sent($game, '../../../../etc/passwd', 'x', 0)['status'])->toBe(404);
    $this->flushSession();
    $this->actingAs(User::factory()->create())->postJson("/games/{$game->id}/clips/{$id}?at=0")->assertForbidden();
    $this->flushSession();
    $this->actingAs($other->user)->postJson("/games/{$game->id}/clips", ['size' => 1, 'mark' => 'x'])
        ->assertForbidden();
});

it('keeps few files of a game that were not sent to their end', function (): void {
    $game = Game::factory()->create();
    foreach (range(1, 8) as $number) {
        Clip::told($game, 10, "film-{$number}.webm|1");
    }

    expect(glob(config()->string('fravel.files')."/incoming/{$game->id}/*"))->toHaveCount(5);
});

it('sends a film in ranges, none so long that it holds a worker', function (
    string $range, int $status, string $is,
): void {
    $film = Clip::film();
    $file = Clip::brought(Game::factory()->create(), $film)['body']['asset']['file'];
    $reply = $this->get(ClipAddress::forTeacher(basename($file)), ['Range' => $range])->assertStatus($status);

    expect($reply->headers->get('Content-Range'))
        ->toBe(strtr($is, ['SIZE' => strlen($film), 'END' => strlen($film) - 1]))
        ->and($reply->headers->get('Content-Type'))->toBe('video/webm');
    if ($status === 206) {
        [$from, $to] = array_map(intval(...), explode('-', substr(strtok($is, '/'), 6)) + [0, 0]);
        $to = str_contains($is, 'END/') ? strlen($film) - 1 : $to;
        expect($reply->getContent() === substr($film, $from, $to - $from + 1))->toBeTrue();
    }
})->with([
    ['bytes=0-', 206, 'bytes 0-END/SIZE'], ['bytes=100-199', 206, 'bytes 100-199/SIZE'],
    ['bytes=700000-99999999', 206, 'bytes 700000-END/SIZE'], ['bytes=99999999-', 416, 'bytes */SIZE'],
]);

it('sends no more of a large file at once than a megabyte', function (string $asked, array $is): void {
    $range = FileRange::of($asked, 5_000_000);

    expect([$range->from, $range->to])->toBe($is);
})->with([
    ['bytes=0-', [0, 999_999]], ['bytes=2000000-4999999', [2_000_000, 2_999_999]],
    ['bytes=-100', [4_999_900, 4_999_999]],
    ['lines=1-2', [0, 999_999]],
]);

it('lets a web server send films by itself where it can', function (): void {
    config()->set('fravel.accel', '/kept');
    $file = basename(Clip::brought(Game::factory()->create(), Clip::film())['body']['asset']['file']);

    expect($this->get(ClipAddress::forTeacher($file))->assertOk()->headers->get('X-Accel-Redirect'))
        ->toBe("/kept/{$file}");
});

it('sends a film for a while to the play that has come to it, and to nobody else', function (): void {
    $this->freezeSecond();
    $run = Classroom::open(DemoSeeder::document('how-the-lens-turns'));
    [$mia, $finn] = [Classroom::join($run, 'Mia'), Classroom::join($run, 'Finn')];
    expect(Clip::page($mia)->content())->not->toContain('/clip/');
    $scene = Clip::act($mia, ['verb' => 'choose', 'on' => 'to-film'])->json('scene');
    preg_match('~src="(/p/[^"]+/clip/[^"]+)"~', $scene, $found);
    $address = html_entity_decode($found[1]);
    $ask = fn (string $address, ?Play $as): TestResponse => ($as === null
        ? $this->withUnencryptedCookies(['fravel_play' => ''])
        : $this->withUnencryptedCookie('fravel_play', Classroom::ticket($as)))->get($address, ['Range' => 'bytes=0-9']);

    expect($ask($address, $mia)->assertStatus(206)->headers->get('Cache-Control'))->toContain('private')
        ->not->toContain('public');
    $ask($address, $finn)->assertNotFound();
    $ask($address, null)->assertNotFound();
    $ask(strtok($address, '?'), $mia)->assertNotFound();
    $ask(preg_replace('/until=\d+/', 'until=9999999999', $address), $mia)->assertNotFound();
    $ask('/files/'.basename(strtok($address, '?')), $mia)->assertNotFound();
    DB::enableQueryLog();
    $ask($address, $mia);
    expect(DB::getQueryLog())->toBe([]);
    $this->travel(25)->hours();
    $ask($address, $mia)->assertNotFound();
});

it('gives no page of a student an address of a teacher', function (): void {
    $url = '/files/'.str_repeat('a', 64).'.webm';

    expect((new Frame('/p/CDFGH', [], 'Mia'))->clip($url))->toBeNull()
        ->and((new Frame('/games/x/rehearsal', [], ''))->clip($url))->toStartWith("{$url}?until=")
        ->and((new Frame('/p/CDFGH', ['ticket' => Ticket::for('x')->text()], ''))->clip($url))
        ->toStartWith('/p/CDFGH/clip/');
});

it('leads a teacher to the films of their own games alone', function (): void {
    $game = Game::factory()->create();
    $file = basename(Clip::brought($game, Clip::film())['body']['asset']['file']);
    $this->flushSession();
    $led = $this->actingAs($game->user)->get("/games/{$game->id}/clips/{$file}")->assertRedirect();
    $this->get($led->headers->get('Location'), ['Range' => 'bytes=0-9'])->assertStatus(206);
    $this->flushSession();
    $this->actingAs(User::factory()->create())->get("/games/{$game->id}/clips/{$file}")->assertForbidden();
});

it('asks before anything is loaded from another host, and then lets in just that one', function (): void {
    $run = Classroom::open(Games::document([['id' => 'a', 'things' => [[
        'id' => 'clip', 'kind' => 'clip', 'source' => 'https://films.example.org/lens.webm',
    ]]]]));
    $play = Classroom::join($run);
    $page = fn (string $query = '') => Clip::page($play, $query);

    expect($page()->assertOk()->assertSee('films.example.org')->assertDontSee('lens.webm"', false)
        ->headers->get('Content-Security-Policy'))->not->toContain('films.example.org');
    $asked = $page('?load=films.example.org')->assertSee('src="https://films.example.org/lens.webm"', false);
    expect($asked->headers->get('Content-Security-Policy'))->toContain("media-src 'self' https://films.example.org;")
        ->and($page('?load=evil.example.org')->assertDontSee('src="https://', false)->status())->toBe(200)
        ->and($page('?load='.urlencode('x; script-src *'))->headers->get('Content-Security-Policy'))
        ->not->toContain('script-src *');
});

it('tells a device nothing of a stop before it is open, nor which round is right', function (): void {
    $run = Classroom::open(DemoSeeder::document('how-the-lens-turns'));
    $play = Classroom::join($run);
    $act = fn (array $fields) => Clip::act($play, $fields);
    $act(['verb' => 'choose', 'on' => 'to-film'])->assertOk();
    $refused = $act(['verb' => 'cue', 'on' => 'where-it-bends']);
    expect($refused->json('refusal'))->not->toBeNull()->and($refused->content())->not->toContain('both surfaces');
    $act(['verb' => 'cue', 'on' => 'ways-in']);
    $act(['verb' => 'choose', 'on' => 'way-start']);
    $asked = $act(['verb' => 'cue', 'on' => 'true-of-light'])->assertSee('0 of 3')->content();
    expect($asked)->not->toContain('match')->and(substr_count($asked, 'name=\"with'))->toBe(3);
    $on = $act(['verb' => 'continue', 'on' => '']);
    expect($on->json('refusal'))->toContain('First answer');
});

it('plays a film whose file can’t be played, or without scripts, stop by stop', function (): void {
    $lines = [['at' => 5, 'until' => 8, 'text' => 'Light bends.']];
    $run = Classroom::open(FilmGames::lens(['lines' => $lines])->document);
    $play = Classroom::join($run);
    $send = fn (array $fields) => Clip::act($play, $fields, false);

    Clip::page($play)->assertSee('Light bends.')->assertSee('value="'.Classroom::id('asks', $play).'"', false);
    $send(['verb' => 'cue', 'on' => 'asks'])->assertSee('What opens bends?');
    $send(['verb' => 'answer', 'on' => 'bends', 'with' => 'once'])->assertSee('Look again.')
        ->assertSee('is-passage', false)->assertSee('value="'.Classroom::id('asks', $play).'"', false);
});

it('takes a film along in a package, and says where one is no film', function (): void {
    $game = app(CreateGame::class)->handle(User::factory()->create(), DemoSeeder::document('how-the-lens-turns'));
    $path = Package::write($game);
    $brought = Brought::from($path, User::factory()->create(), app(CreateGame::class));
    unlink($path);
    $asset = $brought->game->read()->assets()['film-lens'];

    expect($brought->notes())->toBe([])->and($asset->type)->toBe('video/webm')
        ->and($this->get(ClipAddress::forTeacher(basename($asset->file)), ['Range' => 'bytes=0-9'])->status())
        ->toBe(206);
});
