<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Run;
use App\Report\Report;
use Fravel\Document\GameDocument;
use Fravel\Report\AnswerRule;
use Fravel\Report\LockReport;
use Fravel\Report\WrongGroup;

/** A lock of a run as the draft of its game has it now: where it stands, and what is said there to its answers. */
final readonly class DraftWords
{
    /** @param  array<string, string>  $said  Report::key of the answers → what is said to them (CommonMark) */
    private function __construct(public string $lock, public ?string $scene, public array $said)
    {
    }

    public static function of(Run $run, LockReport $report): self
    {
        [$game, $lock] = [$run->game->read(), self::lockOf($run, $report->lock->id)];
        $said = [];
        foreach ($report->wrong as $group) {
            $said[Report::key($group)] = self::said($game, $run, $lock, $group);
        }

        return new self($lock, $game->sceneOf($lock), array_filter($said));
    }

    /** What a lock of the edition is called in the draft. */
    public static function lockOf(Run $run, string $lock): string
    {
        $name = array_search($lock, $run->edition->renamed ?? [], true);

        return is_string($name) ? $name : $lock;
    }

    /**
     * The parts that answers name, as the draft calls them.
     *
     * @return list<string|array<array-key, mixed>> spellings of one answer
     */
    public static function spellings(Run $run, WrongGroup $group): array
    {
        $ids = array_flip($run->edition->renamed ?? []);
        $name = static fn (mixed $id): mixed => is_string($id) ? $ids[$id] ?? $id : $id;

        return array_map(static fn (string|array $answer): string|array => is_array($answer)
            ? array_combine(array_map($name, array_keys($answer)), array_map($name, $answer))
            : (string) $name($answer), [$group->answer, ...$group->others]);
    }

    private static function said(GameDocument $game, Run $run, string $lock, WrongGroup $group): string
    {
        $words = AnswerRule::said($game, $lock, self::spellings($run, $group));

        // What was read in the run already is told as that.
        return $words === null || in_array($words, $group->said, true) ? '' : $words;
    }
}
