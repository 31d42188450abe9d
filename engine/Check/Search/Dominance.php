<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\Condition\Condition;
use Fravel\Document\Game;
use Fravel\Document\Reaction;
use Fravel\Document\Thing\Choice;
use Fravel\Document\Thing\Cover;
use Fravel\Document\Thing\Lock;
use Fravel\Document\Thing\Thing;

/**
 * Proves a monotone game without going through orders: a larger state can do all that a smaller one can.
 *
 * What can be reached is found by going on from the largest states only. That no state is a trap is shown from below: for
 * each scene a set of states that lie under every state in which it can be entered (what a way in needs, and no more), and
 * from each of those an ending is reached. Such a state may be smaller than any real one; then the proof may fail, never lie.
 *
 * @internal
 */
final class Dominance
{
    /** States that are looked at for the fewest actions to an ending: a figure to know, not part of the proof. */
    private const NEAREST = 2000;

    private int $states = 0;

    private readonly Space $space;

    private readonly Grants $grants;

    /** @var list<int> offsets of tallies */
    private array $tallies = [];

    private function __construct(private readonly Game $game, private readonly int $budget)
    {
        $this->space = new Space($game, true);
        $this->grants = new Grants($this->space->facts);
        foreach ($this->space->facts->offsets() as $offset) {
            if (! $this->space->facts->isPlace($offset)) {
                $this->tallies[] = $offset;
            }
        }
    }

    /** The proof, or null when it does not succeed within the budget. */
    public static function prove(Game $game, int $budget): ?Reach
    {
        return (new self($game, $budget))->run();
    }

    private function run(): ?Reach
    {
        $facts = $this->space->facts;
        // Conditions on time only ever turn true: the latest moment can do most.
        $start = Facts::at($this->space->start(), count($facts->times) - 1);
        $this->climb($start, []);
        $notes = clone $this->space->notes;
        $entries = $this->entriesFromBelow($start, $notes);
        if ($entries === null || ! $this->allReachAnEnding($entries) || $facts->isOverfull) {
            return null;
        }

        return new Reach(true, $notes, null, $this->states, $this->fewestActions($start), null);
    }

    /**
     * Goes on from the largest states until nothing new is found. With goals to reach it stops there.
     *
     * @param  array<string, list<string>>  $goals  scene → states from which an ending is known to be reached
     */
    private function climb(string $from, array $goals): bool
    {
        $facts = $this->space->facts;
        $isSearch = $goals !== [];
        $largest = [];
        for ($stack = [$from]; $stack !== [] && $this->states <= $this->budget;) {
            $state = array_pop($stack);
            $scene = $facts->sceneOf($state);
            if ($isSearch && ($facts->isEnded($state) || $this->liesOver($state, $goals[$scene] ?? []))) {
                return true;
            }
            if ($this->liesUnder($state, $largest[$scene] ?? [])) {
                continue;
            }
            $this->states++;
            $largest[$scene] = [...array_filter($largest[$scene] ?? [], fn (string $other): bool => ! $this->covers($state, $other)), $state];
            array_push($stack, ...$this->gainsLast($state));
        }

        return false;
    }

    /** @return list<string> the next states; those that gained go on first, as they make others needless, so they come last */
    private function gainsLast(string $state): array
    {
        [$plain, $gained] = [[], []];
        foreach ($this->space->moves($state) as [, $next]) {
            $this->covers($state, $next) ? $plain[] = $next : $gained[] = $next;
        }

        return [...$plain, ...$gained];
    }

    /** @return array<string, list<string>>|null scene → states under all in which it can be entered */
    private function entriesFromBelow(string $start, Notes $notes): ?array
    {
        $facts = $this->space->facts;
        $entries = [$facts->sceneOf($start) => [$start]];
        for ($queue = [$start], $at = 0; $at < count($queue); $at++) {
            if ($this->states++ > $this->budget) {
                return null;
            }
            $ways = $this->waysOn($queue[$at]);
            if ($ways === null) {
                return null;
            }
            foreach ($ways as $next) {
                $scene = $facts->sceneOf($next);
                if ($scene === $facts->sceneOf($queue[$at]) || ! isset($notes->scenes[$scene]) || $this->liesOver($next, $entries[$scene] ?? [])) {
                    continue;
                }
                $entries[$scene] = [...array_filter($entries[$scene] ?? [], fn (string $other): bool => ! $this->covers($other, $next)), $next];
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
        $name = $this->space->facts->sceneOf($state);
        $scene = $this->game->scene($name);
        $found = [];
        foreach ($this->space->movers($name) as $mover) {
            $thing = array_values(array_filter($scene->things ?? [], static fn (Thing $thing): bool => $thing->id === $mover->thing))[0] ?? null;
            $needed = array_values(array_filter($thing === null ? $this->neededBy($scene->next ?? []) : $this->neededFor($thing)));
            $granted = $this->grants->of($state, $needed);
            if ($granted === null) {
                return null;
            }
            foreach ($granted as $with) {
                array_push($found, ...array_column($this->space->movesOf($mover, $with), 1));
            }
        }

        return $found;
    }

    /** @return list<Condition|null> */
    private function neededFor(Thing $thing): array
    {
        $reactions = match (true) {
            $thing instanceof Choice, $thing instanceof Cover => $thing->react,
            $thing instanceof Lock => array_map(static fn ($rule): Reaction => $rule->reaction, $thing->rules),
            default => [],
        };

        return [$thing->common->if, $thing instanceof Lock ? $thing->needs : null, ...$this->neededBy($reactions)];
    }

    /**
     * @param  list<Reaction>  $reactions
     * @return list<Condition|null>
     */
    private function neededBy(array $reactions): array
    {
        $needed = count($reactions) === 1 ? [$reactions[0]->if] : [];
        foreach ($reactions as $reaction) {
            $needed[] = $this->game->scene($reaction->go->to ?? '')?->needs;
        }

        return $needed;
    }

    /** @param  array<string, list<string>>  $entries */
    private function allReachAnEnding(array $entries): bool
    {
        $proved = ['' => []];
        // Those found last lie nearest to an ending, and what is proved of them serves those before.
        foreach (array_reverse(array_merge([], ...array_values($entries))) as $state) {
            if (! $this->climb($state, $proved)) {
                return false;
            }
            $proved[$this->space->facts->sceneOf($state)][] = $state;
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
                if ($this->space->facts->isEnded($state)) {
                    return $steps;
                }
                foreach ($this->space->moves($state) as [, $after]) {
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
        foreach ($others as $other) {
            if ($this->covers($state, $other)) {
                return true;
            }
        }

        return false;
    }

    /** Whether the first holds at least what the second does, and came the same way where that matters. */
    private function covers(string $more, string $less): bool
    {
        $facts = $this->space->facts;
        if ((substr($less, $facts->head) | substr($more, $facts->head)) !== substr($more, $facts->head)) {
            return false;
        }
        foreach ($this->tallies as $offset) {
            if ($facts->valueAt($more, $offset) < $facts->valueAt($less, $offset)) {
                return false;
            }
            $more[$offset] = $less[$offset];
            $more[$offset + 1] = $less[$offset + 1];
        }

        return substr($more, Facts::NUMBERS, $facts->head - Facts::NUMBERS) === substr($less, Facts::NUMBERS, $facts->head - Facts::NUMBERS);
    }
}
