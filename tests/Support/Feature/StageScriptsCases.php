<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Tests\Support\Scripts;

/** What StageScriptsTest is about: games, and ways to ask. */
final class StageScriptsCases
{
    public static function geometry(string $expression, mixed $input = null): mixed
    {
        return Scripts::run('workshop/scene/stage/geometry.js', $expression, $input);
    }
}
