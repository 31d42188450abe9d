<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Play;
use App\Models\Run;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Tests\Support\Classroom;
use Tests\Support\Games;

/** What DoorTest is about: games, and ways to ask. */
final class DoorCases
{
    /** @param  array<string, mixed>  $fields */
    public static function at(string $address, string $method, string $path, array $fields = []): TestResponse
    {
        Carbon::hasTestNow() || test()->freezeTime();
        $test = test()->withServerVariables(['REMOTE_ADDR' => $address]);

        return $method === 'GET' ? $test->get($path) : $test->post($path, $fields);
    }

    /** Joins from an address and guesses at the guarded door until its guard stops the play. */
    public static function begunToGuess(Run $run, string $name, string $address): TestResponse
    {
        $reply = self::at($address, 'POST', "/p/{$run->code}/join", ['name' => $name]);
        $play = $run->plays()->where('name', $name)->first();
        foreach ($play === null ? [] : ['a', 'b', 'c'] as $wrong) {
            test()->withUnencryptedCookie('fravel_play', Classroom::ticket($play));
            self::at(
                $address, 'POST', "/p/{$run->code}",
                Classroom::form($play, ['verb' => 'answer', 'on' => 'door', 'with' => $wrong]),
            );
        }

        return $reply;
    }
}
