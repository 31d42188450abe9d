<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** All patterns, in the order in which they are offered. */
final class Patterns
{
    private const ALL = [
        Ladder::class, Keypad::class, Rooms::class, Revise::class, Hub::class, Gauntlet::class,
        Branches::class, Quiz::class, Practice::class, Picture::class, Treasure::class, Reveal::class,
        Find::class, Mosaic::class,
    ];

    /** @return list<Pattern> */
    public static function all(): array
    {
        return array_map(static fn (string $class): Pattern => new $class, self::ALL);
    }

    public static function named(string $name): ?Pattern
    {
        foreach (self::all() as $pattern) {
            if ($pattern->name() === $name) {
                return $pattern;
            }
        }

        return null;
    }
}
