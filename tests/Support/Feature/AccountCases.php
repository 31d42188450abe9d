<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Letter;
use Illuminate\Support\Carbon;

/** What AccountTest is about: games, and ways to ask. */
final class AccountCases
{
    /** Path and query of the link in the newest letter. */
    public static function linkInLetter(): string
    {
        preg_match('~https?://[^/\s]+(/\S+)~', (string) Letter::query()->latest('id')->value('body'), $link);

        return $link[1] ?? '';
    }

    /** Tries a password so many times from an address. */
    public static function guess(
        int $times, string $password = 'wrong', string $address = '10.0.0.9', string $email = 'ida@skerry.example',
    ): \Illuminate\Testing\TestResponse {
        // However slow the machine is, no wait passes by itself.
        Carbon::hasTestNow() || test()->freezeTime();
        foreach (range(1, $times) as $try) {
            $reply = test()->withServerVariables(['REMOTE_ADDR' => $address])
                ->postJson('/sign-in', ['email' => $email, 'password' => $password]);
        }

        return $reply;
    }
}
