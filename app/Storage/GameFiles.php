<?php

declare(strict_types=1);

namespace App\Storage;

use ErrorException;

/** Files of games, each kept once under the hash of its content. */
final class GameFiles
{
    /** @return string what an asset's `file` says: `assets/` and the name it is served under */
    public static function keep(string $bytes, string $extension): string
    {
        $name = hash('sha256', $bytes).'.'.$extension;
        $path = config()->string('fravel.files').'/'.$name;
        if (! is_file($path)) {
            is_dir(dirname($path)) || mkdir(dirname($path), 0o755, true);
            // A full disk leaves half a file: it must not stand under the name of a whole one.
            $part = "{$path}.".bin2hex(random_bytes(4));
            try {
                file_put_contents($part, $bytes) === strlen($bytes) && rename($part, $path) || throw new ErrorException('The file could not be written.');
            } finally {
                is_file($part) && unlink($part);
            }
        }

        return 'assets/'.$name;
    }

    /**
     * Those of the names that are kept.
     *
     * @param  list<string>  $names  as assets say them
     * @return list<string>
     */
    public static function among(array $names): array
    {
        return array_values(array_filter($names, static fn (string $name): bool => is_file(config()->string('fravel.files').'/'.basename($name))));
    }
}
