<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Game;
use App\Models\User;
use App\Pictures\Collection;
use App\Pictures\Quota;
use Fravel\Support\Json;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\Support\Games;
use ZipArchive;

/** What PackageTest is about: games with pictures, and packages. */
final class PackageCases
{
    /** The two rooms, with a teapot in one of them. */
    public static function withPicture(): Game
    {
        $teapot = Collection::picture('teapot');
        $asset = $teapot->kept()['asset'];
        $document = ['assets' => [['id' => 'pot'] + $asset]] + Games::twoRooms();
        $game = Game::factory()->create(['title' => 'Two rooms', 'document' => Json::write($document)]);
        Quota::count($game, $asset['file'], strlen($teapot->bytes));

        return $game;
    }

    public static function bring(User $teacher, string $bytes, string $name = 'game.fravel'): TestResponse
    {
        $file = UploadedFile::fake()->createWithContent($name, $bytes);

        return test()->actingAs($teacher)->post('/games/brought', ['package' => $file]);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $files
     */
    public static function packed(array $document, array $files): string
    {
        return self::zip(['game.json' => Json::write($document)] + $files);
    }

    /** @param  array<string, string>  $files */
    public static function zip(array $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'fravel-test-');
        $archive = new ZipArchive;
        $archive->open($path, ZipArchive::OVERWRITE);
        foreach ($files as $name => $bytes) {
            $archive->addFromString($name, $bytes);
        }
        $archive->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
