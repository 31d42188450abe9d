<?php

declare(strict_types=1);

namespace Fravel\Support;

/**
 * A family of kinds, one line for each in its FAMILY; further ones may be taught while a program runs.
 *
 * @template T of object
 */
trait OpenFamily
{
    /** @var array<string, class-string<T>> */
    private static array $taught = [];

    /** @param  class-string<T>  $class */
    public static function teach(string $key, string $class): void
    {
        self::$taught[$key] = $class;
    }

    public static function unlearn(string $key): void
    {
        unset(self::$taught[$key]);
    }

    /** @return array<string, class-string<T>> key → class */
    public static function kinds(): array
    {
        return self::$taught === [] ? self::FAMILY : self::FAMILY + self::$taught;
    }
}
