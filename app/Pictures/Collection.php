<?php

declare(strict_types=1);

namespace App\Pictures;

/** The pictures that ship with the application, as the build made them. */
final class Collection
{
    private const CREDIT = 'Fluent Emoji Flat, by its authors';

    private const LICENCE = 'MIT';

    /** Null when there is none of that name. */
    public static function picture(string $name): ?Taken
    {
        $path = public_path("build/pictures/{$name}.svg");
        if (preg_match('/^[a-z0-9][a-z0-9-]{0,80}$/D', $name) !== 1 || ! is_file($path)) {
            return null;
        }

        return Taken::drawing(
            (string) file_get_contents($path),
            str_replace('-', ' ', $name),
            self::CREDIT,
            self::LICENCE,
        );
    }
}
