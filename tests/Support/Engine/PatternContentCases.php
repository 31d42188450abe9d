<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Pattern\Content;
use Fravel\Pattern\PatternBuilder;
use Fravel\Pattern\TeacherDefaults;

/** What PatternContentTest is about: games, and ways to ask. */
final class PatternContentCases
{
    /** @param  array<string, mixed>  $given */
    public static function contentOf(array $given): Content
    {
        return new Content($given, 'en');
    }

    /** @param  array<string, string>  $words */
    public static function siteOf(
        array $words = [], TeacherDefaults $usual = new TeacherDefaults, array $taken = [],
    ): PatternBuilder {
        return new PatternBuilder(
            'en', $taken, $words + ['right' => 'Right.', 'wrong' => 'Not yet.', 'numbered' => ':title :number'], $usual,
        );
    }
}
