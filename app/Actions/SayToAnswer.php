<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Run;
use App\Report\Report;
use App\Report\RunLogs;
use App\Storage\EditionFile;
use App\View\DraftWords;
use App\View\GivenAnswer;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command;
use Fravel\Edit\Refusal;
use Fravel\Report\AnswerRule;
use Fravel\Report\PlayLog;
use Fravel\Report\WrongGroup;
use Fravel\Report\WrongGroups;

/** Puts a rule for an answer that was given in a run into the draft of its game. */
final readonly class SayToAnswer
{
    public function __construct(private EditGame $edit)
    {
    }

    /**
     * @param  string  $lock  of the edition
     * @param  string  $group  Report::key of the answers
     * @param  string|null  $say  null when it is to open the lock too
     * @return string what came of it, in words
     */
    public function handle(Run $run, string $lock, string $group, ?string $say): string
    {
        [$game, $logs] = [EditionFile::of($run->edition)->game, RunLogs::of($run)];
        $answers = self::group($game, $logs, $lock, $group) ?? abort(404);
        [$draftLock, $spellings] = [DraftWords::lockOf($run, $lock), DraftWords::spellings($run, $answers)];
        $read = static fn (GameDocument $game): ?Command => $say === null
            ? AnswerRule::accepting($game, $draftLock, $spellings)
            : AnswerRule::saying($game, $draftLock, $spellings, $say);
        $label = (string) __($say === null ? 'report.label.accept' : 'report.label.say');
        $result = $this->edit->handle($run->game_id, $read, Standpoint::at($run->game->revision), $label);

        return $result->refusal instanceof Refusal
            ? (string) __('report.refused')
            : implode(' ', array_filter([(string) __($say === null ? 'report.accepted' : 'report.said', [
                'answer' => GivenAnswer::words($game, $lock, $answers->answer),
                'count' => count($answers->plays),
                'of' => count($logs),
            ]), self::now($run, $logs, $lock, $answers)]));
    }

    /**
     * Who of a class that plays is before this lock still with such an answer; '' where nobody is.
     *
     * @param  list<PlayLog>  $logs
     */
    private static function now(Run $run, array $logs, string $lock, WrongGroup $answers): string
    {
        $here = $run->isOpen() ? array_filter(
            $logs,
            static fn (PlayLog $log): bool => in_array($log->id, $answers->plays, true) && $log->endedAt === null
                && ! $log->state->isOpen($lock),
        ) : [];

        return $here === [] ? '' : (string) __('report.helps_now', [
            'count' => count($here), 'names' => implode(', ', array_slice(array_column($here, 'name'), 0, 6)),
        ]);
    }

    /** @param  list<PlayLog>  $logs */
    private static function group(GameDocument $game, array $logs, string $lock, string $key): ?WrongGroup
    {
        $thing = $game->lock($lock);
        $groups = $thing === null ? [] : WrongGroups::of($thing, $logs, $game->language());

        return array_column(
            array_map(static fn (WrongGroup $one): array => [Report::key($one), $one], $groups), 1, 0,
        )[$key] ?? null;
    }
}
