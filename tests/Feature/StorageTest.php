<?php

use App\Actions\TakeAction;
use App\Play\CompiledEdition;
use App\Play\Markdown;
use App\Play\Ticket;
use App\Play\TwoWords;
use App\Storage\EditionFile;
use App\Storage\GameFiles;
use App\Storage\ImmediatePdo;
use Fravel\Document\GameDocument;
use Fravel\State\Action;
use Illuminate\Support\Facades\DB;
use Tests\Support\Classroom;
use Tests\Support\Games;

it('begins every transaction by taking the write lock', function (): void {
    $path = tempnam(sys_get_temp_dir(), 'fravel');
    [$one, $two] = [new ImmediatePdo("sqlite:{$path}"), new ImmediatePdo("sqlite:{$path}")];
    $one->exec('create table notes (words text)');
    $two->setAttribute(PDO::ATTR_TIMEOUT, 0);
    $one->beginTransaction();
    expect($one->inTransaction())->toBeTrue()
        ->and(fn () => $two->beginTransaction())->toThrow(PDOException::class, 'locked');
    $one->exec("insert into notes values ('kept')");
    $one->commit();
    expect($one->inTransaction())->toBeFalse()->and($two->beginTransaction())->toBeTrue();
    $two->exec("insert into notes values ('dropped')");
    $two->rollBack();
    expect($one->query('select count(*) from notes')->fetchColumn())->toBe(1)
        ->and($two->inTransaction())->toBeFalse();
});

it('is what the application connects by', function (): void {
    expect(DB::connection()->getPdo())->toBeInstanceOf(ImmediatePdo::class)
        ->and(DB::selectOne('pragma foreign_keys')->foreign_keys)->toBe(1);
});

it('judges again when another device of the play was first', function (): void {
    $play = Classroom::join(Classroom::open());
    $isFirst = true;
    DB::listen(function ($query) use ($play, &$isFirst): void {
        if ($isFirst && str_starts_with(trim($query->sql), 'select plays.id')) {
            $isFirst = false;
            app(TakeAction::class)
                ->handle(
                    $play->id, Action::of(['answer' => Classroom::id('door'), 'with' => 'gull']), 'from-the-other',
                );
        }
    });
    $turn = app(TakeAction::class)
        ->handle($play->id, Action::of(['answer' => Classroom::id('door'), 'with' => 'tern']), 'from-this-one');
    expect($turn->verdict()['verdict'])->toBe('wrong')
        ->and($play->fresh()->read()->triesOn(Classroom::id('door')))->toBe(2)
        ->and($play->fresh()->seq)->toBe(3);
});

it('knows no play that is not there', function (): void {
    expect(app(TakeAction::class)->handle('nobody', Action::of(['back' => true]), 'some-key-here'))->toBeNull();
});

it('says plainly that an edition was never frozen', function (): void {
    expect(fn () => EditionFile::read(str_repeat('0', 64)))->toThrow(RuntimeException::class, 'no edition');
});

it('keeps a file once under a digest that nobody else can make, and serves nothing else', function (): void {
    $svg = '<svg xmlns="http://www.w3.org/2000/svg"><title>'.random_int(0, PHP_INT_MAX).'</title></svg>';
    $file = basename(GameFiles::keep($svg, 'svg'));
    expect($file)->toMatch('/^[a-f0-9]{64}\.svg$/')
        ->and(basename(GameFiles::keep($svg, 'svg')))->toBe($file);
    $reply = $this->get("/files/{$file}")->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
    expect($reply->headers->get('Content-Security-Policy'))->toContain('sandbox')
        ->and($reply->headers->get('Cache-Control'))->toContain('immutable');
    foreach (
        [
            '/files/'.hash('sha256', $svg).'.svg', '/files/'.str_repeat('0', 64).'.svg', '/files/../.env',
            '/files/'.str_repeat('a', 64).'.php',
        ] as $other
    ) {
        $this->get($other)->assertNotFound();
    }
});

