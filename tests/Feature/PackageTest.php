<?php

use App\Models\Game;
use App\Models\User;
use App\Packages\Package;
use App\Storage\GameFiles;
use Fravel\Support\Json;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Support\Feature\PackageCases;
use Tests\Support\Games;

it('takes a game away as one file and brings it back whole, with its pictures', function (): void {
    $game = PackageCases::withPicture();
    $reply = $this->actingAs($game->user)->get("/games/{$game->id}/package")->assertOk()
        ->assertDownload('Two-rooms.fravel');
    $bytes = (string) file_get_contents($reply->baseResponse->getFile()->getPathname());
    $other = User::factory()->create();
    $this->flushSession();

    PackageCases::bring($other, $bytes)->assertRedirect('/games')->assertSessionHas('notes', []);
    $brought = $other->games()->sole();
    expect($brought->read()->document)->toEqual($game->read()->document)
        ->and(DB::table('pictures')->where('user_id', $other->id)->count())->toBe(1);
});

it('names in a package each file as it lies there, wherever the game says that it is', function (): void {
    $game = PackageCases::withPicture();
    $document = $game->read()->document;
    $name = basename($document['assets'][0]['file']);
    $document['assets'][0]['file'] = "pictures/of mine/{$name}";
    $document['assets'][] = ['id' => 'odd', 'file' => "../\0/{$name}/..", 'type' => 'image/svg+xml', 'alt' => ''];
    $game->update(['document' => Json::write($document)]);
    $path = Package::write($game);
    $archive = new ZipArchive;
    $archive->open($path);
    $written = json_decode((string) $archive->getFromName('game.json'), true);
    unlink($path);

    expect($written['assets'][0]['file'])->toBe("assets/{$name}")
        ->and($archive->locateName($written['assets'][0]['file']))->not->toBeFalse()->and($archive->numFiles)->toBe(2);
});

it('writes pictures anew that were made elsewhere, and says which it can’t read', function (): void {
    $document = ['assets' => [
        [
            'id' => 'good', 'file' => 'assets/photo.png', 'type' => 'image/png', 'alt' => 'A gull', 'credit' => 'Mia',
            'licence' => 'CC0',
        ],
        [
            'id' => 'bad', 'file' => 'assets/bad.png', 'type' => 'image/png', 'alt' => 'A buoy', 'credit' => '',
            'licence' => '',
        ],
        [
            'id' => 'gone', 'file' => 'assets/gone.png', 'type' => 'image/png', 'alt' => '', 'credit' => '',
            'licence' => '',
        ],
    ]] + Games::twoRooms();
    $teacher = User::factory()->create();
    $image = (string) UploadedFile::fake()->image('a.png', 60, 40)->getContent();
    PackageCases::bring(
        $teacher, PackageCases::packed($document, ['assets/photo.png' => $image, 'assets/bad.png' => '<?php echo 1;']),
    );

    $asset = $teacher->games()->sole()->read()->assets()['good'];
    expect($asset->type)->toBe('image/webp')->and($asset->credit)->toBe('Mia')
        ->and(session('notes'))->toHaveCount(2)
        ->and(session('notes')[0])->toContain('“A buoy” could not be taken. That file is no picture')
        ->and(session('notes')[1])->toContain('“gone” could not be taken. It is not there.');
    $this->get('/files/'.basename($asset->file))->assertOk()->assertHeader('Content-Type', 'image/webp');
});

it('makes lines of a file of captions, which would tell all that is still to come', function (): void {
    $vtt = "\xEF\xBB\xBFWEBVTT - words\r\n\r\nNOTE not said\r\n\r\n1\r\n00:01.500 --> 00:03.000 align:start\r\n"
        ."<v Ada>Mind the &lt;gap&gt;\r\nand the step\r\n\r\n01:00:00.000 --> 01:00:02.250\r\nThe end\r\n";
    $document = Games::document([['id' => 'a', 'things' => [
        ['id' => 'film', 'kind' => 'clip', 'source' => 'https://example.org/f.mp4', 'captions' => 'words'],
        [
            'id' => 'again', 'kind' => 'clip', 'source' => 'https://example.org/f.mp4', 'captions' => 'words',
            'lines' => [['at' => 1, 'until' => 2, 'text' => 'Our own']],
        ],
    ]]], ['assets' => [['id' => 'words', 'file' => 'assets/words.vtt', 'alt' => '']]]);
    $teacher = User::factory()->create();
    PackageCases::bring($teacher, PackageCases::packed($document, ['assets/words.vtt' => $vtt]));
    $brought = $teacher->games()->sole()->read();
    $clip = $brought->scenes()[0]->things[0];

    expect(array_map('get_object_vars', $clip->lines))->toBe([
        ['at' => 1.5, 'until' => 3.0, 'text' => 'Mind the <gap> and the step'],
        ['at' => 3600.0, 'until' => 3602.25, 'text' => 'The end'],
    ])->and($clip->captions)->toBeNull()->and($brought->assets())->toBe([])
        ->and(array_column($brought->scenes()[0]->things[1]->lines, 'text'))->toBe(['Our own'])
        ->and($brought->scenes()[0]->things[1]->captions)->toBeNull();
});

