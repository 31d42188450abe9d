<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Support\Template;

/** Words for codes, from the same language files as the application's, without starting it. */
final class Words
{
    /** @param  array<string, string|int|float>  $arguments */
    public static function of(string $file, string $code, array $arguments): string
    {
        $words = require dirname(__DIR__)."/lang/en/{$file}.php";

        return Template::filled($words[$code] ?? $code, $arguments);
    }
}
