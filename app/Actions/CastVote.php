<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Ballot;
use App\Models\Vote;
use App\Play\Voting;
use App\Storage\Pulse;
use Fravel\Play\Outcome;
use Fravel\State\Action;

/** Takes what somebody of a class is for; until the vote is closed it may be another. */
final class CastVote
{
    /**
     * @param  Outcome  $outcome  what the action would come to; nothing of it is told but why it can't be done
     * @return list<list<mixed>> events, as Play\Outcome lists them
     */
    public static function of(string $play, ?int $member, Action $action, Outcome $outcome, int $now): array
    {
        if ($outcome->isRefused() || $member === null) {
            return $outcome->isRefused() ? $outcome->eventList() : [['refused', 'play.busy', []]];
        }
        Vote::query()->updateOrCreate(['ballot_id' => Ballot::openIn($play)->id, 'member_id' => $member], [
            'key' => Voting::key($action), 'action' => $action->toArray(), 'at' => $now,
        ]);
        Pulse::beat("votes {$play}");
        Pulse::move($play);

        return [['voted']];
    }
}
