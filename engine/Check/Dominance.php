<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\Condition\All;
use Fravel\Document\Condition\Condition;
use Fravel\Document\Condition\Has;
use Fravel\Document\Condition\HasOf;
use Fravel\Document\Condition\Lifted;
use Fravel\Document\Condition\Open;
use Fravel\Document\Condition\OpenOf;
use Fravel\Document\Condition\TallyStands;
use Fravel\Document\Condition\Visited;
use Fravel\Document\Game;
use Fravel\Document\Reaction;
use Fravel\Document\Thing\Choice;
use Fravel\Document\Thing\Cover;
use Fravel\Document\Thing\Lock;
use Fravel\Document\Thing\Thing;
use Fravel\Play\Play;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
use WeakMap;

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
    /** Late enough for every condition on time that can hold. */
    private const LATE = 10_000_000;

    /** States that are looked at for the fewest actions to an ending: a figure to know, not part of the proof. */
    private const NEAREST = 1000;

    /** @var array<string, true> */
    private array $scenes = [];

    /** @var array<string, true> */
    private array $ready = [];

    /** @var array<string, true> */
    private array $given = [];

    private int $states = 0;

    private readonly Moves $moves;

    /** @var WeakMap<PlayState, array<string, int>> */
    private WeakMap $held;

    private function __construct(private readonly Game $game, private readonly int $budget)
    {
        $this->moves = new Moves($game, true);
        $this->held = new WeakMap;
    }

    /** The proof, or null when it does not succeed within the budget. */
    public static function prove(Game $game, int $budget): ?Reach
    {
        return (new self($game, $budget))->run();
    }

    private function run(): ?Reach
    {
        $start = Play::start($this->game, 1, 0)->state;
        $this->climb($start, []);
        $entries = $this->entriesFromBelow($start);
        if ($entries === null || ! $this->allReachAnEnding($entries)) {
            return null;
        }

        return new Reach(true, $this->scenes, $this->ready, $this->given, null, $this->states, $this->fewestActions($start), 0);
    }

    /**
     * Goes on from the largest states until nothing new is found. With ends to reach it stops there.
     *
     * @param  array<string, list<PlayState>>  $goals  scene → states from which an ending is known to be reached
     */
    private function climb(PlayState $from, array $goals): bool
    {
        $isSearch = $goals !== [];
        $largest = [];
        for ($stack = [$from]; $stack !== [] && $this->states <= $this->budget;) {
            $state = array_pop($stack);
            if ($isSearch && ($state->ended !== null || $this->liesOver($state, $goals[$state->scene] ?? []))) {
                return true;
            }
            if ($this->liesUnder($state, $largest[$state->scene] ?? [])) {
                continue;
            }
            $this->states++;
            $largest[$state->scene] = [...array_filter($largest[$state->scene] ?? [], fn (PlayState $other): bool => ! $this->covers($state, $other)), $state];
            $this->note($state, $isSearch);
            $next = array_map(static fn (array $move): PlayState => $move['outcome']->state, $this->moves->from($state, self::LATE));
            // What gained most goes on first: it makes the others needless.
            usort($next, static fn (PlayState $a, PlayState $b): int => self::size($a) <=> self::size($b));
            array_push($stack, ...$next);
        }

        return false;
    }

    private function note(PlayState $state, bool $isSearch): void
    {
        if ($isSearch) {
            return;
        }
        $this->given += array_fill_keys($state->tokens, true);
        $this->scenes += array_fill_keys([$state->scene, ...$state->visited], true);
        foreach ($this->game->scene($state->scene)?->shown($state, self::LATE) ?? [] as $thing) {
            if ($thing instanceof Lock && ($thing->needs === null || $thing->needs->holds($state, self::LATE))) {
                $this->ready[$thing->id] = true;
            }
        }
    }

    /** @return array<string, list<PlayState>>|null scene → states under all in which it can be entered */
    private function entriesFromBelow(PlayState $start): ?array
    {
        $entries = [$start->scene => [$start]];
        for ($queue = [$start]; $queue !== [];) {
            if ($this->states++ > $this->budget) {
                return null;
            }
            $state = array_shift($queue);
            $ways = $this->waysOn($state);
            if ($ways === null) {
                return null;
            }
            foreach ($ways as $next) {
                if ($next->scene === $state->scene || ! isset($this->scenes[$next->scene]) || $this->liesOver($next, $entries[$next->scene] ?? [])) {
                    continue;
                }
                $entries[$next->scene] = [...array_filter($entries[$next->scene] ?? [], fn (PlayState $other): bool => ! $this->covers($other, $next)), $next];
                $queue[] = $next;
            }
        }

        return $entries;
    }

    /**
     * Where each way on leads, taken with what it needs and nothing more.
     *
     * @return list<PlayState>|null  null when a way needs what can't be said as so many things held
     */
    private function waysOn(PlayState $state): ?array
    {
        $scene = $this->game->scene($state->scene);
        $found = [];
        foreach ([...($scene->things ?? []), null] as $thing) {
            $needed = array_values(array_filter($thing === null ? $this->neededBy($scene->next ?? []) : $this->neededFor($thing)));
            $with = $this->granted($state, $needed);
            foreach ($needed as $condition) {
                if (! $condition->holds($with, self::LATE)) {
                    return null;
                }
            }
            foreach ($this->moves->from($with, self::LATE) as ['action' => $action, 'outcome' => $outcome]) {
                if ($thing === null ? isset($action['continue']) || isset($action['back']) : in_array($thing->id, $action, true)) {
                    $found[] = $outcome->state;
                }
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

    /**
     * The state with all that these conditions cannot do without.
     *
     * @param  list<Condition|null>  $conditions
     */
    private function granted(PlayState $state, array $conditions): PlayState
    {
        foreach ($conditions as $condition) {
            $state = match (true) {
                $condition instanceof All => $this->granted($state, $condition->parts),
                $condition instanceof Has => $state->give($condition->token),
                $condition instanceof HasOf && $condition->atLeast >= count($condition->tokens) => array_reduce($condition->tokens, static fn (PlayState $with, string $token): PlayState => $with->give($token), $state),
                $condition instanceof Open => $this->opened($state, $condition->lock),
                $condition instanceof OpenOf && $condition->atLeast >= count($condition->locks) => array_reduce($condition->locks, $this->opened(...), $state),
                $condition instanceof Visited => $state->settle($condition->scene),
                $condition instanceof Lifted => $state->lift($condition->cover),
                $condition instanceof TallyStands => $state->setTally($condition->tally, max($state->tally($condition->tally), $condition->value)),
                default => $state,
            };
        }

        return $state;
    }

    private function opened(PlayState $state, string $id): PlayState
    {
        foreach ($this->game->lock($id)->rules ?? [] as $index => $rule) {
            if ($rule->verdict === Verdict::Open) {
                return $state->openLock($id, $index);
            }
        }

        return $state->openLock($id);
    }

    /** @param  array<string, list<PlayState>>  $entries */
    private function allReachAnEnding(array $entries): bool
    {
        $proved = ['' => []];
        // Those found last lie nearest to an ending, and what is proved of them serves those before.
        foreach (array_reverse(array_merge([], ...array_values($entries))) as $state) {
            if (! $this->climb($state, $proved)) {
                return false;
            }
            $proved[$state->scene][] = $state;
        }

        return true;
    }

    /** Fewest actions to an ending, nearest first over the largest states of each step; null when it takes too long. */
    private function fewestActions(PlayState $start): ?int
    {
        $asked = new Asked($this->game);
        $seen = [];
        $ring = [$start];
        for ($steps = 0; $ring !== [] && count($seen) < self::NEAREST; $steps++) {
            $next = [];
            foreach ($ring as $state) {
                if ($state->ended !== null) {
                    return $steps;
                }
                foreach ($this->moves->from($state, self::LATE) as ['outcome' => $outcome]) {
                    $key = $asked->key($outcome->state, 0);
                    if (! isset($seen[$key])) {
                        $seen[$key] = true;
                        $next[] = $outcome->state;
                    }
                }
            }
            $ring = $next;
        }

        return null;
    }

    /** @return array<string, int> all that the state holds, as keys */
    private function heldBy(PlayState $state): array
    {
        return $this->held[$state] ??= array_flip($state->tokens) + array_flip($state->open) + array_flip($state->lifted)
            + array_flip(array_map(static fn (string $scene): string => "@{$scene}", $state->visited));
    }

    private static function size(PlayState $state): int
    {
        return count($state->open) + count($state->tokens) + count($state->lifted);
    }

    /** @return list<string> the scenes that going back leads through */
    private function wayBack(PlayState $state): array
    {
        $way = [];
        for ($scene = $state->scene; ($this->game->scene($scene)->back ?? false) && isset($state->from[$scene]) && ! in_array($state->from[$scene], $way, true);) {
            $way[] = $scene = $state->from[$scene];
        }

        return $way;
    }

    /** @param  list<PlayState>  $others */
    private function liesUnder(PlayState $state, array $others): bool
    {
        return array_filter($others, fn (PlayState $other): bool => $this->covers($other, $state)) !== [];
    }

    /** @param  list<PlayState>  $others */
    private function liesOver(PlayState $state, array $others): bool
    {
        return array_filter($others, fn (PlayState $other): bool => $this->covers($state, $other)) !== [];
    }

    /** Whether the first holds at least what the second does, and came the same way where that matters. */
    private function covers(PlayState $more, PlayState $less): bool
    {
        if (self::size($less) > self::size($more) || array_diff_key($this->heldBy($less), $this->heldBy($more)) !== []) {
            return false;
        }
        foreach ($less->tallies as $tally => $value) {
            if ($more->tally($tally) < $value) {
                return false;
            }
        }

        return ($less->ended === null || $more->ended !== null) && $this->wayBack($more) === $this->wayBack($less);
    }
}
