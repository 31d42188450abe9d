<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\Game;

/**
 * Goes through every state of a game that can be told from another, nearest first, and looks which of them no ending can be
 * reached from. Exact as long as the budget lasts; past it the result says that it is not complete, and names a trap only
 * where nothing that was left out could lead out of it.
 *
 * @internal
 */
final class Exploration
{
    /** @var list<string> states in the order they were found */
    private array $states = [];

    /** @var array<string, int> state → its place */
    private array $places = [];

    /** @var list<int> place → place of the state it was found from */
    private array $parents = [];

    /** @var list<array<string, mixed>> place → action that led there */
    private array $actions = [];

    /** @var list<int> place → fewest actions */
    private array $steps = [];

    /** @var array<int, list<int>> place → places that lead to it */
    private array $into = [];

    /** @var list<int> places of states after the end */
    private array $ends = [];

    private readonly Space $space;

    private function __construct(Game $game)
    {
        $this->space = new Space($game);
    }

    /** @param  int  $budget  states at most */
    public static function of(Game $game, int $budget): Reach
    {
        return (new self($game))->run($budget);
    }

    private function run(int $budget): Reach
    {
        $this->add($this->space->start(), 0, []);
        for ($at = 0; $at < count($this->states) && $at < $budget; $at++) {
            $this->expand($at);
        }
        $isComplete = $at === count($this->states) && ! $this->space->facts->isOverfull;
        $shortest = $this->ends === [] ? null : $this->steps[$this->ends[0]];

        return new Reach(
            $isComplete, $this->space->notes, $this->trapIn($at), count($this->states), $shortest, $isComplete ? max([0, ...$this->steps]) : null,
        );
    }

    private function expand(int $place): void
    {
        $state = $this->states[$place];
        if ($this->space->facts->isEnded($state)) {
            $this->ends[] = $place;

            return;
        }
        $time = Facts::number($state, 2);
        for ($later = $time; $later < count($this->space->facts->times); $later++) {
            $wait = $this->space->facts->times[$later] - $this->space->facts->times[$time];
            foreach ($this->space->moves($later === $time ? $state : Facts::at($state, $later)) as [$change, $next]) {
                $found = $this->places[$next] ?? $this->add($next, $place, $wait === 0 ? $change->action : ['after' => $wait] + $change->action);
                $this->into[$found][] = $place;
            }
        }
    }

    /** @param  array<string, mixed>  $action */
    private function add(string $state, int $parent, array $action): int
    {
        $place = count($this->states);
        $this->states[] = $state;
        $this->places[$state] = $place;
        $this->parents[] = $parent;
        $this->actions[] = $action;
        $this->steps[] = $place === 0 ? 0 : $this->steps[$parent] + 1;

        return $place;
    }

    /**
     * The nearest state that neither an ending nor a state not looked at can be reached from.
     *
     * @param  int  $looked  states that were looked at
     * @return array{scene: string, actions: list<array<string, mixed>>}|null
     */
    private function trapIn(int $looked): ?array
    {
        $queue = [...$this->ends, ...range($looked, count($this->states))];
        $safe = array_fill_keys($queue, true);
        while ($queue !== []) {
            foreach ($this->into[array_pop($queue)] ?? [] as $before) {
                if (! isset($safe[$before])) {
                    $safe[$before] = true;
                    $queue[] = $before;
                }
            }
        }
        for ($place = 0; $place < $looked; $place++) {
            if (! isset($safe[$place])) {
                return ['scene' => $this->space->facts->sceneOf($this->states[$place]), 'actions' => $this->wayTo($place)];
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> */
    private function wayTo(int $place): array
    {
        $actions = [];
        for (; $place > 0; $place = $this->parents[$place]) {
            array_unshift($actions, $this->actions[$place]);
        }

        return $actions;
    }
}
