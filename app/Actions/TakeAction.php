<?php

declare(strict_types=1);

namespace App\Actions;

use App\Play\Clock;
use App\Play\CompiledEdition;
use App\Play\Gate;
use App\Play\RunRules;
use App\Play\Turn;
use App\Play\VoteLine;
use App\Storage\EditionFile;
use App\Storage\Pulse;
use App\Storage\WholeScenes;
use App\View\RunRow;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Support\Json;
use Illuminate\Database\Connection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * One action of a student: read and judge first, then one short transaction with one insert and one conditional update.
 *
 * The update names the event it was judged on; when another device of the same play was first, the action is judged
 * again on what is there now. The same key twice counts once and gives the same events.
 */
final class TakeAction
{
    /** As many devices of one play may act at the same moment before one of them is asked to try again. */
    private const ATTEMPTS = 5;

    private const ROW = 'select plays.id, plays.run_id, plays.seq, plays.state, plays.progressed_at, '
        .'plays.called_at, plays.started_at, plays.extra, '.Gate::COLUMNS
        .', editions.hash from plays join runs on runs.id = plays.run_id '
        .'join editions on editions.id = coalesce(plays.edition_id, runs.edition_id) where plays.id = ?';

    private readonly Connection $database;

    public function __construct()
    {
        $this->database = DB::connection();
    }

    /**
     * The turn, or null when there is no such play in the run.
     *
     * @param  string|null  $code  of the run it is done in, from a student's device; null from elsewhere
     * @param  int|null  $member  who of a team or class does it
     * @param  int|null  $ballot  the vote that the device shows
     */
    public function handle(
        string $play, Action $action, string $key, ?string $code = null, ?int $member = null, ?int $ballot = null,
    ): ?Turn {
        for ($attempt = 0; $attempt < self::ATTEMPTS; $attempt++) {
            $row = $this->row($play);
            if ($row === null || ($code !== null && strcasecmp($row->code, $code) !== 0)) {
                return null;
            }
            $turn = $row->plays_as === 'class' && $code !== null
                ? self::vote($row, $action, new CastVote($row->id, $key, $member, $ballot), $member)
                : $this->attempt($row, $action, $key, $member);
            if ($turn !== null) {
                return $turn;
            }
        }

        return self::refused($row, 'play.busy');
    }

    private function row(string $play): ?stdClass
    {
        return $this->database->selectOne(self::ROW, [$play]);
    }

    /** The turn, or null when somebody else was first. */
    private function attempt(stdClass $row, Action $action, string $key, ?int $member): ?Turn
    {
        $now = Clock::seconds();
        $edition = EditionFile::read($row->hash);
        $refusal = self::refusal($row, $action, $now);
        if ($refusal !== null) {
            // What counted did, whatever came since.
            return $this->repeated($row, $key, $edition, $now) ?? self::refused($row, $refusal);
        }
        $before = PlayState::fromArray(Json::readObject($row->state));
        $outcome = Playing::act($edition->game, $before, $action, $now, true);
        if ($outcome->isRefused()) {
            return $this->repeated($row, $key, $edition, $now)
                ?? self::unchanged($row, $edition, $before, $outcome, $now, $action);
        }
        try {
            $kept = $this->database->transaction(fn (): ?PlayState => KeepOutcome::of(
                $this->database, $row, $before, $outcome, $action->toArray(), $key, $now, $member,
            ));
        } catch (UniqueConstraintViolationException) {
            return $this->repeated($row, $key, $edition, $now);
        }

        if ($kept === null) {
            return null;
        }
        $beat = Pulse::move($row->id, $row->run_id);
        RunRow::tell($row, $edition->game, $kept, KeepOutcome::progressedAt($row, $before, $kept, $now), $now);

        return new Turn(
            $edition, $before, $kept, $outcome->eventList(), $now, $row->seq + 1, RunRules::of($row), $beat,
        );
    }

    /** Why nothing can be done now, by the name of its words; null when something can. */
    private static function refusal(stdClass $row, Action $action, int $now): ?string
    {
        return Gate::refusal($row, $now) ?? ($action->verb === 'hint' && ! $row->gives_hints ? 'hint.none' : null);
    }

    /** What a device of a class that plays together sends is what it is for. */
    private static function vote(stdClass $row, Action $action, CastVote $vote, ?int $member): Turn
    {
        [$now, $edition] = [Clock::seconds(), EditionFile::read($row->hash)];
        $state = PlayState::fromArray(Json::readObject($row->state));
        $refusal = self::refusal($row, $action, $now);
        $events = $vote->before() ?? ($refusal === null
            ? $vote->cast($action, Playing::act($edition->game, $state, $action, $now, true))
            : [['refused', $refusal, []]]);
        $isBehind = ($events[0][1] ?? null) === 'vote.closed';

        return new Turn(
            $edition, $isBehind ? null : $state, $state, $events, $now, null, RunRules::of($row),
            vote: VoteLine::of($row->id, $member, $edition->game, $state, $now),
        );
    }

    /** The turn that an earlier action with this key came to, or null when there was none. */
    private function repeated(stdClass $row, string $key, CompiledEdition $edition, int $now): ?Turn
    {
        $events = $this->database
            ->table('play_events')
            ->where('play_id', $row->id)
            ->where('key', $key)
            ->value('events');
        if (! is_string($events)) {
            return null;
        }
        /** @var list<list<mixed>> $list */
        $list = Json::read($events);
        $state = $this->row($row->id)->state ?? $row->state;

        return new Turn(
            $edition, null, PlayState::fromArray(Json::readObject($state)), $list, $now, null, RunRules::of($row),
        );
    }

    /** A device that asks for what is not there shows an older moment of the play; it is given the present one. */
    private static function unchanged(
        stdClass $row, CompiledEdition $edition, PlayState $state, Outcome $outcome, int $now, Action $action,
    ): Turn {
        $reason = $outcome->events[0]->arguments[0] ?? null;
        $isBehind = in_array($reason, ['thing.absent', 'play.ended', 'lock.open'], true);
        $isShown = $isBehind && WholeScenes::isDue($row->id);

        return new Turn(
            $edition, $isShown ? null : $state, $state, $outcome->eventList(), $now, null, RunRules::of($row),
            on: (string) $action->on, isBehind: $isBehind && ! $isShown,
        );
    }

    private static function refused(stdClass $row, string $reason): Turn
    {
        $state = PlayState::fromArray(Json::readObject($row->state));

        return new Turn(
            EditionFile::read($row->hash), $state, $state, [['refused', $reason, []]], Clock::seconds(), null,
            RunRules::of($row),
        );
    }
}
