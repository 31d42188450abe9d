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
        $touched = array_fill_keys($right, true);
        $whole = $some = [];
        foreach ($right as $touch) {
            [$part, $field] = self::split($touch);
            $some[$part] = true;
            $field === '*' && $whole[$part] = true;
        }
        foreach ($left as $touch) {
            [$part, $field] = self::split($touch);
            if (isset($touched[$touch]) || isset($whole[$part]) || ($field === '*' && isset($some[$part]))) {
                return ltrim($part, '+');
            }
        }

        return null;
    }

    /** @return array{string, string} part and field */
    private static function split(string $touch): array
    {
        [$part, $field] = explode('.', $touch.'.', 3);

        return [$part, $field];
    }
}
