<?php

use App\Models\Game;
use App\Pictures\Drawing;
use App\Pictures\UnableToTakePicture;
use Fravel\Support\Contrast;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Support\Feature\PictureCases;

it('takes a picture of the collection with its credit', function (): void {
    ['status' => $status, 'body' => $body] = PictureCases::brought(['collection' => 'teapot']);

    expect($status)->toBe(200)->and($body['asset']['alt'])->toBe('teapot')
        ->and($body['asset']['licence'])->toBe('MIT')->and($body['width'])->toBe(32);
    $this->get('/files/'.basename($body['asset']['file']))->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
});

it('makes a setting in the light that is asked for', function (): void {
    expect(
        PictureCases::brought(['setting' => 'quay', 'tone' => 'night'])['body']['asset']['file'],
    )->not->toBe(PictureCases::brought(['setting' => 'quay', 'tone' => 'day'])['body']['asset']['file']);
    $this->actingAs(Game::factory()->create()->user)->get('/settings/quay/day.svg')->assertOk()
        ->assertSee('<svg', false);
    $this->get('/settings/quay/noon.svg')->assertNotFound();
});

it('says what light falls on each part of a setting and of a picture', function (): void {
    $half = imagecreatetruecolor(160, 90);
    imagefilledrectangle($half, 80, 0, 159, 89, (int) imagecolorallocate($half, 255, 255, 255));
    ob_start();
    imagepng($half);
    $file = UploadedFile::fake()->createWithContent('half.png', (string) ob_get_clean());
    $row = ['#000000', '#000000', '#ffffff', '#ffffff'];
    [$night, $day] = array_map(
        fn (string $tone): array => PictureCases::brought(['setting' => 'cellar', 'tone' => $tone])['body']['asset'],
        ['night', 'day'],
    );

    expect(PictureCases::brought(['file' => $file])['body']['asset']['shades'])->toBe([...$row, ...$row, ...$row])
        ->and($night['shades'])->toHaveCount(12)
        ->and(Contrast::between($night['shades'][0], '#ffffff'))->toBeGreaterThan(7)
        ->and(Contrast::between($day['shades'][0], '#10222b'))->toBeGreaterThan(3);
});

it('turns photographs upright, shrinks them and keeps nothing of where they were taken', function (): void {
    ['status' => $status, 'body' => $body] = PictureCases::brought([
        'file' => UploadedFile::fake()->createWithContent('photo.jpg', PictureCases::sidewaysPhotograph()),
    ]);
    $kept = (string) file_get_contents(config()->string('fravel.files').'/'.basename($body['asset']['file']));

    expect($status)->toBe(200)->and([$body['width'], $body['height']])->toBe([20, 60])
        ->and($kept)->not->toContain('Exif')
        ->and(PictureCases::brought(['file' => UploadedFile::fake()->image('wide.png', 4000, 1000)])['body'])
        ->toMatchArray(['width' => 2400, 'height' => 600]);
});

it('says what it can’t take, and takes nothing', function (callable $file, string $words): void {
    ['status' => $status, 'body' => $body] = PictureCases::brought(['file' => $file()]);

    expect($status)->toBe(422)->and($body['message'])->toContain($words);
})->with([
    'nothing at all' => [fn () => UploadedFile::fake()->createWithContent('empty.png', ''), 'empty'],
    'a zip under another name' => [
        fn () => UploadedFile::fake()->createWithContent('trick.png', "PK\x03\x04".str_repeat('x', 200)), 'no picture',
    ],
    'half a picture' => [
        fn () => UploadedFile::fake()
            ->createWithContent(
                'half.png', substr((string) UploadedFile::fake()->image('a.png', 300, 300)->getContent(), 0, 60),
            ),
        'no picture',
    ],
    'sixty megapixels' => [
        fn () => UploadedFile::fake()
            ->createWithContent(
                'huge.png',
                "\x89PNG\r\n\x1a\n\0\0\0\rIHDR".pack('NN', 10000, 6000)."\x08\x02\0\0\0".str_repeat("\0", 40),
            ),
        '60 megapixels',
    ],
]);

it('lets nobody bring pictures into another’s game', function (): void {
    $stranger = Game::factory()->create();
    $this->actingAs($stranger->user)
        ->postJson('/games/'.Game::factory()->create()->id.'/pictures', ['collection' => 'teapot'])->assertForbidden();
});

