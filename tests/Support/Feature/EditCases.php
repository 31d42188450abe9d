<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Illuminate\Testing\TestResponse;
use Tests\Support\Games;

/** What EditTest is about: games, and ways to ask. */
final class EditCases
{
    public static function edit(object $test, array $command, int $base, string $label = 'a change'): TestResponse
    {
        return $test->postJson(
            "/games/{$test->game->id}/edits", ['command' => $command, 'base' => $base, 'label' => $label],
        );
    }
}
