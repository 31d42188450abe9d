<?php

declare(strict_types=1);

namespace App\Storage;

use ErrorException;

/** Files of games, each kept once under a digest of its content. */
final class GameFiles
{
    /** What a name looks like, as a pattern. */
    public const NAME = '[a-f0-9]{64}\.[a-z0-9]{2,4}';

    /**
     * @return string what an asset's `file` says: `assets/` and the name it is served under
     *
     * @throws ErrorException If it could not be written whole.
     */
    public static function keep(string $bytes, string $extension): string
    {
        $name = self::nameOf($bytes, $extension);
        $path = self::path($name);
        if (! is_file($path)) {
            WholeFile::write($path, $bytes);
        }

        return 'assets/'.$name;
    }

    /**
     * Takes over a file that lies here already, however large; it moves to its own place.
     *
     * @return string as keep() gives it
     */
    public static function take(string $path, string $extension): string
    {
        $name = Secret::hex('clip|'.hash_file('sha256', $path)).'.'.$extension;
        is_file(self::path($name)) ? unlink($path) : rename($path, self::path($name));

        return 'assets/'.$name;
    }

    /**
     * The name under which these bytes are kept: a digest that only this installation makes, so that nobody can ask for
     * a picture they know.
     */
    public static function nameOf(string $bytes, string $extension): string
    {
        return Secret::hex("file|{$bytes}").'.'.$extension;
    }

    /** Where a document's file is served; null for a name that is none of ours. */
    public static function url(string $file): ?string
    {
        $name = basename($file);

        return preg_match('/^'.self::NAME.'$/D', $name) === 1 ? "/files/{$name}" : null;
    }

    public static function path(string $name): string
    {
        return config()->string('fravel.files').'/'.$name;
    }

    /**
     * Those of the names that are kept.
     *
     * @param  list<string>  $names  as assets say them
     * @return list<string>
     */
    public static function among(array $names): array
    {
        return array_values(
            array_filter($names, static fn (string $name): bool => is_file(self::path(basename($name)))),
        );
    }
}
