<?php

declare(strict_types=1);

namespace Tests\Support\Architecture;

/** What BoundariesTest is about: games, and ways to ask. */
final class BoundariesCases
{
    /** @return list<string> */
    public static function glob_recursive(string $folder, string $pattern): array
    {
        $found = glob("{$folder}/{$pattern}") ?: [];
        foreach (glob("{$folder}/*", GLOB_ONLYDIR) ?: [] as $inner) {
            array_push($found, ...self::glob_recursive($inner, $pattern));
        }

        return $found;
    }
}
