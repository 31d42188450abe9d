<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Game;
use App\Models\User;
use Illuminate\Pagination\LengthAwarePaginator;

/** A teacher's games as strips: newest work first, with their open runs and how many are playing now. */
final class Shelf
{
    /** A play that acted within this many seconds is playing now. */
    private const NOW = 300;

    /** Nanoseconds for which a shelf waits until games are looked over; those left are looked over the next time. */
    private const PATIENCE = 2_000_000_000;

    /** Strips of one page. */
    private const PAGE = 24;

    /** @return LengthAwarePaginator<int, Strip> */
    public static function of(User $teacher, string $sought, bool $isAway = false): LengthAwarePaginator
    {
        $games = $teacher
            ->games()
            ->with([
                'editions' => static fn ($editions) => $editions
                    ->select(['id', 'game_id', 'number', 'hash'])
                    ->orderByDesc('number'),
                'runs' => static fn ($runs) => $runs
                    ->withCount([
                        'plays',
                        'plays as playing_count' => static fn ($plays) => $plays
                            ->whereNull('ended_at')
                            ->where('acted_at', '>', time() - self::NOW),
                    ])
                    ->latest(),
            ])
            ->latest('updated_at')
            ->whereNull('archived_at', not: $isAway);
        if ($sought !== '') {
            $like = '%'.addcslashes($sought, '%_\\').'%';
            $games->where(
                static fn ($query) => $query
                    ->whereRaw("title like ? escape '\\'", [$like])
                    ->orWhereRaw("document like ? escape '\\'", [$like]),
            );
        }

        $since = hrtime(true);

        return $games
            ->paginate(self::PAGE)
            ->withQueryString()
            ->through(static fn (Game $game): Strip => Strip::of($game, hrtime(true) - $since < self::PATIENCE));
    }

    public static function awayOf(User $teacher): int
    {
        return $teacher->games()->whereNotNull('archived_at')->count();
    }
}
