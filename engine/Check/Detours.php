<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\GameDocument;
use Fravel\Document\Ways;

/**
 * Which locks the routes of a game go round, whatever their conditions: more than students can do, so that what stands
 * across all of them needs no closer look.
 *
 * Scenes and locks are the nodes of one graph, endings lead to one sink. What stands across every path to it (its
 * dominators) lies on any path, and is found by going along one: from each of its nodes all is looked at that leaves
 * the path; a node that nothing before it gets beyond stands across.
 */
final class Detours
{
    private const SINK = "\n";

    /** @var array<string, list<string>> node → nodes; a lock stands as "scene\nlock" */
    private array $next = [];

    /** @throws EffortSpent */
    public function __construct(private readonly GameDocument $game, Effort $effort)
    {
        foreach (Ways::byLocks($game, $effort->read(...)) as [$from, $to, $lock]) {
            $node = $lock === '' ? $from : "{$from}\n{$lock}";
            $this->next[$node][] = $to;
            if ($lock !== '' && count($this->next[$node]) === 1) {
                $this->next[$from][] = $node;
            }
        }
    }

    /**
     * Whether a route leads to one of the scenes with no lock opened, and none answered wrongly.
     *
     * @param  array<string, true>  $scenes
     *
     * @throws EffortSpent
     */
    public function reachWithout(array $scenes, Effort $effort): bool
    {
        $isOpen = static fn (string $node): bool => ! str_contains($node, "\n");

        return array_intersect_key($scenes, $this->pathsFrom($isOpen, $effort)) !== [];
    }

    /**
     * Locks without which no route leads to any of the scenes.
     *
     * @param  array<string, true>  $scenes
     * @return array<string, true>|null  lock → true; null where no route leads there
     *
     * @throws EffortSpent
     */
    public function needed(array $scenes, Effort $effort): ?array
    {
        $path = $this->pathTo($scenes, $effort);
        if ($path === null) {
            return null;
        }
        $places = array_flip($path);
        [$farthest, $seen, $needed] = [0, [], []];
        foreach ($path as $place => $node) {
            if ($place === $farthest && str_contains($node, "\n")) {
                $needed[substr($node, (int) strpos($node, "\n") + 1)] = true;
            }
            for ($stack = [$node]; $stack !== [];) {
                $from = array_pop($stack);
                $nexts = isset($scenes[$from]) ? [self::SINK] : $this->next[$from] ?? [];
                $effort->spend(1 + count($nexts));
                foreach ($nexts as $next) {
                    $at = $next === self::SINK ? count($path) : $places[$next] ?? null;
                    if ($at !== null) {
                        $farthest = max($farthest, $at);
                    } elseif (! isset($seen[$next])) {
                        $seen[$next] = true;
                        $stack[] = $next;
                    }
                }
            }
        }

        return $needed;
    }

    /**
     * @param  array<string, true>  $scenes
     * @return list<string>|null nodes of one path to any of them
     */
    private function pathTo(array $scenes, Effort $effort): ?array
    {
        $from = $this->pathsFrom(static fn (): bool => true, $effort);
        $end = array_key_first(array_intersect_key($from, $scenes));
        if ($end === null) {
            return null;
        }
        $path = [];
        for ($node = (string) $end; $node !== ''; $node = $from[$node]) {
            $path[] = $node;
        }

        return array_reverse($path);
    }

    /**
     * @param  callable(string): bool  $isOpen  whether a node may be gone through
     * @return array<string, string> node that is reached → the one before it; '' for the first
     */
    private function pathsFrom(callable $isOpen, Effort $effort): array
    {
        $from = [$this->game->start() => ''];
        for ($queue = array_keys($from), $place = 0; $place < count($queue); $place++) {
            $nexts = $this->next[$queue[$place]] ?? [];
            $effort->spend(1 + count($nexts));
            foreach ($nexts as $next) {
                if (! isset($from[$next]) && $isOpen($next)) {
                    $from[$next] = $queue[$place];
                    $queue[] = $next;
                }
            }
        }

        return $from;
    }
}
