<?php

declare(strict_types=1);

namespace Fravel\Support;

/** Words with places to fill: `The :lock is open.` */
final class Template
{
    /**
     * All places at once, so that what is filled in is never filled itself; of two names that begin alike the longer one is
     * meant.
     *
     * @param  array<string, string|int|float>  $arguments
     */
    public static function filled(string $words, array $arguments): string
    {
        $places = [];
        foreach ($arguments as $name => $value) {
            $places[":{$name}"] = (string) $value;
        }

        return $places === [] ? $words : strtr($words, $places);
    }
}
