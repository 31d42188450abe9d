<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

/** What PatternTest is about: games, and ways to ask. */
final class PatternCases
{
    /** @param  array<string, mixed>  $fields */
    public static function building(object $test, array $fields, string $path = ''): \Illuminate\Testing\TestResponse
    {
        return $test->postJson(
            "/games/{$test->game->id}/patterns{$path}", $fields + ['pattern' => 'ladder', 'base' => 1],
        );
    }
}