it('takes nothing under a name that it would not give itself', function (): void {
    $name = basename(PackageCases::withPicture()->read()->assets()['pot']->file);
    $bytes = (string) file_get_contents(GameFiles::path($name));
    $other = substr($name, 0, 64).'.html';
    $asset = [
        'id' => 'pot', 'file' => "assets/{$other}", 'type' => 'text/html', 'alt' => '', 'credit' => '', 'licence' => '',
    ];
    $teacher = User::factory()->create();
    PackageCases::bring(
        $teacher, PackageCases::packed(['assets' => [$asset]] + Games::twoRooms(), ["assets/{$other}" => $bytes]),
    );

    expect($teacher->games()->sole()->read()->assets()['pot']->type)->toBe('image/svg+xml')
        ->and(GameFiles::among([$other]))->toBe([]);
});

it('keeps what is sound of a damaged game and says what it left out', function (): void {
    $document = array_replace_recursive(
        Games::twoRooms(),
        [
            'scenes' => [
                0 => ['things' => [1 => ['kind' => 'spell']]], 1 => ['things' => [0 => ['react' => ['go' => 'attic']]]],
            ],
        ],
    );
    $teacher = User::factory()->create();
    PackageCases::bring($teacher, (string) json_encode($document), 'game.json');

    expect($teacher->games()->sole()->read()->sceneIds())->toBe(['hall', 'store', 'end'])
        ->and(implode(' ', session('notes')))->toContain('left out')->toContain('In “Hall”: "spell" is not known here')
        ->toContain('One thing leads to or names');
    $this->get('/games')->assertSee('What was wrong with the file')->assertSee('In “Hall”:');
});

it('takes no game where there is none, and says so', function (string $bytes, string $words): void {
    $teacher = User::factory()->create();
    $this->from('/games/new');
    PackageCases::bring($teacher, $bytes)->assertRedirect('/games/new')->assertSessionHasErrors('package');
    $this->get('/games/new')->assertSee($words);

    expect($teacher->games()->count())->toBe(0);
})->with([
    'a picture' => [fn () => (string) UploadedFile::fake()->image('a.png')->getContent(), 'no file of a game'],
    'an empty archive' => [fn () => PackageCases::zip(['notes.txt' => 'x']), 'holds no game'],
    'a document that breaks off' => ['{"fravel": 1, "scenes": [', 'breaks off'],
    'a later version' => ['{"fravel": 9, "title": "x"}', 'version that is not known'],
    'no scene at all' => ['{"fravel": 1, "title": "x", "scenes": []}', 'could be kept as a scene'],
    'a document that unpacks without end' => [
        fn () => PackageCases::zip(['game.json' => '{"fravel": 1, "title": "'.str_repeat('x', 9_000_000).'"}']),
        'holds no game',
    ],
]);

it('gives a package to nobody else, and names it as files may be named', function (): void {
    $game = Game::factory()->create(['title' => '../../Übung: „Ebbe“ / 7']);

    $this->actingAs(User::factory()->create())->get("/games/{$game->id}/package")->assertForbidden();
    $this->post("/games/{$game->id}/copy")->assertForbidden();
    expect(Package::nameOf($game))->toBe('Übung-Ebbe-7.fravel');
});

it('copies a game with its pictures, without its runs and its history', function (): void {
    $game = PackageCases::withPicture();
    $this->actingAs($game->user)->post("/games/{$game->id}/copy")->assertRedirect('/games');
    $copy = $game->user->games()->where('title', 'Two rooms (copy)')->sole();

    expect($copy->read()->title())->toBe('Two rooms (copy)')->and($copy->revision)->toBe(1)
        ->and(DB::table('pictures')->where('game_id', $copy->id)->count())->toBe(1)
        ->and($copy->read()->document['scenes'])->toEqual($game->read()->document['scenes']);
});

it('shows a long shelf in pages, and finds a game on any of them', function (): void {
    $teacher = User::factory()->create();
    Game::factory()->count(25)->for($teacher)->create();
    Game::factory()->for($teacher)->create(['title' => 'The oldest of all', 'updated_at' => now()->subYear()]);

    $this->actingAs($teacher)->get('/games')->assertSee('Page 1 of 2')->assertDontSee('The oldest of all');
    $this->get('/games?page=2')->assertSee('Page 2 of 2')->assertSee('The oldest of all');
    $this->get('/games?seek=oldest')->assertSee('The oldest of all')->assertDontSee('Page 1');
});
