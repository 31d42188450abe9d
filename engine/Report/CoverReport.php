<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Document\GameDocument;
use Fravel\Thing\Cover;
use Fravel\Thing\Things;

/** What a run showed of one cover: who lifted it, and what those who guessed first said of their guess. */
final readonly class CoverReport
{
    /**
     * @param  int  $seen  plays that came to its scene
     * @param  int  $lifted  of those, in which it was lifted, however often
     * @param  int  $right  of those, in which the guess was called right at last; likewise wrong
     */
    private function __construct(
        public Cover $cover, public string $scene, public int $seen, public int $lifted, public int $right,
        public int $wrong,
    ) {
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return list<self> in the order of the game; covers that nobody came to are left out
     */
    public static function all(GameDocument $game, array $logs): array
    {
        $done = array_map(self::done(...), $logs);
        $reports = [];
        foreach ($game->scenes() as $scene) {
            $seen = count(array_filter($logs, static fn (PlayLog $log): bool => $log->state->scene === $scene->id
                || $log->state->hasVisited($scene->id)));
            foreach ($seen === 0 ? [] : Things::covers($scene->things) as $cover) {
                $of = array_column($done, $cover->id);
                $judged = array_count_values(array_filter(array_column($of, 'judged')));
                $reports[] = new self(
                    $cover, $scene->id, $seen, count($of), $judged['right'] ?? 0, $judged['wrong'] ?? 0,
                );
            }
        }

        return $reports;
    }

    /** @return array<string, array{judged: string}> covers that were lifted, and what was said of the guess at last */
    private static function done(PlayLog $log): array
    {
        $done = [];
        foreach ($log->deeds as $deed) {
            $lifted = $deed->action()['lift'] ?? null;
            $judged = $deed->action()['judge'] ?? null;
            if (is_string($lifted)) {
                $done[$lifted] ??= ['judged' => ''];
            }
            if (is_string($judged) && is_string($deed->with())) {
                $done[$judged] = ['judged' => $deed->with()];
            }
        }

        return $done;
    }
}
