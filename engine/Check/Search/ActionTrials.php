<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Play\Action;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\State\PlayState;
use Fravel\Thing\Choice;
use Fravel\Thing\Clip;
use Fravel\Thing\Cover;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;

/**
 * All that a student can do with something at a moment, tried out.
 *
 * @phpstan-type Deed array{array<string, mixed>, Outcome}
 */
final class ActionTrials
{
    /** @var array<string, list<Attempt>> lock → ways to answer it */
    private array $attempts = [];

    /** @param  array<string, int|float>  $tries  locks whose tries are counted */
    public function __construct(private readonly GameDocument $game, private readonly Notes $notes, private readonly array $tries, private readonly bool $isMonotone, private readonly Effort $effort = new Effort)
    {
    }

    /** @return list<Deed> actions with what comes of them; those that are refused left out */
    public function of(ActionSource $mover, PlayState $state, int $now, bool $isNoted): array
    {
        if ($mover->mishap !== null) {
            $deeds = $this->mishap($mover->thing ?? '', $mover->mishap, $state, $now);
        } elseif ($mover->thing === null) {
            $deeds = [...$this->acting(['continue' => true], $state, $now), ...$this->acting(['back' => true], $state, $now)];
        } else {
            $deeds = $this->withThing($mover->thing, $state, $now);
        }
        foreach ($isNoted ? $deeds : [] as [, $outcome]) {
            $this->notes->take($outcome);
        }

        return $deeds;
    }

    /** @return list<Deed> */
    private function mishap(string $id, Reaction $reaction, PlayState $state, int $now): array
    {
        $lock = $this->game->lock($id);
        $isAsked = $lock !== null && $lock->isShown($state, $now) && ($lock->needs === null || $lock->needs->holds($state, $now));

        return $isAsked ? [[['answer' => $id, 'with' => null], Playing::fired($this->game, $state, $reaction, $now)]] : [];
    }

    /** @return list<Deed> */
    private function withThing(string $id, PlayState $state, int $now): array
    {
        $deeds = [];
        foreach ($this->game->scene($state->scene)->things ?? [] as $thing) {
            if ($thing->id !== $id || ! $thing->isShown($state, $now)) {
                continue;
            }
            array_push($deeds, ...$this->withShown($thing, $state, $now));
        }

        return $deeds;
    }

    /** @return list<Deed> */
    private function withShown(Thing $thing, PlayState $state, int $now): array
    {
        return match (true) {
            $thing instanceof Choice => $this->acting(['choose' => $thing->id], $state, $now),
            $thing instanceof Cover => [...$this->acting(['lift' => $thing->id], $state, $now), ...($this->isMonotone ? [] : $this->acting(['lower' => $thing->id], $state, $now))],
            $thing instanceof Lock => $this->withLock($thing, $state, $now),
            $thing instanceof Clip => $this->withClip($thing, $state, $now),
            default => [],
        };
    }

    /** @return list<Deed> */
    private function withClip(Clip $clip, PlayState $state, int $now): array
    {
        $deeds = array_merge([], ...array_map(fn ($cue): array => $this->acting(['cue' => $cue->id], $state, $now), $clip->cues));
        foreach ($clip->thingsOfPassedCues($state) as $thing) {
            array_push($deeds, ...($thing->isShown($state, $now) ? $this->withShown($thing, $state, $now) : []));
        }

        return $deeds;
    }

    /** @return list<Deed> */
    private function withLock(Lock $lock, PlayState $state, int $now): array
    {
        if ($state->isOpen($lock->id)) {
            return $this->acting(['choose' => $lock->id], $state, $now);
        }
        $deeds = $this->isMonotone ? [] : $this->acting(['hint' => $lock->id], $state, $now);
        if ($lock->needs !== null && ! $lock->needs->holds($state, $now)) {
            return $deeds;
        }
        $this->notes->ready[$lock->id] = true;
        foreach ($this->attempts[$lock->id] ??= $this->attemptsAt($lock) as $attempt) {
            $deeds[] = [['answer' => $lock->id, 'with' => $attempt->sent], Playing::caughtBy($this->game, $state, $lock, $attempt->rule, $attempt->effects, $now)];
        }

        return $deeds;
    }

    /** @return list<Attempt> */
    private function attemptsAt(Lock $lock): array
    {
        $language = $this->game->language();

        return $this->isMonotone ? Attempt::opening($lock, $language, $this->effort) : Attempt::at($lock, $language, isset($this->tries[$lock->id]), $this->effort);
    }

    /**
     * @param  array<string, mixed>  $sent
     * @return list<Deed>
     */
    private function acting(array $sent, PlayState $state, int $now): array
    {
        $action = Action::of($sent);
        $outcome = $action === null ? null : Playing::act($this->game, $state, $action, $now);

        return $outcome === null || $outcome->isRefused() ? [] : [[$sent, $outcome]];
    }
}
