<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\CheckMemo;
use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Condition\Condition;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Trigger;

/**
 * Proves a monotone game without going through orders: a larger state can do all that a smaller one can.
 *
 * What can be reached is found by going on from the largest states only. That no state is a trap is shown from below:
 * for each scene a set of states that lie under every state in which it can be entered (what a way in needs, and no
 * more), and from each of those an ending is reached. Such a state may be smaller than any real one; then the proof may
 * fail, never lie. A wrong answer may lead anywhere as long as the lock is not open, so it counts among the ways in,
 * and never among the ways to an ending.
 *
 * @internal
 */
final class Dominance
{
    /** States that are looked at for the fewest actions to an ending: a figure to know, not part of the proof. */
    private const NEAREST = 2000;

    /** States that are gone on from for one entry before the others are tried. */
    private const FIRST_LOOK = 40;

    private int $states = 0;

    private readonly Space $space;

    private readonly MinimalStates $minimal;

    private readonly bool $hasNumbers;

    /** @var list<int> offsets of tallies */
    private array $tallies = [];

    /** @param  array<string, list<string>>  $back  scene → scenes to any of which going back from it may lead */
    private function __construct(
        private readonly GameDocument $game,
        private readonly int $budget,
        private readonly Effort $effort,
        private readonly array $back = [],
        ?Space $before = null,
    ) {
        $this->space = new Space($game, true, $effort, $before);
        $this->minimal = new MinimalStates($this->space->codec, $effort);
        $this->hasNumbers = $this->space->codec->offsets() !== [];
        foreach ($this->space->codec->offsets() as $offset) {
            if (! $this->space->codec->isPlace($offset)) {
                $this->tallies[] = $offset;
            }
        }
    }

    /** The proof, or null when it does not succeed within the budget. */
    public static function prove(
        GameDocument $game,
        int $budget,
        Effort $effort = new Effort(),
        CheckMemo $memo = new CheckMemo(),
    ): ?Reach {
        try {
            $back = WaysBack::in($game, $effort);

            return ($back === null ? null : self::betweenBoth($back, $budget, $effort->part(0.5))) ??
                self::whole($game, $budget, $effort, $memo);
        } catch (EffortSpent) {
            return null;
        }
    }

    /** Of a game without ways back, taking what a search before it learned. */
    private static function whole(GameDocument $game, int $budget, Effort $effort, CheckMemo $memo): ?Reach
    {
        $proof = new self($game, $budget, $effort, [], $memo->spaceBefore('rising'));
        $reach = $proof->run();
        $proof->space->forgetBefore();
        $memo->keepSpace('rising', $proof->space);

        return $reach;
    }

    /** Of a game with ways back: what holds with less than students can do, and finds no more with more. */
    private static function betweenBoth(WaysBack $back, int $budget, Effort $effort): ?Reach
    {
        try {
            $less = (new self($back->less, $budget, $effort, $back->open))->run();
            $more = $less === null ? null : (new self($back->more, $budget, $effort))->reachable();
        } catch (EffortSpent) {
            return null;
        }
        if ($less === null || $more === null || ! $less->isSameAs($more)) {
            return null;
        }

        return $back->open === [] || $less->shortest === $more->shortest ? $less : $less->withoutLengths();
    }

    /** What can be reached, without a word on traps. */
    private function reachable(): ?Reach
    {
        $start = StateCodec::at($this->space->start(), count($this->space->codec->times) - 1);
        $isAll = $this->climb($start, null, $this->budget) === false;

        return $isAll && ! $this->space->codec->isOverfull
            ? new Reach(true, clone $this->space->notes, null, $this->states, $this->fewestActions($start), null)
            : null;
    }

    private function run(): ?Reach
    {
        $codec = $this->space->codec;
        // Conditions on time only ever turn true: the latest moment can do most.
        $start = StateCodec::at($this->space->start(), count($codec->times) - 1);
        $this->climb($start, null, $this->budget);
        $notes = clone $this->space->notes;
        $entries = $this->entriesFromBelow($start, $notes);
        if ($entries === null || ! $this->allReachAnEnding($entries) || $codec->isOverfull) {
            return null;
        }

        return new Reach(true, $notes, null, $this->states, $this->fewestActions($start), null);
    }

