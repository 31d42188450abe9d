<?php

use App\Models\Game;
use App\Pictures\Drawing;
use App\Pictures\UnableToTakePicture;
use Illuminate\Http\UploadedFile;

/** @return array{status: int, body: array<string, mixed>} what comes of bringing these fields */
function brought(array $fields, ?Game $game = null): array
{
    $game ??= Game::factory()->create();
    test()->flushSession();
    $reply = test()->actingAs($game->user)->postJson("/games/{$game->id}/pictures", $fields);

    return ['status' => $reply->status(), 'body' => $reply->json()];
}

/** A photograph that says how it is to be turned, as telephones write them: 60 × 20 pixels, lying on its side. */
function sidewaysPhotograph(): string
{
    $image = imagecreatetruecolor(60, 20);
    ob_start();
    imagejpeg($image);
    $exif = "Exif\0\0II*\0\x08\0\0\0\x01\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\0\0\0\0";

    return substr_replace((string) ob_get_clean(), "\xFF\xE1".pack('n', strlen($exif) + 2).$exif, 2, 0);
}

it('takes a picture of the collection with its credit', function (): void {
    ['status' => $status, 'body' => $body] = brought(['collection' => 'teapot']);

    expect($status)->toBe(200)->and($body['asset']['alt'])->toBe('teapot')->and($body['asset']['licence'])->toBe('MIT')->and($body['width'])->toBe(32);
    $this->get('/files/'.basename($body['asset']['file']))->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
});

it('makes a setting in the light that is asked for', function (): void {
    expect(brought(['setting' => 'quay', 'tone' => 'night'])['body']['asset']['file'])->not->toBe(brought(['setting' => 'quay', 'tone' => 'day'])['body']['asset']['file']);
    $this->actingAs(Game::factory()->create()->user)->get('/settings/quay/day.svg')->assertOk()->assertSee('<svg', false);
    $this->get('/settings/quay/noon.svg')->assertNotFound();
});

it('turns photographs upright, shrinks them and keeps nothing of where they were taken', function (): void {
    ['status' => $status, 'body' => $body] = brought(['file' => UploadedFile::fake()->createWithContent('photo.jpg', sidewaysPhotograph())]);
    $kept = (string) file_get_contents(config()->string('fravel.files').'/'.basename($body['asset']['file']));

    expect($status)->toBe(200)->and([$body['width'], $body['height']])->toBe([20, 60])->and($kept)->not->toContain('Exif')
        ->and(brought(['file' => UploadedFile::fake()->image('wide.png', 4000, 1000)])['body'])->toMatchArray(['width' => 2400, 'height' => 600]);
});

it('says what it can’t take, and takes nothing', function (callable $file, string $words): void {
    ['status' => $status, 'body' => $body] = brought(['file' => $file()]);

    expect($status)->toBe(422)->and($body['message'])->toContain($words);
})->with([
    'nothing at all' => [fn () => UploadedFile::fake()->createWithContent('empty.png', ''), 'empty'],
    'a zip under another name' => [fn () => UploadedFile::fake()->createWithContent('trick.png', "PK\x03\x04".str_repeat('x', 200)), 'no picture'],
    'half a picture' => [fn () => UploadedFile::fake()->createWithContent('half.png', substr((string) UploadedFile::fake()->image('a.png', 300, 300)->getContent(), 0, 60)), 'no picture'],
    'sixty megapixels' => [fn () => UploadedFile::fake()->createWithContent('huge.png', "\x89PNG\r\n\x1a\n\0\0\0\rIHDR".pack('NN', 10000, 6000)."\x08\x02\0\0\0".str_repeat("\0", 40)), '60 megapixels'],
]);

it('lets nobody bring pictures into another’s game', function (): void {
    $stranger = Game::factory()->create();
    $this->actingAs($stranger->user)->postJson('/games/'.Game::factory()->create()->id.'/pictures', ['collection' => 'teapot'])->assertForbidden();
});

it('says what became of an upload that did not arrive whole', function (int $error, string $words): void {
    $path = tempnam(sys_get_temp_dir(), 'fravel');
    ['status' => $status, 'body' => $body] = brought(['file' => new UploadedFile((string) $path, 'picture.png', 'image/png', $error, true)]);

    expect($status)->toBe(422)->and($body['message'])->toContain($words);
    unlink((string) $path);
})->with([
    'larger than may be sent' => [UPLOAD_ERR_INI_SIZE, 'too large'],
    'cut off' => [UPLOAD_ERR_PARTIAL, 'The connection broke'],
    'a full disk' => [UPLOAD_ERR_CANT_WRITE, 'no room left'],
    'no folder for it' => [UPLOAD_ERR_NO_TMP_DIR, 'no room left'],
    'nothing chosen' => [UPLOAD_ERR_NO_FILE, 'no picture that can be read'],
]);

it('says so when there is no room for a picture, and leaves nothing half written', function (): void {
    $folder = sys_get_temp_dir().'/fravel-no-room';
    file_put_contents($folder, 'no folder');
    config(['fravel.files' => "{$folder}/files"]);
    ['status' => $status, 'body' => $body] = brought(['collection' => 'teapot']);

    expect($status)->toBe(422)->and($body['message'])->toContain('no room left')->toContain('Everything else is kept');
    unlink($folder);
});

it('leaves nothing in a drawing that runs or fetches', function (string $inner, array $gone, string $stays = ''): void {
    $svg = Drawing::cleaned("<?xml version=\"1.0\"?><svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" viewBox=\"0 0 9 9\">{$inner}<rect width=\"9\" height=\"9\"/></svg>");

    expect($svg)->toContain('<rect width="9" height="9"/>')->toContain($stays);
    foreach ($gone as $trace) {
        expect($svg)->not->toContain($trace);
    }
})->with([
    'a script' => ['<script>alert(1)</script>', ['script', 'alert']],
    'a handler' => ['<g onload="alert(1)"><path d="M0 0"/></g>', ['onload', 'alert'], '<path d="M0 0"/>'],
    'another page inside' => ['<foreignObject><iframe src="https://example.org"/></foreignObject>', ['iframe', 'example.org']],
    'a picture from elsewhere' => ['<image href="https://example.org/a.png"/>', ['example.org']],
    'a reference elsewhere' => ['<use xlink:href="https://example.org/a.svg#b"/><use href="#b"/>', ['example.org'], 'href="#b"'],
    'a link' => ['<a href="javascript:alert(1)"><path d="M0 0"/></a>', ['javascript', '<a']],
    'a style that fetches' => ['<style>@import url(https://example.org/x.css)</style><path style="fill:url(https://example.org/p)" d="M0 0"/><path fill="url(#own)" d="M1 1"/>', ['example.org', '@import'], 'fill="url(#own)"'],
    'an animation of a link' => ['<animate attributeName="href" to="javascript:alert(1)"/>', ['animate', 'javascript']],
]);

it('opens no file that a drawing names', function (): void {
    $svg = Drawing::cleaned('<!DOCTYPE svg [<!ENTITY secret SYSTEM "file:///etc/hostname">]><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><text>ok</text></svg>');

    expect($svg)->not->toContain('ENTITY')->toContain('ok')
        ->and(fn () => Drawing::cleaned('<svg><g></svg>'))->toThrow(UnableToTakePicture::class)
        ->and(fn () => Drawing::cleaned('<html xmlns="http://www.w3.org/1999/xhtml"/>'))->toThrow(UnableToTakePicture::class);
});
