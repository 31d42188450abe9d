<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Game;
use Illuminate\Support\Facades\DB;

/**
 * How much room pictures take, by game and by teacher. Each file counts once for a game, taken out again or not: undo
 * brings it back.
 */
final class Quota
{
    private const GAME_MEGABYTES = 100;

    private const TEACHER_MEGABYTES = 1000;

    /** Told from this part of the room on. */
    private const NEARLY = 0.8;

    private const MEGABYTE = 1_000_000;

    /** @throws UnableToTakePicture If there is no room left for it. */
    public static function admit(Game $game, int $bytes): void
    {
        [$ofGame, $ofTeacher] = self::used($game);
        if ($ofGame + $bytes > self::GAME_MEGABYTES * self::MEGABYTE) {
            throw UnableToTakePicture::full('full_game', self::GAME_MEGABYTES);
        }
        if ($ofTeacher + $bytes > self::TEACHER_MEGABYTES * self::MEGABYTE) {
            throw UnableToTakePicture::full('full_teacher', self::TEACHER_MEGABYTES);
        }
    }

    /** @param  string  $file  as the asset says it */
    public static function count(Game $game, string $file, int $bytes): void
    {
        DB::table('pictures')->insertOrIgnore([
            'game_id' => $game->id,
            'user_id' => $game->user_id,
            'file' => basename($file),
            'bytes' => $bytes,
        ]);
    }

    /** Words for when the room is nearly used up. */
    public static function notice(Game $game): ?string
    {
        [$ofGame, $ofTeacher] = self::used($game);
        foreach (
            [
                'game' => [$ofGame, self::GAME_MEGABYTES], 'teacher' => [$ofTeacher, self::TEACHER_MEGABYTES],
            ] as $whose => [$used, $most]
        ) {
            if ($used > self::NEARLY * $most * self::MEGABYTE) {
                return (string) __("pictures.nearly_{$whose}", [
                    'used' => (int) ceil($used / self::MEGABYTE),
                    'most' => $most,
                ]);
            }
        }

        return null;
    }

    /** @return array{int, int} bytes of the game, and of all the teacher's games */
    private static function used(Game $game): array
    {
        $of = static fn (string $column, string $id): int => (int) DB::table('pictures')
            ->where($column, $id)
            ->sum('bytes');

        return [$of('game_id', $game->id), $of('user_id', $game->user_id)];
    }
}
