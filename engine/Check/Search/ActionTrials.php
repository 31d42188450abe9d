<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * All that a student can do with something at a moment, tried out.
 *
 * @phpstan-type Deed array{array<string, mixed>, Outcome}
 */
final class ActionTrials
{
    /** What only makes a state smaller, where nothing asks for hints. */
    private const LESSENING = ['lower', 'hint'];

    /** @var array<string, list<Attempt>> lock → ways to answer it */
    private array $attempts = [];

    public function __construct(
        private readonly GameDocument $game,
        private readonly ObservedState $observed,
        private readonly bool $isMonotone,
        private readonly Effort $effort = new Effort(),
    ) {
    }

    /**
     * @param  Notes  $notes  what is come across
     * @return list<Deed> actions with what comes of them; those that are refused left out
     */
    public function of(ActionSource $source, PlayState $state, int $now, Notes $notes): array
    {
        if ($source->routes === null) {
            $deeds = [
                ...$this->acting(['continue' => true], $state, $now),
                ...$this->acting(['back' => true], $state, $now),
            ];
        } else {
            $deeds = [];
            foreach (Things::shown([$source->routes->thing], $state, $now) as $thing) {
                array_push(
                    $deeds,
                    ...$source->wrongAnswer === null
                        ? $this->with($thing, $state, $now, $notes)
                        : $this->wrongly($thing, $source->wrongAnswer, $state, $now),
                );
            }
        }
        foreach ($deeds as [, $outcome]) {
            $notes->take($outcome);
        }

        return $deeds;
    }

    /** @return list<Deed> */
    private function wrongly(Thing $thing, Reaction $reaction, PlayState $state, int $now): array
    {
        $ready = array_filter($thing->locks(), static fn (Lock $lock): bool => $lock->isReady($state, $now));

        return array_map(
            fn (Lock $lock): array => [
                ['answer' => $lock->id, 'with' => null],
                Playing::fired($this->game, $state, $reaction, $now),
            ],
            array_values($ready),
        );
    }

    /** @return list<Deed> */
    private function with(Thing $thing, PlayState $state, int $now, Notes $notes): array
    {
        $deeds = [];
        foreach ($thing->actions() as $action) {
            if (! $this->isMonotone || ! in_array(array_key_first($action), self::LESSENING, true)) {
                array_push($deeds, ...$this->acting($action, $state, $now));
            }
        }
        foreach ($thing->locks() as $lock) {
            array_push($deeds, ...$this->answering($lock, $state, $now, $notes));
        }

        return $deeds;
    }

    /** @return list<Deed> */
    private function answering(Lock $lock, PlayState $state, int $now, Notes $notes): array
    {
        if ($state->isOpen($lock->id) || ! $lock->isReady($state, $now)) {
            return [];
        }
        $notes->ready[$lock->id] = true;
        $deeds = [];
        foreach ($this->attempts[$lock->id] ??= $this->attemptsAt($lock) as $attempt) {
            $notes->unsure += $attempt->isSure ? [] : [$lock->id => true];
            $deeds[] = [
                ['answer' => $lock->id, 'with' => $attempt->sent],
                Playing::caughtBy($this->game, $state, $lock, $attempt->rule, $attempt->effects, $now),
            ];
        }

        return $deeds;
    }

    /** @return list<Attempt> */
    private function attemptsAt(Lock $lock): array
    {
        $language = $this->game->language();

        return $this->isMonotone
            ? Attempt::opening($lock, $language, $this->effort)
            : Attempt::at($lock, $language, $this->observed->sees(Fact::tries($lock->id)), $this->effort);
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
