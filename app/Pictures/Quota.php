<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Clips\Incoming;
use App\Models\Game;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * How much room pictures and clips take, by game and by teacher, each by themselves. Each file counts once for a game,
 * taken out again or not: undo brings it back. What is on its way counts as large as it was told.
 */
final class Quota
{
    /** Kind → megabytes of a game, and of all games of a teacher. */
    private const ROOM = ['picture' => [100, 1000], 'clip' => [1000, 4000]];

    /** Extensions of films and sounds. */
    private const CLIPS = ['webm', 'weba', 'mp4', 'm4a', 'ogg', 'mp3'];

    /** Told from this part of the room on. */
    private const NEARLY = 0.8;

    private const MEGABYTE = 1_000_000;

    /**
     * @param  string  $incoming  the name under which it is on its way, if it is: it is not counted twice
     *
     * @throws UnableToTakePicture If there is no room left for it.
     */
    public static function admit(Game $game, int $bytes, bool $isClip = false, string $incoming = ''): void
    {
        $problem = self::problem($game, $bytes, $isClip, $incoming);
        if ($problem !== null && $isClip && Incoming::giveWay(self::gamesOf($game), $incoming)) {
            $problem = self::problem($game, $bytes, $isClip, $incoming);
        }
        $problem === null ?: throw $problem;
    }

    private static function problem(Game $game, int $bytes, bool $isClip, string $incoming): ?UnableToTakePicture
    {
        [$ofGame, $ofTeacher] = self::used($game, $isClip);
        if ($isClip) {
            $ofGame += Incoming::promised([$game->id], $incoming);
            $ofTeacher += Incoming::promised(self::gamesOf($game), $incoming);
        }
        [$mostOfGame, $mostOfTeacher] = self::ROOM[$isClip ? 'clip' : 'picture'];
        $kind = $isClip ? '_clips' : '';

        return match (true) {
            $ofGame + $bytes > $mostOfGame * self::MEGABYTE => UnableToTakePicture::full(
                "full_game{$kind}", $mostOfGame,
            ),
            $ofTeacher + $bytes > $mostOfTeacher * self::MEGABYTE => UnableToTakePicture::full(
                "full_teacher{$kind}", $mostOfTeacher,
            ),
            default => null,
        };
    }

    /** @return list<string> ids of all games of its teacher */
    private static function gamesOf(Game $game): array
    {
        return array_values(Game::query()->where('user_id', $game->user_id)->pluck('id')->all());
    }

    /** Whether a file of this name is a film or a sound. */
    public static function isClip(string $file): bool
    {
        return in_array(strtolower(pathinfo($file, PATHINFO_EXTENSION)), self::CLIPS, true);
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
        [$ofGame, $ofTeacher] = self::used($game, false);
        foreach (
            [
                'game' => [$ofGame, self::ROOM['picture'][0]], 'teacher' => [$ofTeacher, self::ROOM['picture'][1]],
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
    private static function used(Game $game, bool $isClip): array
    {
        $of = static fn (string $column, string $id): int => (int) DB::table('pictures')
            ->where($column, $id)
            ->get(['file', 'bytes'])
            ->filter(static fn (stdClass $row): bool => self::isClip((string) $row->file) === $isClip)
            ->sum('bytes');

        return [$of('game_id', $game->id), $of('user_id', $game->user_id)];
    }
}
