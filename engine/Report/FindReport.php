<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Document\GameDocument;
use Fravel\Thing\FindIt;
use Fravel\Thing\Things;

/** What a run showed of one find-it board. */
final readonly class FindReport
{
    /**
     * @param  int  $played  plays in which something was picked on it
     * @param  int  $done  of those, in which all of it was found
     * @param  Spread|null  $wrong  wrong picks of each
     * @param  list<array{asked: string, picked: string, plays: int}>  $mistaken  which box was taken for which, what
     *     most mistook first
     */
    private function __construct(
        public FindIt $board, public string $scene, public int $played, public int $done, public ?Spread $wrong,
        public array $mistaken,
    ) {
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return list<self> in the order of the game; boards that nobody came to are left out
     */
    public static function all(GameDocument $game, array $logs): array
    {
        $reports = [];
        foreach ($game->scenes() as $scene) {
            foreach (Things::boards($scene->things) as $board) {
                $report = self::of($board, $scene->id, $logs);
                $report->played > 0 ? $reports[] = $report : null;
            }
        }

        return $reports;
    }

    /** @param  list<PlayLog>  $logs */
    private static function of(FindIt $board, string $scene, array $logs): self
    {
        $boxes = array_column($board->boxes, null, 'id');
        [$played, $done, $wrong, $mistaken] = [0, 0, [], []];
        foreach ($logs as $log) {
            $picks = array_values(array_filter(array_map(
                static fn (Deed $deed): ?array => $deed->pickedOn($board->id), $log->deeds,
            )));
            if ($picks === []) {
                continue;
            }
            $missed = array_filter(
                $picks,
                static fn (array $pick): bool => isset($boxes[$pick[0]], $boxes[$pick[1]])
                    && ! $boxes[$pick[1]]->looksLike($boxes[$pick[0]]),
            );
            $played++;
            $done += (int) $log->state->hasFound($board->id);
            $wrong[] = count($missed);
            $pairs = array_map(static fn (array $pick): string => implode(' ', $pick), $missed);
            foreach (array_unique($pairs) as $pair) {
                $mistaken[$pair] = ($mistaken[$pair] ?? 0) + 1;
            }
        }
        arsort($mistaken);

        return new self($board, $scene, $played, $done, Spread::of($wrong), array_map(
            static fn (string $pair, int $plays): array => [
                'asked' => explode(' ', $pair)[0], 'picked' => explode(' ', $pair)[1], 'plays' => $plays,
            ],
            array_keys($mistaken), array_values($mistaken),
        ));
    }
}
