<?php

declare(strict_types=1);

namespace App\CommandLine;

/** Words for codes, from the same language files as the application's, without starting it. */
final class Words
{
    /** @param  array<string, string|int|float>  $arguments */
    public static function of(string $file, string $code, array $arguments): string
    {
        $words = require dirname(__DIR__, 2)."/lang/en/{$file}.php";
        $text = $words[$code] ?? $code;
        foreach ($arguments as $name => $value) {
            $text = str_replace(":{$name}", (string) $value, $text);
        }

        return $text;
    }
}
