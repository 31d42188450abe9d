<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Document\GameDocument;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** What a run showed of one lock. */
final readonly class LockReport
{
    /**
     * @param  int  $tried  plays in which it was answered
     * @param  int  $opened  of those, in which an answer opened it
     * @param  int  $firstTry  of those, in which the first answer did
     * @param  int  $hinted  plays in which a hint to it was asked for
     * @param  int  $left  plays that stopped here
     * @param  Spread|null  $tries  answers until it opened
     * @param  Spread|null  $seconds  until it opened
     * @param  float|null  $tells  how well the first try at it goes with first tries elsewhere, from −1 to 1; null
     *     where too few played to say
     * @param  list<WrongGroup>  $wrong
     * @param  array<array-key, int>  $picked  each option → plays that picked it when it opened; none without options
     * @param  list<GapReport>  $gaps
     */
    private function __construct(
        public Lock $lock,
        public string $scene,
        public int $tried,
        public int $opened,
        public int $firstTry,
        public int $hinted,
        public int $left,
        public ?Spread $tries,
        public ?Spread $seconds,
        public ?float $tells,
        public array $wrong,
        public array $picked,
        public array $gaps,
    ) {
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return list<self> in the order in which they were played; locks that nobody tried stand behind the one that is
     *     before them in the game
     */
    public static function all(GameDocument $game, array $logs): array
    {
        $shares = array_map(static fn (PlayLog $log): array => FirstTries::of($log), $logs);
        $places = self::places($logs);
        [$reports, $order, $last] = [[], [], 0.0];
        foreach ($game->scenes() as $scene) {
            foreach (Things::locks($scene->things) as $lock) {
                $order[] = $last = $places[$lock->id] ?? $last;
                $reports[] = self::of($lock, $scene->id, $logs, $shares, $game->language());
            }
        }
        // Of the same place the one that stands first in the game comes first.
        array_multisort($order, array_keys($order), $reports);

        return $reports;
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return array<string, float> lock → its place among those that a play tried, from 0, in the middle of all plays
     */
    private static function places(array $logs): array
    {
        $places = [];
        foreach ($logs as $log) {
            $tried = [];
            foreach ($log->deeds as $deed) {
                $lock = $deed->lock();
                if ($lock !== null && ! isset($tried[$lock])) {
                    $places[$lock][] = count($tried);
                    $tried[$lock] = true;
                }
            }
        }

        return array_map(static fn (array $all): float => Spread::of($all)->median ?? 0.0, $places);
    }

    /** Part of those who answered it whose first answer opened it, from 0 to 1. */
    public function rate(): float
    {
        return $this->tried === 0 ? 0.0 : $this->firstTry / $this->tried;
    }

    /**
     * @param  list<PlayLog>  $logs
     * @param  list<array<string, bool>>  $shares  FirstTries of each
     */
    private static function of(Lock $lock, string $scene, array $logs, array $shares, string $language): self
    {
        $tried = array_values(
            array_filter($logs, static fn (PlayLog $log): bool => $log->answersTo($lock->id) !== []),
        );
        $opened = array_values(array_filter(
            $tried, static fn (PlayLog $log): bool => $log->answerThatOpened($lock->id) !== null,
        ));
        $count = static fn (callable $fits): int => count(array_filter($logs, $fits));

        return new self(
            $lock,
            $scene,
            count($tried),
            count($opened),
            $count(static fn (PlayLog $log): bool => $log->openedAtFirstTry($lock->id)),
            $count(static fn (PlayLog $log): bool => ($log->state->hinted[$lock->id] ?? 0) > 0),
            $count(static fn (PlayLog $log): bool => $log->isLeftAt($lock->id)),
            Spread::of(array_map(static fn (PlayLog $log): int => self::triesOf($log, $lock->id), $opened)),
            Spread::of(array_map(static fn (PlayLog $log): int => $log->secondsOn($lock->id), $opened)),
            FirstTries::tells($lock->id, $shares),
            WrongGroups::of($lock, $logs, $language),
            self::picked($lock, $opened),
            GapReport::all($lock, $logs, $language),
        );
    }

    /**
     * @param  list<PlayLog>  $opened
     * @return array<array-key, int>
     */
    private static function picked(Lock $lock, array $opened): array
    {
        $picked = $lock->input->picks() === [] ? [] : array_fill_keys(array_keys($lock->input->parts()), 0);
        foreach ($picked === [] ? [] : $opened as $log) {
            $deed = $log->answersTo($lock->id)[$log->answerThatOpened($lock->id)] ?? null;
            foreach (array_unique((array) ($deed?->with() ?? [])) as $option) {
                is_string($option) && isset($picked[$option]) ? $picked[$option]++ : null;
            }
        }

        return $picked;
    }

    /** Answers up to the one that opened it. */
    private static function triesOf(PlayLog $log, string $lock): int
    {
        return 1 + ($log->answerThatOpened($lock) ?? count($log->answersTo($lock)) - 1);
    }
}