    /**
     * Goes on from the largest states until nothing new is found, or a goal.
     *
     * @param  array<string, list<string>>|null  $goals  scene → states from which an ending is known to be reached
     * @param  int  $most  states to go on from at most
     * @return bool|null  whether an ending or a goal was found; null when it gave up before
     */
    private function climb(string $from, ?array $goals, int $most): ?bool
    {
        $codec = $this->space->codec;
        $largest = [];
        for ($stack = [$from], $looked = 0; $stack !== [] && $looked < $most && $this->states <= $this->budget;) {
            $state = array_pop($stack);
            $scene = $codec->sceneOf($state);
            if ($this->liesUnder($state, $largest[$scene] ?? [])) {
                continue;
            }
            $this->states++;
            $looked++;
            $largest[$scene] = [
                ...array_filter($largest[$scene] ?? [], fn (string $other): bool => ! $this->covers($state, $other)),
                $state,
            ];
            foreach ($this->nextOf($state, $largest, $goals === null) as $next) {
                if ($goals !== null && $this->isGoal($next, $goals)) {
                    return true;
                }
                $stack[] = $next;
            }
        }

        return $stack === [] ? false : null;
    }

    /** @param  array<string, list<string>>  $goals */
    private function isGoal(string $state, array $goals): bool
    {
        $scene = $this->space->codec->sceneOf($state);

        return $this->space->codec->isEnded($state) ||
            $this->liesOver($state, $goals[$scene] ?? []) ||
            $this->backIsGoal($state, $this->back[$scene] ?? [], $goals);
    }

    /**
     * Whether an ending is reached wherever going back leads: each of those scenes was entered before with no more than
     * is held now.
     *
     * @param  list<string>  $to
     * @param  array<string, list<string>>  $goals
     */
    private function backIsGoal(string $state, array $to, array $goals): bool
    {
        foreach ($to as $scene) {
            if (! $this->liesOver($this->space->codec->moved($state, $scene), $goals[$scene] ?? [])) {
                return false;
            }
        }

        return $to !== [];
    }

    /**
     * The next states; those to go on from first come last: what gained makes others needless, and so may a scene not
     * seen.
     *
     * @param  array<string, list<string>>  $seen
     * @return list<string>
     */
    private function nextOf(string $state, array $seen, bool $withWrongAnswers): array
    {
        $ranks = [[], [], []];
        $head = $this->space->codec->head;
        $held = substr($state, $head);
        foreach ($this->space->moves($state, $withWrongAnswers) as [, $next]) {
            $isMore = (substr($next, $head) | $held) !== $held;
            $ranks[$isMore ? 2 : (isset($seen[$this->space->codec->sceneOf($next)]) ? 0 : 1)][] = $next;
        }

        return array_merge(...$ranks);
    }

    /** @return array<string, list<string>>|null scene → states under all in which it can be entered */
    private function entriesFromBelow(string $start, Notes $notes): ?array
    {
        $codec = $this->space->codec;
        $entries = [$codec->sceneOf($start) => [$start]];
        for ($queue = [$start], $at = 0; $at < count($queue); $at++) {
            if ($this->states++ > $this->budget) {
                return null;
            }
            $ways = $this->waysOn($queue[$at]);
            if ($ways === null) {
                return null;
            }
            foreach ($ways as $next) {
                $scene = $codec->sceneOf($next);
                if (
                    $codec->isEnded($next) ||
                    $scene === $codec->sceneOf($queue[$at]) ||
                    ! isset($notes->scenes[$scene]) ||
                    $this->liesOver($next, $entries[$scene] ?? [])
                ) {
                    continue;
                }
                $entries[$scene] = [
                    ...array_filter($entries[$scene] ?? [], fn (string $other): bool => ! $this->covers($other, $next)),
                    $next,
                ];
                $queue[] = $next;
            }
        }

        return $entries;
    }

    /**
     * Where each way on leads, taken with what it needs and nothing more.
     *
     * @return list<string>|null  null when a way needs what can't be said as so many things held
     */
    private function waysOn(string $state): ?array
    {
        $name = $this->space->codec->sceneOf($state);
        $scene = $this->game->scene($name);
        $found = [];
        foreach ($this->space->sources($name) as $source) {
            $needed =
                $source->routes === null
                    ? $this->neededBy($scene->next ?? [])
                    : $this->neededFor($source->routes, $source->wrongAnswer);
            $granted = $this->minimal->of($state, array_values(array_filter($needed)));
            if ($granted === null) {
                return null;
            }
            foreach ($granted as $with) {
                array_push($found, ...$this->space->statesBy($source, $with));
            }
        }

        return $found;
    }

