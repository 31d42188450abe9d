<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Exception\UnableToReadJson;
use Fravel\Support\Json;
use ZipArchive;

/** Reads a game from a `game.json` or a `.fravel` package. */
final class GameFile
{
    /** A document larger than this is refused, in bytes: a package may claim any size. */
    private const LARGEST = 10_000_000;

    /** Files of a package at most, and how much smaller than its content its document may be. */
    private const MOST_FILES = 5_000;

    private const HIGHEST_RATIO = 200;

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
        $text =
            $start === "PK\x03\x04"
                ? self::unpacked($path)
                : (string) file_get_contents($path, length: self::LARGEST + 1);
        if (strlen($text) > self::LARGEST) {
            throw UnableToReadFile::large($path, intdiv(self::LARGEST, 1_000_000));
        }
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
            return array_map(
                static fn (string $file): string => 'assets/'.basename($file),
                glob(dirname($path).'/assets/*') ?: [],
            );
        }
        $zip = new ZipArchive();
        $names = [];
        for (
            $place = 0, $count = $zip->open($path) === true ? min($zip->numFiles, self::MOST_FILES) : 0;
            $place < $count;
            $place++
        ) {
            $names[] = (string) $zip->getNameIndex($place);
        }

        return $names;
    }

    private static function unpacked(string $path): string
    {
        if (! class_exists(ZipArchive::class)) {
            throw UnableToReadFile::withoutZip($path);
        }
        $zip = new ZipArchive();
        if ($zip->open($path) !== true) {
            throw UnableToReadFile::noGame($path);
        }
        if ($zip->numFiles > self::MOST_FILES) {
            throw UnableToReadFile::crowded($path, self::MOST_FILES);
        }
        $entry = $zip->statName('game.json');
        if ($entry !== false && $entry['size'] > self::HIGHEST_RATIO * max(1, $entry['comp_size'])) {
            throw UnableToReadFile::puffed($path);
        }
        // What it says of its size may be a lie, so no more is unpacked than would be read.
        $stream = $zip->getStream('game.json');
        $text = $stream === false ? false : stream_get_contents($stream, self::LARGEST + 1);

        return $text === false ? throw UnableToReadFile::noGame($path) : $text;
    }
}
