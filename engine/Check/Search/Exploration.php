<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\CheckMemo;
use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Document\GameDocument;

/**
 * Goes through every state of a game that can be told from another, nearest first, and looks which of them no ending
 * can be reached from. Exact as long as the budget lasts; past it the result says that it is not complete, and names a
 * trap only where nothing that was left out could lead out of it.
 *
 * @internal
 */
final class Exploration
{
    /** @var list<string> states in the order they were found, nearest first */
    private array $states = [];

    /** @var array<string, int> state → its place */
    private array $places = [];

    /** @var list<int> place → place of the state it was found from */
    private array $parents = [];

    /** @var list<Change|null> place → what led there */
    private array $changes = [];

    /** @var array<int, int> place → seconds waited before that, if any */
    private array $waits = [];

    /** @var list<int> for each move from state to state, the place it starts from */
    private array $from = [];

    /** @var list<int> and the place it leads to */
    private array $to = [];

    /** @var list<int> places of states after the end */
    private array $ends = [];

    private readonly Space $space;

    private function __construct(GameDocument $game, private readonly Effort $effort, ?Space $before = null)
    {
        $this->space = new Space($game, false, $effort, $before);
    }

    /** @param  int  $budget  states at most */
    public static function of(
        GameDocument $game,
        int $budget,
        Effort $effort = new Effort(),
        CheckMemo $memo = new CheckMemo(),
    ): Reach {
        $search = new self($game, $effort, $memo->spaceBefore('every'));
        $reach = $search->run($budget);
        $search->space->forgetBefore();
        $memo->keepSpace('every', $search->space);

        return $reach;
    }

    /**
     * @return list<array<string, mixed>>|null fewest actions into a scene; null when they are not found within the
     *     budget
     */
    public static function wayInto(
        GameDocument $game,
        string $scene,
        int $budget,
        Effort $effort = new Effort(),
    ): ?array {
        $search = new self($game, $effort);
        $place = $search->firstIn([$scene => true], $budget);

        return $place === null ? null : $search->wayTo($place);
    }

    /**
     * Whether one of the scenes is reached; false too when that is not found within the budget.
     *
     * @param  array<string, true>  $scenes
     */
    public static function isAnyReached(
        GameDocument $game,
        array $scenes,
        int $budget,
        Effort $effort = new Effort(),
        CheckMemo $memo = new CheckMemo(),
    ): bool {
        $search = new self($game, $effort, $memo->spaceBefore('every'));
        $place = $search->firstIn($scenes, $budget);
        $search->space->forgetBefore();
        $memo->keepSpace('every', $search->space);

        return $place !== null;
    }

    /**
     * The nearest state in one of the scenes; nothing beyond it is looked at.
     *
     * @param  array<string, true>  $scenes
     */
    private function firstIn(array $scenes, int $budget): ?int
    {
        $this->add($this->space->start(), 0, null, 0);
        $seen = 0;
        for ($at = 0; $at < count($this->states) && $at < $budget; $at++) {
            for (; $seen < count($this->states); $seen++) {
                if (isset($scenes[$this->space->codec->sceneOf($this->states[$seen])])) {
                    return $seen;
                }
            }
            if (! $this->isExpanded($at)) {
                break;
            }
        }

        return null;
    }

    private function run(int $budget): Reach
    {
        $this->add($this->space->start(), 0, null, 0);
        for ($at = 0; $at < count($this->states) && $at < $budget; $at++) {
            if (! $this->isExpanded($at)) {
                break;
            }
        }
        $isComplete = $at === count($this->states) && ! $this->space->codec->isOverfull;

        return new Reach(
            $isComplete,
            $this->space->notes,
            $this->trapIn($at),
            count($this->states),
            $this->ends === [] ? null : count($this->wayTo($this->ends[0])),
            $isComplete ? count($this->wayTo($at - 1)) : null,
        );
    }

    /** Whether all that leads on from the state was found before the effort was spent. */
    private function isExpanded(int $place): bool
    {
        if ($this->effort->isSpent()) {
            return false;
        }
        try {
            $this->space->codec->isEnded($this->states[$place]) ? ($this->ends[] = $place) : $this->expand($place);
        } catch (EffortSpent) {
            return false;
        }

        return true;
    }

    private function expand(int $place): void
    {
        $state = $this->states[$place];
        $times = $this->space->codec->times;
        $time = StateCodec::number($state, 2);
        for ($later = $time; $later < count($times); $later++) {
            foreach (
                $this->space->moves($later === $time ? $state : StateCodec::at($state, $later)) as [$change, $next]
            ) {
                $this->effort->spend();
                $this->from[] = $place;
                $this->to[] =
                    $this->places[$next] ?? $this->add($next, $place, $change, $times[$later] - $times[$time]);
            }
        }
    }

    private function add(string $state, int $parent, ?Change $change, int $wait): int
    {
        $this->states[] = $state;
        $this->parents[] = $parent;
        $this->changes[] = $change;
        $place = count($this->places);
        if ($wait > 0) {
            $this->waits[$place] = $wait;
        }

        return $this->places[$state] = $place;
    }

    /**
     * The nearest state that neither an ending nor a state not looked at can be reached from.
     *
     * @param  int  $looked  states that were looked at
     * @return array{scene: string, actions: list<array<string, mixed>>}|null
     */
    private function trapIn(int $looked): ?array
    {
        $safe = array_fill_keys($this->ends, true);
        for ($place = $looked; $place <= count($this->states); $place++) {
            $safe[$place] = true;
        }
        // Most moves lead away from the start, so once through them from the last to the first finds nearly all.
        for ($move = count($this->to) - 1; $move >= 0; $move--) {
            if (isset($safe[$this->to[$move]])) {
                $safe[$this->from[$move]] = true;
            }
        }
        $safe = $this->spread($safe);
        for ($place = 0; $place < $looked; $place++) {
            if (! isset($safe[$place])) {
                return [
                    'scene' => $this->space->codec->sceneOf($this->states[$place]),
                    'actions' => $this->wayTo($place),
                ];
            }
        }

        return null;
    }

    /**
     * @param  array<int, true>  $safe
     * @return array<int, true> with all places from which one of them can be reached
     */
    private function spread(array $safe): array
    {
        $into = [];
        foreach ($this->from as $move => $from) {
            if (! isset($safe[$from])) {
                $into[$this->to[$move]][] = $from;
            }
        }
        $queue = array_keys(array_intersect_key($into, $safe));
        while ($queue !== []) {
            foreach ($into[array_pop($queue)] ?? [] as $before) {
                if (! isset($safe[$before])) {
                    $safe[$before] = true;
                    $queue[] = $before;
                }
            }
        }

        return $safe;
    }

    /** @return list<array<string, mixed>> */
    private function wayTo(int $place): array
    {
        $actions = [];
        for (; $place > 0; $place = $this->parents[$place]) {
            $actions[] =
                (isset($this->waits[$place]) ? ['after' => $this->waits[$place]] : []) +
                ($this->changes[$place]->action ?? []);
        }

        return array_reverse($actions);
    }
}