    /** @return list<Condition|null> */
    private function neededFor(ThingRoutes $routes, ?Reaction $wrongAnswer): array
    {
        $adding = array_filter(
            $routes->lists,
            static fn (ReactionList $list): bool => in_array($list->on, [Trigger::Act, Trigger::Right], true),
        );
        $reactions =
            $wrongAnswer !== null
                ? [new Reaction(null, '', [], $wrongAnswer->go)]
                : array_merge(
                    [],
                    ...array_map(static fn (ReactionList $list): array => $list->reactions, array_values($adding)),
                );

        return [...$routes->gates, ...$this->neededBy($reactions)];
    }

    /**
     * @param  list<Reaction>  $reactions
     * @return list<Condition|null>
     */
    private function neededBy(array $reactions): array
    {
        $needed = count($reactions) === 1 ? [$reactions[0]->if] : [];
        foreach ($reactions as $reaction) {
            $needed[] = $this->game->scene($this->game->destination($reaction->go->to ?? '') ?? '')?->needs;
        }

        return $needed;
    }

    /**
     * What is proved of one serves the others, so those that would take long wait until the rest is through.
     *
     * @param  array<string, list<string>>  $entries
     */
    private function allReachAnEnding(array $entries): bool
    {
        $open = array_reverse(array_merge([], ...array_values($entries)));
        [$proved, $late] = [[], []];
        for ($most = self::FIRST_LOOK; $open !== []; [$open, $late] = [$late, []]) {
            $isUnsure = false;
            foreach ($open as $state) {
                $reaches = $this->isGoal($state, $proved) ? true : $this->climb($state, $proved, $most);
                if (($reaches === false && $this->back === []) || $this->states > $this->budget) {
                    return false;
                }
                $reaches === true ? ($proved[$this->space->codec->sceneOf($state)][] = $state) : ($late[] = $state);
                $isUnsure = $isUnsure || $reaches === null;
            }
            if (count($late) === count($open) && ! $isUnsure) {
                return false;
            }
            $most *= count($late) === count($open) ? 4 : 1;
        }

        return true;
    }

    /** Fewest actions to an ending, nearest first; null when it takes too long. */
    private function fewestActions(string $start): ?int
    {
        $seen = [$start => true];
        for ($ring = [$start], $steps = 0; $ring !== [] && count($seen) < self::NEAREST; $steps++) {
            $next = [];
            foreach ($ring as $state) {
                if ($this->space->codec->isEnded($state)) {
                    return $steps;
                }
                foreach ($this->space->moves($state, false) as [, $after]) {
                    if (! isset($seen[$after])) {
                        $seen[$after] = true;
                        $next[] = $after;
                    }
                }
            }
            $ring = $next;
        }

        return null;
    }

    /** @param  list<string>  $others */
    private function liesUnder(string $state, array $others): bool
    {
        $this->effort->spend(1 + count($others));
        if (! $this->hasNumbers) {
            foreach ($others as $other) {
                if (($other | $state) === $other) {
                    return true;
                }
            }

            return false;
        }
        foreach ($others as $other) {
            if ($this->covers($other, $state)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<string>  $others */
    private function liesOver(string $state, array $others): bool
    {
        $this->effort->spend(1 + count($others));
        if (! $this->hasNumbers) {
            foreach ($others as $other) {
                if (($other | $state) === $state) {
                    return true;
                }
            }

            return false;
        }
        foreach ($others as $other) {
            if ($this->covers($state, $other)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether the first holds at least what the second in the same scene does, and came the same way where that
     * matters.
     */
    private function covers(string $more, string $less): bool
    {
        if (! $this->hasNumbers) {
            return ($more | $less) === $more;
        }
        $codec = $this->space->codec;
        foreach ($this->tallies as $offset) {
            if ($codec->valueAt($more, $offset) < $codec->valueAt($less, $offset)) {
                return false;
            }
            $more[$offset] = $less[$offset];
            $more[$offset + 1] = $less[$offset + 1];
        }

        return ($more | $less) === $more && substr($more, 0, $codec->head) === substr($less, 0, $codec->head);
    }
}
