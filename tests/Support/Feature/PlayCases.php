<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Play;
use Illuminate\Testing\TestResponse;
use Tests\Support\Classroom;
use Tests\Support\Games;

/** What PlayTest is about: games, and ways to ask. */
final class PlayCases
{
    /** @param  array<string, mixed>  $fields */
    public static function act(object $test, array $fields, ?Play $by = null): TestResponse
    {
        $play = $by ?? $test->play;

        return $test->withUnencryptedCookie('fravel_play', Classroom::ticket($play))
            ->post("/p/{$test->run->code}", Classroom::form($play, $fields), ['Accept' => 'application/json']);
    }
}
