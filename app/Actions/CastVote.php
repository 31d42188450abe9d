<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Ballot;
use App\Models\Vote;
use App\Play\Clock;
use App\Play\Voting;
use App\Storage\Pulse;
use Fravel\Play\Outcome;
use Fravel\State\Action;
use Illuminate\Support\Facades\DB;

/** Takes what somebody of a class is for; until the vote is closed it may be another. */
final readonly class CastVote
{
    /** Keys that are remembered of each vote. */
    private const KEYS = 20;

    /**
     * @param  string  $key  by which it counts once however often it is sent
     * @param  int|null  $member  who of the class it is
     * @param  int|null  $ballot  the vote that the device shows; null where it says none
     */
    public function __construct(
        private string $play, private string $key, private ?int $member, private ?int $ballot = null,
    ) {
    }

    /** @return list<list<mixed>>|null what this came to when it was sent before; null when it was not */
    public function before(): ?array
    {
        $sent = Vote::query()->where('member_id', $this->member)->latest('id')->limit(self::KEYS)->pluck('keys');

        return $sent->contains(fn (?array $keys): bool => in_array($this->key, $keys ?? [], true)) ? [['voted']] : null;
    }

    /**
     * @param  Outcome  $outcome  what the action would come to; nothing of it is told but why it can't be done
     * @return list<list<mixed>> events, as Play\Outcome lists them
     */
    public function cast(Action $action, Outcome $outcome): array
    {
        if ($outcome->isRefused() || $this->member === null) {
            return $outcome->isRefused() ? $outcome->eventList() : [['refused', 'play.busy', []]];
        }
        $open = Ballot::openIn($this->play);
        $isTaken = ($this->ballot === null || $this->ballot === $open->id)
            && DB::transaction(fn (): bool => $open->isHeldOpen() && $this->keep($open, $action));
        if (! $isTaken) {
            return [['refused', 'vote.closed', []]];
        }
        Pulse::beat("votes {$this->play}");
        Pulse::move($this->play);

        return [['voted']];
    }

    private function keep(Ballot $ballot, Action $action): bool
    {
        $vote = Vote::query()->firstOrNew(['ballot_id' => $ballot->id, 'member_id' => $this->member]);

        return $vote->fill([
            'key' => Voting::key($action), 'action' => $action->toArray(), 'at' => Clock::seconds(),
            'keys' => array_slice([...$vote->keys ?? [], $this->key], -self::KEYS),
        ])->save();
    }
}
