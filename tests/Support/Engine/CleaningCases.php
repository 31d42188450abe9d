<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Answer\Cleaning;
use Fravel\Support\Node;

/** What CleaningTest is about: games, and ways to ask. */
final class CleaningCases
{
    public static function cleaned(string $text, array $switches = [], string $language = 'en'): string
    {
        return Cleaning::read(Node::root($switches))->in($language)->clean($text);
    }
}