it('says what became of an upload that did not arrive whole', function (int $error, string $words): void {
    $path = tempnam(sys_get_temp_dir(), 'fravel');
    ['status' => $status, 'body' => $body] = PictureCases::brought([
        'file' => new UploadedFile((string) $path, 'picture.png', 'image/png', $error, true),
    ]);

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
    ['status' => $status, 'body' => $body] = PictureCases::brought(['collection' => 'teapot']);

    expect($status)->toBe(422)->and($body['message'])->toContain('no room left')->toContain('Everything else is kept');
    unlink($folder);
});

it('leaves nothing in a drawing that runs or fetches', function (string $inner, array $gone, string $stays = ''): void {
    $svg = Drawing::cleaned('<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" '
        ."xmlns:xlink=\"http://www.w3.org/1999/xlink\" viewBox=\"0 0 9 9\">{$inner}<rect width=\"9\" "
        .'height="9"/></svg>');

    expect($svg)->toContain('<rect width="9" height="9"/>')->toContain($stays);
    foreach ($gone as $trace) {
        expect($svg)->not->toContain($trace);
    }
})->with([
    'a script' => ['<script>alert(1)</script>', ['script', 'alert']],
    'a handler' => ['<g onload="alert(1)"><path d="M0 0"/></g>', ['onload', 'alert'], '<path d="M0 0"/>'],
    'another page inside' => [
        '<foreignObject><iframe src="https://example.org"/></foreignObject>', ['iframe', 'example.org'],
    ],
    'a picture from elsewhere' => ['<image href="https://example.org/a.png"/>', ['example.org']],
    'a reference elsewhere' => [
        '<use xlink:href="https://example.org/a.svg#b"/><use href="#b"/>', ['example.org'], 'href="#b"',
    ],
    'a link' => ['<a href="javascript:alert(1)"><path d="M0 0"/></a>', ['javascript', '<a']],
    'a style that fetches' => [
        '<style>@import url(https://example.org/x.css)</style><path style="fill:url(https://example.org/p)" d="M0 '
            .'0"/><path fill="url(#own)" d="M1 1"/>',
        ['example.org', '@import'], 'fill="url(#own)"',
    ],
    'an animation of a link' => ['<animate attributeName="href" to="javascript:alert(1)"/>', ['animate', 'javascript']],
]);

it('opens no file that a drawing names', function (): void {
    $svg = Drawing::cleaned(
        '<!DOCTYPE svg [<!ENTITY secret SYSTEM "file:///etc/hostname">]><svg xmlns="http://www.w3.org/2000/svg" '
            .'viewBox="0 0 9 9"><text>ok</text></svg>',
    );

    expect($svg)->not->toContain('ENTITY')->toContain('ok')
        ->and(fn () => Drawing::cleaned('<svg><g></svg>'))->toThrow(UnableToTakePicture::class)
        ->and(fn () => Drawing::cleaned('<html xmlns="http://www.w3.org/1999/xhtml"/>'))
        ->toThrow(UnableToTakePicture::class);
});

it('keeps nothing of a drawing that fetches or runs, however it is written', function (string $inside): void {
    $clean = Drawing::cleaned(
        '<svg xmlns="http://www.w3.org/2000/svg" xmlns:x="http://www.w3.org/1999/xlink" '.(
            str_starts_with($inside, 'xml:') ? $inside.'>' : '>'.$inside
        ).'</svg>',
    );
    expect($clean)->not->toContain('evil')->not->toContain('\\');
})->with([
    'a prefix of its own for links' => ['<use x:href="https://evil.example/a.svg#b"/>'],
    'a base for links' => ['xml:base="https://evil.example/"'],
    'a paint from elsewhere' => ['<rect fill="url(https://evil.example/p)"/>'],
    'a style from elsewhere' => ['<rect style="fill: url(\'//evil.example/p\')"/>'],
    'escapes in a style' => ['<rect style="fill: u\\72l(https://evil.example/p)"/>'],
    'a set of images' => ['<rect style="background: image-set(\'evil.png\' 1x)"/>'],
    'an import' => ['<style>@import "https://evil.example/x.css"</style>'],
    'a script' => ['<script>evil()</script><rect onclick="evil()"/>'],
    'a page' => ['<foreignObject><iframe src="https://evil.example"/></foreignObject>'],
    'a picture' => ['<image href="https://evil.example/x.png"/>'],
]);

