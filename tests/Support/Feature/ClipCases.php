<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use App\Models\Game;
use App\Models\Play;
use App\Models\Run;
use Illuminate\Testing\TestResponse;
use Tests\Support\Classroom;

/** What ClipTest is about: a drawn film, and ways to bring it. */
final class ClipCases
{
    public static function film(): string
    {
        return (string) file_get_contents(database_path('demo/how-the-lens-turns/assets/lens.webm'));
    }

    /** The page of a play, with a question behind its address. */
    public static function page(Play $play, string $query = ''): TestResponse
    {
        $code = Run::query()->findOrFail($play->run_id)->code;

        return test()->withUnencryptedCookie('fravel_play', Classroom::ticket($play))->get("/p/{$code}{$query}");
    }

    /** @param  array<string, mixed>  $fields */
    public static function act(Play $play, array $fields, bool $isByScript = true): TestResponse
    {
        $code = Run::query()->findOrFail($play->run_id)->code;

        return test()->withUnencryptedCookie('fravel_play', Classroom::ticket($play))->post(
            "/p/{$code}", Classroom::form($play, $fields), $isByScript ? ['Accept' => 'application/json'] : [],
        );
    }

    /** @return array{status: int, body: array<string, mixed>} what comes of telling of a file */
    public static function told(Game $game, int $size, string $mark = 'lens.webm|1'): array
    {
        test()->flushSession();
        $told = ['size' => $size, 'mark' => $mark];
        $reply = test()->actingAs($game->user)->postJson("/games/{$game->id}/clips", $told);

        return ['status' => $reply->status(), 'body' => (array) $reply->json()];
    }

    /** @return array{status: int, body: array<string, mixed>} what comes of one piece */
    public static function sent(Game $game, string $id, string $piece, int $at): array
    {
        test()->flushSession();
        $reply = test()->actingAs($game->user)->call('POST', "/games/{$game->id}/clips/{$id}?at={$at}", [], [], [], [
            'CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json',
        ], $piece);

        return ['status' => $reply->status(), 'body' => (array) $reply->json()];
    }

    /** @return array{status: int, body: array<string, mixed>} what comes of a whole file of these bytes */
    public static function brought(Game $game, string $bytes, string $mark = 'lens.webm|1'): array
    {
        $told = self::told($game, strlen($bytes), $mark);

        return $told['status'] === 200 ? self::sent($game, $told['body']['id'], $bytes, 0) : $told;
    }
}
