<?php

declare(strict_types=1);

namespace App\CommandLine;

use Fravel\Exception\UnableToReadJson;
use Fravel\Support\Json;
use ZipArchive;

/** Reads a game from a `game.json` or a `.fravel` package. */
final class GameFile
{
    /** A document larger than this is refused, in bytes: a package may claim any size. */
    private const LARGEST = 50_000_000;

    /**
     * @return array<array-key, mixed>
     *
     * @throws UnableToReadFile If there is no such file, or no game in it.
     */
    public static function read(string $path): array
    {
        if (! is_file($path)) {
            throw UnableToReadFile::absent($path);
        }
        $start = (string) file_get_contents($path, length: 4);
        $text = $start === "PK\x03\x04" ? self::unpacked($path) : (string) file_get_contents($path, length: self::LARGEST);
        try {
            return Json::readObject(str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text);
        } catch (UnableToReadJson $failure) {
            throw UnableToReadFile::malformed($path, $failure);
        }
    }

    /** @return list<string> names of the files that belong to the game: those of the package, or beside its document */
    public static function names(string $path): array
    {
        if ((string) file_get_contents($path, length: 4) !== "PK\x03\x04") {
            return array_map(static fn (string $file): string => 'assets/'.basename($file), glob(dirname($path).'/assets/*') ?: []);
        }
        $zip = new ZipArchive;
        $names = [];
        for ($place = 0, $count = $zip->open($path) === true ? $zip->numFiles : 0; $place < $count; $place++) {
            $names[] = (string) $zip->getNameIndex($place);
        }

        return $names;
    }

    private static function unpacked(string $path): string
    {
        if (! class_exists(ZipArchive::class)) {
            throw UnableToReadFile::withoutZip($path);
        }
        $zip = new ZipArchive;
        $text = $zip->open($path) === true ? $zip->getFromName('game.json', self::LARGEST) : false;

        return $text === false ? throw UnableToReadFile::noGame($path) : $text;
    }
}
