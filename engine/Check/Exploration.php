<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\Game;
use Fravel\Document\Thing\Lock;
use Fravel\Play\Play;
use Fravel\State\PlayState;

/**
 * Goes through every state of a game that can be told from another, nearest first, and looks which of them no ending can be
 * reached from. Exact as long as the budget lasts; past it the result says that it is not complete.
 *
 * @internal
 */
final class Exploration
{
    /** @var array<string, array{state: PlayState, time: int, parent: string|null, action: array<string, mixed>, steps: int}> */
    private array $nodes = [];

    /** @var array<string, list<string>> key → keys that lead to it */
    private array $into = [];

    /** @var list<string> */
    private array $ends = [];

    /** @var array<string, true> */
    private array $scenes = [];

    /** @var array<string, true> */
    private array $ready = [];

    /** @var array<string, true> */
    private array $given = [];

    private readonly Asked $asked;

    private readonly Moves $moves;

    private function __construct(private readonly Game $game)
    {
        $this->asked = new Asked($game);
        $this->moves = new Moves($game);
    }

    /** @param  int  $budget  states at most */
    public static function of(Game $game, int $budget): Reach
    {
        return (new self($game))->run($budget);
    }

    private function run(int $budget): Reach
    {
        $outcome = Play::start($this->game, 1, 0);
        $this->noteScenes($outcome->eventList());
        $queue = [$this->add($outcome->state, 0, null, [], 0)];
        for ($at = 0; $at < count($queue) && count($this->nodes) <= $budget; $at++) {
            array_push($queue, ...$this->expand($queue[$at]));
        }
        $isComplete = $at >= count($queue);
        $steps = array_column($this->nodes, 'steps');
        $ends = array_map(fn (string $key): int => $this->nodes[$key]['steps'], $this->ends);

        return new Reach(
            $isComplete, $this->scenes, $this->ready, $this->given, $isComplete ? $this->nearestTrap() : null,
            count($this->nodes), $ends === [] ? null : min($ends), $steps === [] ? 0 : max($steps),
        );
    }

    /** @return list<string> keys of states seen for the first time */
    private function expand(string $key): array
    {
        ['state' => $state, 'time' => $time, 'steps' => $steps] = $this->nodes[$key];
        $found = [];
        foreach ($this->asked->times() as $later) {
            if ($later < $time) {
                continue;
            }
            $this->noteReady($state, $later);
            foreach ($this->moves->from($state, $later) as ['action' => $action, 'outcome' => $outcome]) {
                $this->noteScenes($outcome->eventList());
                $next = $this->asked->key($outcome->state, $later);
                $this->into[$next][] = $key;
                if (! isset($this->nodes[$next])) {
                    $found[] = $this->add($outcome->state, $later, $key, $later > $time ? ['after' => $later - $time] + $action : $action, $steps + 1);
                }
            }
        }

        return $found;
    }

    /** @param  array<string, mixed>  $action */
    private function add(PlayState $state, int $time, ?string $parent, array $action, int $steps): string
    {
        $key = $this->asked->key($state, $time);
        $this->nodes[$key] = ['state' => $state, 'time' => $time, 'parent' => $parent, 'action' => $action, 'steps' => $steps];
        $this->given += array_fill_keys($state->tokens, true);
        if ($state->ended !== null) {
            $this->ends[] = $key;
        }

        return $key;
    }

    private function noteReady(PlayState $state, int $now): void
    {
        foreach ($this->game->scene($state->scene)?->shown($state, $now) ?? [] as $thing) {
            if ($thing instanceof Lock && ($thing->needs === null || $thing->needs->holds($state, $now))) {
                $this->ready[$thing->id] = true;
            }
        }
    }

    /** @param  list<list<mixed>>  $events */
    private function noteScenes(array $events): void
    {
        foreach ($events as $event) {
            if ($event[0] === 'entered' && is_string($event[1])) {
                $this->scenes[$event[1]] = true;
            }
        }
    }

    /** @return array{scene: string, actions: list<array<string, mixed>>}|null */
    private function nearestTrap(): ?array
    {
        $safe = array_fill_keys($this->ends, true);
        for ($queue = $this->ends; $queue !== [];) {
            foreach ($this->into[array_pop($queue)] ?? [] as $before) {
                if (! isset($safe[$before])) {
                    $safe[$before] = true;
                    $queue[] = $before;
                }
            }
        }
        foreach ($this->nodes as $key => $node) {
            if (! isset($safe[$key])) {
                return ['scene' => $node['state']->scene, 'actions' => $this->wayTo($key)];
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> */
    private function wayTo(string $key): array
    {
        $actions = [];
        for ($node = $this->nodes[$key]; $node['parent'] !== null; $node = $this->nodes[$node['parent']]) {
            array_unshift($actions, $node['action']);
        }

        return $actions;
    }
}
