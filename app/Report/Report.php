<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Run;
use App\Storage\EditionFile;
use App\View\GivenAnswer;
use App\Workshop\Names;
use Closure;
use Fravel\Document\GameDocument;
use Fravel\Document\Showing;
use Fravel\Report\CameOut;
use Fravel\Report\CoverReport;
use Fravel\Report\FindReport;
use Fravel\Report\LockReport;
use Fravel\Report\PassageReport;
use Fravel\Report\PlayLog;
use Fravel\Report\SceneReport;
use Fravel\Report\Spread;
use Fravel\Report\WrongGroup;
use Fravel\Thing\FindIt;
use Fravel\Thing\Lock;

/**
 * What a run showed, ready for its page; it holds figures and names, and none of what they were reckoned from.
 *
 * @phpstan-type Came array{id: string, name: string, place: ?int, seconds: ?int}
 * @phpstan-type Outcome array{scene: string, kind: ?string, plays: list<Came>}
 */
final readonly class Report
{
    /** Names that stand on a page for each outcome; the table of plays has them all. */
    public const NAMES = 200;

    /** First tries by which a lock is called easy, fair or hard; below the last it is very hard. */
    private const HARD = ['easy' => 0.85, 'fair' => 0.6, 'hard' => 0.3];

    /** How well a lock tells who does well elsewhere; below the last it tells the wrong way round. */
    private const TELLS = ['well' => 0.3, 'some' => 0.1, 'little' => -0.1];

    /**
     * @param  int  $joined  plays
     * @param  list<int>  $seconds  from start to end, of each play that is through
     * @param  list<Outcome>  $outcomes  each ending with those who came to it, in the order of their places; then
     *     those who are under way
     * @param  list<LockReport>  $locks  that are right or wrong
     * @param  list<LockReport>  $asked  to which no answer is wrong, with options to pick from
     * @param  list<CoverReport>  $covers
     * @param  list<FindReport>  $boards
     * @param  list<SceneReport>  $scenes
     * @param  list<PassageReport>  $passages
     */
    private function __construct(
        public GameDocument $game, public int $joined, private array $seconds, public array $outcomes,
        public array $locks, public array $boards, public array $scenes, public array $passages, public array $asked,
        public array $covers,
    ) {
    }

    /** @param  Closure(int): mixed|null  $told  what hears how much has been read, in per cent */
    public static function of(Run $run, ?Closure $told = null): self
    {
        return self::ofLogs(EditionFile::of($run->edition)->game, RunLogs::of($run, $told));
    }

    /** @param  list<PlayLog>  $logs */
    public static function ofLogs(GameDocument $game, array $logs): self
    {
        $all = LockReport::all($game, $logs);
        $isNoted = static fn (LockReport $one): bool => $one->lock->tells() === Lock::NOTED && $one->picked !== [];

        return new self(
            $game,
            count($logs),
            array_values(array_filter(array_map(self::secondsOf(...), $logs), is_int(...))),
            self::outcomes($game, $logs),
            array_values(array_filter($all, static fn (LockReport $one): bool => ! $isNoted($one))),
            FindReport::all($game, $logs),
            SceneReport::all($game, $logs),
            PassageReport::all($game, $logs),
            array_values(array_filter($all, $isNoted)),
            CoverReport::all($game, $logs),
        );
    }

    /** The lock that is looked at: the one asked for, else the one that fewest opened at first try. */
    public function chosen(string $id): ?LockReport
    {
        $named = array_column(array_map(
            static fn (LockReport $report): array => [$report->lock->id, $report], $this->locks,
        ), 1, 0);
        $hardest = array_values(array_filter($this->locks, static fn (LockReport $one): bool => $one->tried > 0));
        usort($hardest, static fn (LockReport $one, LockReport $other): int => $one->rate() <=> $other->rate());

        return $named[$id] ?? $hardest[0] ?? null;
    }

    /** @return array{finished: int, joined: int, median: ?string, rate: ?int} */
    public function sums(): array
    {
        $times = Spread::of($this->seconds);
        $tried = array_sum(array_map(static fn (LockReport $report): int => $report->tried, $this->locks));
        $first = array_sum(array_map(static fn (LockReport $report): int => $report->firstTry, $this->locks));

        return [
            'finished' => count($this->seconds),
            'joined' => $this->joined,
            'median' => $times === null ? null : Showing::clock((int) round($times->median)),
            'rate' => $tried === 0 ? null : (int) round(100 * $first / $tried),
        ];
    }

    /** @return list<array{scene: string, seen: int, ways: list<array{string, int}>}> scenes where there was a choice */
    public function ways(): array
    {
        $chosen = array_filter(
            $this->scenes, static fn (SceneReport $one): bool => $one->seen > 0 && count($one->taken) > 1,
        );

        $ways = array_map(fn (SceneReport $one): array => [
            'scene' => $this->called($one->scene), 'seen' => $one->seen, 'ways' => array_map(
                fn (string $choice, int $plays): array => [$this->called($choice), $plays],
                array_keys($one->taken), array_values($one->taken),
            ),
        ], $chosen);

        return [...array_values($ways), ...array_map(fn (LockReport $one): array => [
            'scene' => $this->name($one), 'seen' => $one->tried, 'ways' => array_map(
                fn (string $option, int $plays): array => [$this->called($option), $plays],
                array_map(strval(...), array_keys($one->picked)), array_values($one->picked),
            ),
        ], $this->asked)];
    }

    /** @return list<string> scenes that nobody came to */
    public function unseen(): array
    {
        $unseen = array_filter($this->scenes, static fn (SceneReport $one): bool => $one->seen === 0);

        return array_values(array_map(fn (SceneReport $one): string => $this->called($one->scene), $unseen));
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return list<Outcome>
     */
    private static function outcomes(GameDocument $game, array $logs): array
    {
        usort($logs, static fn (PlayLog $one, PlayLog $other): int => [
            $one->state->place ?? PHP_INT_MAX, $one->endedAt ?? PHP_INT_MAX,
        ] <=> [$other->state->place ?? PHP_INT_MAX, $other->endedAt ?? PHP_INT_MAX]);
        [$at, $under] = [[], []];
        foreach ($logs as $log) {
            $log->endedAt === null ? $under[] = $log : $at[$log->state->scene][] = $log;
        }
        $outcomes = [];
        foreach ($game->scenes() as $scene) {
            $came = [];
            foreach ($at[$scene->id] ?? [] as $log) {
                $came[CameOut::as($game, $log->state) ?: Names::of($game, $scene->id)][] = $log;
            }
            foreach ($came as $as => $plays) {
                $outcomes[] = self::outcome((string) $as, $plays[0]->state->ended, $plays);
            }
        }

        return $under === [] ? $outcomes : [...$outcomes, self::outcome('', null, $under)];
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return Outcome
     */
    private static function outcome(string $as, ?string $kind, array $logs): array
    {
        return ['scene' => $as, 'kind' => $kind, 'plays' => array_map(static fn (PlayLog $log): array => [
            'id' => $log->id, 'name' => $log->name, 'place' => $log->state->place, 'seconds' => self::secondsOf($log),
        ], $logs)];
    }

    /** From start to end; null for one that is under way. */
    private static function secondsOf(PlayLog $log): ?int
    {
        return $log->endedAt === null ? null : $log->endedAt - $log->startedAt;
    }

    /** What a box of a find-it board is asked for by. */
    public function asked(FindIt $board, string $box): string
    {
        return array_column($board->boxes, null, 'id')[$box]->ask ?? '' ?: $this->called($box);
    }

    /** What stands on a box of a find-it board. */
    public function box(FindIt $board, string $box): string
    {
        return array_column($board->boxes, null, 'id')[$box]->md ?? '' ?: $this->called($box);
    }

    /** What a find-it board is called: by its name, else as its scene is. */
    public function board(FindReport $report): string
    {
        return $report->board->common->label ?: $this->called($report->scene);
    }

    /** The words of a text with gaps before one of them, and the gap. */
    public function gap(LockReport $report, string $gap): string
    {
        $text = $this->game->written($report->lock->id)['input']['md'] ?? '';
        [$before] = explode("{{$gap}}", is_string($text) ? $text : '', 2);
        $before = (string) preg_replace(['/\{[a-z][a-z0-9_-]*\}/', '/[*_#`>]|\s+/u'], ['…', ' '], $before);
        preg_match('/(?:^|\s)(.{0,30})$/Dus', $before, $end);

        return trim($end[1] ?? '').' ____';
    }

    /** What a part of the game is called. */
    public function called(string $id): string
    {
        return Names::of($this->game, $id);
    }

    public function name(LockReport $report): string
    {
        return Names::of($this->game, $report->lock->id);
    }

    public function scene(LockReport $report): string
    {
        return Names::of($this->game, $report->scene);
    }

    /** What kind of answer it asks for, in a word. */
    public function kind(LockReport $report): string
    {
        $rounds = count($report->lock->rounds);
        if ($rounds > 0) {
            return (string) __('cards.rounds.short', ['count' => $rounds]);
        }
        $type = $this->game->written($report->lock->id)['input']['type'] ?? 'text';

        return (string) __("kinds.input.{$type}");
    }

    /** How hard it was, and how well it tells who does well elsewhere, in a sentence. */
    public function verdict(LockReport $report): string
    {
        if ($report->tried === 0) {
            return (string) __('report.untried');
        }
        $word = static fn (array $borders, float $value, string $else): string => (string) (array_key_first(
            array_filter($borders, static fn (float $least): bool => $value >= $least),
        ) ?? $else);
        $words = [(string) __('report.hard.'.$word(self::HARD, $report->rate(), 'very'))];
        if ($report->tells !== null) {
            $words[] = (string) __('report.tells.'.$word(self::TELLS, $report->tells, 'wrong'));
        }

        return implode(' ', $words);
    }

    /** @return list<array{key: string, answer: string, others: list<string>, plays: int, said: list<string>}> */
    public function wrong(LockReport $report): array
    {
        $words = fn (mixed $with): string => GivenAnswer::words($this->game, $report->lock->id, $with);

        return array_map(fn (WrongGroup $group): array => [
            'key' => self::key($group),
            'answer' => $words($group->answer),
            'others' => array_values(array_unique(array_map($words, array_slice($group->others, 0, 6)))),
            'plays' => count($group->plays),
            'said' => $group->said,
        ], $report->wrong);
    }

    /** By which a group is known when it is meant later. */
    public static function key(WrongGroup $group): string
    {
        return substr(hash('sha256', (string) json_encode($group->answer)), 0, 16);
    }
}
