<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** Whether two changes touch the same. */
final class Conflict
{
    /**
     * @param  list<string>  $left
     * @param  list<string>  $right
     * @return string|null the first part that both touch
     */
    public static function between(array $left, array $right): ?string
    {
        foreach ($left as $touch) {
            foreach ($right as $other) {
                if (self::clash($touch, $other)) {
                    return ltrim(explode('.', $touch)[0], '+');
                }
            }
        }

        return null;
    }

    private static function clash(string $left, string $right): bool
    {
        if ($left === $right) {
            return true;
        }
        [$part, $field] = explode('.', $left.'.', 3);
        [$other, $otherField] = explode('.', $right.'.', 3);

        return $part === $other && ($field === '*' || $otherField === '*');
    }
}
