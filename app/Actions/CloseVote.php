<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Ballot;
use App\Models\Play;
use App\Play\Clock;
use App\Storage\Pulse;
use App\View\Votes;
use Fravel\Document\GameDocument;
use Fravel\State\Action;
use Illuminate\Support\Facades\DB;

/**
 * Closes a vote: what most are for is done, for all. It is one transaction, so that every vote that was acknowledged
 * before it is counted, and none after it.
 */
final class CloseVote
{
    /** What a teacher says who lets chance break a tie. */
    public const LOTS = 'lots';

    public function __construct(private readonly TakeAction $take)
    {
    }

    /**
     * @param  string  $tie  the key of what a tie goes to, or LOTS; '' where there is none
     * @return string  `done`; `none` while nobody is for anything; `tied` where several lead and none was named;
     *     `rests` while nothing can be done
     */
    public function handle(Play $play, GameDocument $game, string $tie): string
    {
        $ballot = Ballot::openIn($play->id);
        $came = DB::transaction(fn (): string => $ballot->isHeldOpen()
            ? $this->decide($play->refresh(), $game, $tie)
            : 'done');
        // What was told of it while it was being done may have been asked for too early.
        Pulse::beat($play->id, "votes {$play->id}");

        return $came;
    }

    private function decide(Play $play, GameDocument $game, string $tie): string
    {
        $votes = Votes::of($play, $game, $play->read());
        $leaders = $votes->leaders();
        if ($leaders === []) {
            return 'none';
        }
        $named = array_values(array_filter($leaders, static fn (array $row): bool => $row['key'] === $tie));
        $won = match (true) {
            count($leaders) === 1 => $leaders[0],
            $tie === self::LOTS => $leaders[random_int(0, count($leaders) - 1)],
            default => $named[0] ?? null,
        };
        $action = $won === null ? null : Action::of($won['action']);
        if ($won === null || $action === null) {
            return 'tied';
        }
        $state = $play->read()->toArray();
        if ($this->take->handle($play->id, $action, "vote-{$votes->ballot->id}")?->refusal() !== null) {
            // It rests, or is closed: the vote stays as it is.
            return 'rests';
        }
        $votes->ballot->update([
            'closed_at' => Clock::seconds(), 'state' => $state, 'result' => $won['action'],
            'counts' => array_map(static fn (array $row): array => [
                'key' => $row['key'], 'action' => $row['action'], 'count' => $row['count'],
            ], $votes->rows),
        ]);

        return 'done';
    }
}