it('makes texts into HTML that runs nothing and leads only outside in the open', function (
    string $text, string $html,
): void {
    expect(Markdown::html($text))->toBe($html);
})->with([
    ['2 × 8 =', "<p>2\u{A0}×\u{A0}8\u{A0}=</p>"], ['Then: 3 - 1 is', "<p>Then: 3\u{A0}-\u{A0}1 is</p>"],
    ["**x**\n".str_repeat('[', 60_000), "<p>**x**<br />\n".str_repeat('[', 60_000).'</p>'],
    ['![a gull](https://example.org/gull.png)', '<p>a gull</p>'],
    ['![a gull](asset:gull)', '<p><img src="asset:gull" alt="a gull" /></p>'],
    ['**bold** and *soft*', '<p><strong>bold</strong> and <em>soft</em></p>'],
    ['<script>alert(1)</script>', '&lt;script&gt;alert(1)&lt;/script&gt;'],
    ['[x](javascript:alert(1))', '<p><a>x</a></p>'],
    [
        '[tides](https://tides.example)',
        '<p><a rel="noopener noreferrer" target="_blank" href="https://tides.example">tides</a></p>',
    ],
]);

it('makes every text of an edition into HTML beforehand, but those with names to fill in', function (): void {
    $html = Markdown::ofAll(Games::twoRooms());
    expect($html)->toHaveKey('A cold hall.')->toHaveKey('It stays shut.')
        ->and(Markdown::ofAll(['md' => 'Hello {=player}']))->toBe([]);
    expect(CompiledEdition::ofDraft(GameDocument::of(Games::twoRooms()))->html('A *cold* hall.'))
        ->toBe('<p>A <em>cold</em> hall.</p>');
});

it('seals a ticket so that nobody makes one', function (): void {
    $text = Ticket::for('01abc')->text();
    expect(Ticket::read($text)->play)->toBe('01abc')
        ->and(Ticket::read(str_replace('01abc', '01abd', $text)))->toBeNull()
        ->and(Ticket::read(null))->toBeNull()
        ->and(Ticket::read('x'))->toBeNull();
    $cookie = Ticket::for('01abc')->cookie('CDFGH');
    expect([$cookie->isHttpOnly(), $cookie->getSameSite(), $cookie->getPath()])->toBe([true, 'lax', '/p/CDFGH']);
});

it('takes two words however they are typed', function (string $typed, bool $agree): void {
    expect(TwoWords::agree($typed, 'amber gull'))->toBe($agree);
})->with([
    ['amber gull', true],
    [' Amber  GULL ', true],
    ['amber-gull', true],
    ['gull amber', false],
    ['', false],
    ['amber', false],
]);

it('heals an edition’s file that is damaged, and shows nothing of the damage', function (string $damaged): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $path = config('fravel.editions')."/{$run->edition->hash}.php";
    $whole = (string) file_get_contents($path);
    file_put_contents($path, str_replace('{half}', substr($whole, 0, intdiv(strlen($whole), 2)), $damaged));
    ob_start();
    $page = $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))->get("/p/{$run->code}")->assertOk()
        ->assertSee('A cold hall.');
    expect(ob_get_clean())->toBe('')->and(file_get_contents($path))->toBe($whole);
})->with([
    'nothing in it' => [''], 'half of it' => ['{half}'], 'zeros, as after a power loss' => [str_repeat("\0", 500)],
    'something else' => ['<?php return 7;'], 'another shape' => ['<?php return ["document" => 1];'],
]);

it('writes whole files or none', function (): void {
    $folder = sys_get_temp_dir().'/fravel-whole-'.getmypid();
    App\Storage\WholeFile::write("{$folder}/deep/file", 'kept');
    expect(file_get_contents("{$folder}/deep/file"))->toBe('kept')->and(glob("{$folder}/deep/*"))->toHaveCount(1)
        ->and(fn () => App\Storage\WholeFile::write('/proc/nowhere/file', 'x'))->toThrow(ErrorException::class);
    Illuminate\Support\Facades\File::deleteDirectory($folder);
});

it('renames files that stood under a plain hash, with all that names them', function (): void {
    $svg = '<svg xmlns="http://www.w3.org/2000/svg"><title>'.random_int(0, PHP_INT_MAX).'</title></svg>';
    $old = hash('sha256', $svg).'.svg';
    App\Storage\WholeFile::write(GameFiles::path($old), $svg);
    $document = Games::twoRooms();
    $document['assets'] = [['id' => 'art', 'file' => "assets/{$old}", 'type' => 'image/svg+xml', 'alt' => '']];
    $run = Classroom::open($document);
    (require database_path('migrations/2026_01_01_000006_name_files_by_a_secret_digest.php'))->up();
    $file = $run->game->fresh()->read()->assets()['art']->file;
    $edition = $run->edition->fresh();
    expect($file)->not->toContain($old)->and($edition->document)->toContain($file)
        ->and($edition->hash)->toBe(hash('sha256', $edition->document));
    $this->get('/files/'.basename($file))->assertOk();
    $this->get("/files/{$old}")->assertNotFound();
});