it('keeps what a drawing paints with itself', function (): void {
    $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><defs><linearGradient id="g"><stop '
        .'offset="0" stop-color="#fff"/></linearGradient></defs><rect fill="url(#g)" style="opacity: .5" width="10" '
        .'height="10"/><use href="#g"/></svg>';
    expect(Drawing::cleaned($svg))->toContain('fill="url(#g)"')->toContain('style="opacity: .5"')
        ->toContain('<use href="#g"/>');
});

it('refuses drawings of too many parts before it builds them, and uses of uses', function (string $inside): void {
    expect(fn () => Drawing::cleaned("<svg xmlns=\"http://www.w3.org/2000/svg\">{$inside}</svg>"))
        ->toThrow(UnableToTakePicture::class, 'intricate');
})->with([
    'a row' => [str_repeat('<g/>', 60_000)], 'a pit' => [str_repeat('<g>', 80).str_repeat('</g>', 80)],
    'a heap' => [str_repeat('<!-- words -->', 300_000)],
]);

it('draws no part a million times', function (): void {
    $level = fn (int $n): string => "<g id=\"l{$n}\">".str_repeat('<use href="#l'.($n - 1).'"/>', 10).'</g>';
    $clean = Drawing::cleaned(
        '<svg xmlns="http://www.w3.org/2000/svg"><g id="l0"><path d="M0 0"/></g>'.implode(
            '', array_map($level, range(1, 8)),
        ).'</svg>',
    );
    expect(substr_count($clean, '<use'))->toBe(10);
});

it('tells how much room pictures take before it is used up, and keeps all when it is', function (): void {
    $game = Game::factory()->create();
    $row = fn (int $bytes): array => [
        'game_id' => $game->id, 'user_id' => $game->user_id, 'file' => "f{$bytes}", 'bytes' => $bytes,
    ];
    expect(PictureCases::brought(['collection' => 'teapot'], $game)['body']['notice'])->toBeNull();
    DB::table('pictures')->insert($row(85_000_000));
    expect(PictureCases::brought(['collection' => 'teapot'], $game)['body']['notice'])->toContain('take 86 of 100 MB');
    DB::table('pictures')->insert($row(14_999_000));
    ['status' => $status, 'body' => $body] = PictureCases::brought(['collection' => 'anchor'], $game);
    expect($status)->toBe(422)->and($body['message'])->toContain('fill their 100 MB');
    $other = Game::factory()->create(['user_id' => $game->user_id]);
    expect(PictureCases::brought(['collection' => 'anchor'], $other)['status'])->toBe(200);
    $left = 1_000_000_000 - (int) DB::table('pictures')->where('user_id', $game->user_id)->sum('bytes');
    DB::table('pictures')
        ->insert([
            'user_id' => $game->user_id, 'game_id' => Game::factory()->create(['user_id' => $game->user_id])->id,
            'file' => 'x', 'bytes' => $left - 10,
        ]);
    expect(PictureCases::brought(['collection' => 'anchor'], $other)['body']['message'] ?? '')
        ->toContain('of all your games');
});

it('takes sixty pictures a minute from one teacher, and says when it goes on', function (): void {
    $this->freezeTime();
    $game = Game::factory()->create();
    foreach (range(1, 60) as $number) {
        PictureCases::brought(['collection' => 'teapot'], $game);
    }
    ['status' => $status, 'body' => $body] = PictureCases::brought(['collection' => 'teapot'], $game);
    expect($status)->toBe(429)->and($body['message'])->toMatch('/wait (59|60) seconds/');
});

it('puts no file’s name into a page as it is written', function (): void {
    $name = 'assets/x"><meta http-equiv=refresh content=0>.png';
    $document = Tests\Support\Games::document(
        [[
            'id' => 'a',
            'things' => [
                ['id' => 't', 'kind' => 'text', 'md' => '![x](asset:art) ![y](asset:art)'],
                ['id' => 'p', 'kind' => 'picture', 'asset' => 'art'],
            ],
        ]],
        ['assets' => [['id' => 'art', 'file' => $name, 'type' => 'image/png', 'alt' => '']]],
    );
    $run = Tests\Support\Classroom::open($document);
    $play = Tests\Support\Classroom::join($run);
    $this->withUnencryptedCookie('fravel_play', Tests\Support\Classroom::ticket($play))->get("/p/{$run->code}")
        ->assertOk()->assertDontSee('http-equiv', false);
});

it('serves settings to anybody, to be kept by anybody, without a session', function (): void {
    $reply = $this->get('/settings/quay/day.svg')->assertOk();
    expect($reply->headers->getCookies())->toBe([])->and($reply->headers->get('Cache-Control'))->toContain('public');
});
