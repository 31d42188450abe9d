<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Worksheet\Worksheet;

/** What WorksheetTest is about: games, and ways to ask. */
final class WorksheetCases
{
    public static function exampleSheet(string $name): Worksheet
    {
        return Worksheet::read((string) file_get_contents(dirname(__DIR__, 2)."/Examples/worksheets/{$name}"), 'en');
    }
}
