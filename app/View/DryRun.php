<?php

declare(strict_types=1);

namespace App\View;

use App\Report\Report;
use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Report\LockReport;
use Fravel\Report\PlayLog;
use Fravel\Report\Spread;
use Fravel\Simulate\VirtualClass;

/** What a made-up class makes of a draft: an estimate, not a promise. */
final readonly class DryRun
{
    /** Students; fewer where a game is large. */
    private const STUDENTS = 30;

    private const FEW = 12;

    private const LARGE = 150;

    /** Minutes after which a made-up student gives up, where there is no limit. */
    private const LONGEST = 120;

    /** Sticking points that are shown. */
    private const MOST = 5;

    /**
     * @param  list<int>  $seconds  that each took who came through
     * @param  int  $students  who came to play
     * @param  int  $wanted  who would have, had the game not been too large for a page to wait for
     */
    private function __construct(
        public Report $report,
        private array $seconds,
        public int $minutes,
        public int $students,
        public int $wanted,
    ) {
    }

    /**
     * @param  int  $minutes  of the lesson
     * @param  Effort  $effort  what playing may take; who did not come through by then is left out
     */
    public static function of(GameDocument $game, int $minutes, Effort $effort = new Effort(), int $seed = 1): self
    {
        $students = count($game->scenes()) > self::LARGE ? self::FEW : self::STUDENTS;
        $logs = VirtualClass::logs($game, $seed, $students, 60 * self::LONGEST, $effort);

        $through = array_filter($logs, static fn (PlayLog $log): bool => $log->endedAt !== null);
        $seconds = array_map(static fn (PlayLog $log): int => (int) $log->endedAt - $log->startedAt, $through);

        return new self(Report::ofLogs($game, $logs), array_values($seconds), $minutes, count($logs), $students);
    }

    /** @return array{low: int, median: int, high: int}|null minutes; null where nobody came to an end */
    public function times(): ?array
    {
        $spread = Spread::of($this->seconds);

        return $spread === null ? null : array_map(
            static fn (float $seconds): int => max(1, (int) round($seconds / 60)),
            ['low' => $spread->low, 'median' => $spread->median, 'high' => $spread->high],
        );
    }

    /** How many are at an end within the lesson. */
    public function within(): int
    {
        return count(array_filter($this->seconds, fn (int $seconds): bool => $seconds <= 60 * $this->minutes));
    }

    /** @return list<LockReport> where most time is spent and most is wrong, the worst first */
    public function stickingPoints(): array
    {
        $locks = array_filter($this->report->locks, static fn (LockReport $one): bool => $one->seconds !== null
            || $one->left > 0);
        usort($locks, static fn (LockReport $one, LockReport $other): int => self::cost($other) <=> self::cost($one));

        return array_slice($locks, 0, self::MOST);
    }

    private static function cost(LockReport $one): float
    {
        return ($one->seconds->high ?? 600) * (1.5 - $one->rate()) + 300 * $one->left;
    }
}
