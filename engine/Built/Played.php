<?php

declare(strict_types=1);

namespace Fravel\Built;

use Fravel\Answer\Answer;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;
use Fravel\Thing\Round;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * What was built, played as a student with what was given, before it is shown as built: every answer that was given
 * opens its lock, none that was given as wrong does, all that is asked is answered, and then the way leads out.
 */
final class Played
{
    /** Actions for each that can be done with a thing that was built, at most, and for the rest. */
    private const ACTIONS = 4;

    private const MORE = 100;

    /** @var list<array<string, mixed>> as a walkthrough keeps them */
    public array $steps = [];

    /** Why it is not what was given: `answer`, `wrong`, `shut` or `stuck`; null where it is. */
    public ?string $fault = null;

    /** The question it is about; '' for none. */
    public string $about = '';

    private PlayState $state;

    /** Steps up to the last one that opened or uncovered something. */
    private int $gained = 0;

    /** @var array<string, int> scene and action → how often that was done */
    private array $done = [];

    /**
     * @param  array<string, Promise>  $promises  by the locks that were built, or the rounds they ask
     * @param  array<string, mixed>  $built  scenes, as keys
     */
    private function __construct(
        public GameDocument $game,
        private readonly array $promises,
        private readonly array $built,
        string $entry,
        int $seed,
    ) {
        $this->state = Playing::startAt($game, $entry, [], [], $seed, 0)->state;
    }

    /**
     * @param  array<string, Promise>  $promises
     * @param  list<string>  $built  scenes, the one it is entered by first
     * @param  bool  $isOpen  whether it leads to an open end, as where nothing stands behind it yet
     */
    public static function of(
        GameDocument $game, array $promises, array $built, bool $isOpen = false, int $seed = 1,
    ): self {
        $played = new self($game, $promises, array_flip($built), $built[0], $seed);
        if ($played->keepsPromises()) {
            $played->goesThrough($isOpen);
        }

        return $played;
    }

    /** With the way that was gone kept in the game as a walkthrough. */
    public function kept(string $id, string $name): self
    {
        $way = ['id' => $id, 'name' => $name, 'seed' => 1, 'steps' => $this->steps];
        $ways = is_array($this->game->document['walkthroughs'] ?? null) ? $this->game->document['walkthroughs'] : [];
        $kept = clone $this;
        $kept->game = GameDocument::of(['walkthroughs' => [...$ways, $way]] + $this->game->document);

        return $kept;
    }

    private function keepsPromises(): bool
    {
        foreach ($this->locks() as $lock) {
            $rounds = array_map(static fn (Round $round): Lock => $round->alone($lock), $lock->rounds);
            foreach ([$lock, ...$rounds] as $asked) {
                $promise = $this->promises[$asked->id] ?? null;
                if ($promise !== null && ! $this->isKept($promise, $asked)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<Lock> that were built */
    private function locks(): array
    {
        return array_merge([], ...array_map(
            fn (string $scene): array => Things::locks($this->game->scene($scene)->things ?? []),
            array_map(strval(...), array_keys($this->built)),
        ));
    }

    /** @return list<string> locks that were promised to open, and are shut */
    private function shut(): array
    {
        $promised = array_filter($this->locks(), fn (Lock $lock): bool => isset($this->promises[$lock->id])
            || array_intersect_key($this->promises, array_column($lock->rounds, null, 'id')) !== []);

        $ids = array_map(static fn (Lock $lock): string => $lock->id, $promised);

        return array_values(array_diff($ids, $this->state->open));
    }

    private function isKept(Promise $promise, Lock $lock): bool
    {
        foreach ($promise->right as $sent) {
            if (! $this->opens($lock, $sent)) {
                return $this->isAtFault('answer', $lock->calls());
            }
        }
        foreach ($promise->wrong as $sent) {
            if ($this->opens($lock, $sent)) {
                return $this->isAtFault('wrong', $lock->calls());
            }
        }

        return true;
    }

    private function opens(Lock $lock, mixed $sent): bool
    {
        $answer = $lock->accept($sent, $this->game->language());
        $rule = $answer instanceof Answer ? $lock->ruleFor($answer) : null;

        return $rule !== null && $lock->rules[$rule]->opens();
    }

    /** Until it has ended, or has led out. */
    private function goesThrough(bool $isOpen): void
    {
        $most = self::MORE + self::ACTIONS * $this->things();
        while (! $this->isThrough() && count($this->steps) < $most) {
            if (! $this->step($this->game->scene($this->state->scene))) {
                break;
            }
        }
        $shut = $this->shut();
        if ($shut !== []) {
            $this->isAtFault('shut', $this->callsOf((string) reset($shut)));
        } elseif (! $this->isThrough() && ! $isOpen) {
            $this->isAtFault('stuck', '');
        }
        // Before an open end one can only go to and fro.
        $this->steps = $this->isThrough() ? $this->steps : array_slice($this->steps, 0, $this->gained);
    }

    /** How much can be done with all that was built. */
    private function things(): int
    {
        $count = 0;
        foreach (array_keys($this->built) as $scene) {
            foreach (Things::flattened($this->game->scene($scene)->things ?? []) as $thing) {
                $count += count($thing->actions()) + count($thing->locks());
            }
        }

        return $count;
    }

    private function isThrough(): bool
    {
        return $this->state->ended !== null || ! isset($this->built[$this->state->scene]);
    }

    private function step(?Scene $scene): bool
    {
        $best = null;
        $isAnswered = $this->shut() === [];
        foreach ($scene === null ? [] : $this->leastDone($this->offered($scene)) as $sent) {
            $action = Action::of($sent);
            $outcome = $action === null ? null : Playing::act($this->game, $this->state, $action, 0);
            if ($outcome === null || $outcome->isRefused() || $outcome->state->tries !== $this->state->tries) {
                continue;
            }
            // Once all is answered, whatever leads out is taken.
            $isOut = $isAnswered && ($outcome->state->ended !== null || ! isset($this->built[$outcome->state->scene]));
            $worth = [$isOut ? PHP_INT_MAX : $this->gain($outcome), -($this->done[$this->key($sent)] ?? 0)];
            $best = $best === null || $worth > $best[0] ? [$worth, $sent, $outcome] : $best;
            if ($best[0][0] > 0) {
                break;
            }
        }
        if ($best === null) {
            return false;
        }
        [, $sent, $outcome] = $best;
        $this->done[$this->key($sent)] = ($this->done[$this->key($sent)] ?? 0) + 1;
        $this->state = $outcome->state;
        $this->steps[] = $sent + ['at' => $this->state->scene];
        $this->gained = $best[0][0] > 0 ? count($this->steps) : $this->gained;

        return true;
    }

    /**
     * @param  list<array<string, mixed>>  $offered
     * @return list<array<string, mixed>>
     */
    private function leastDone(array $offered): array
    {
        $often = fn (array $sent): int => $this->done[$this->key($sent)] ?? 0;
        usort($offered, static fn (array $one, array $other): int => $often($one) <=> $often($other));

        return $offered;
    }

    /** @return list<array<string, mixed>> actions, what answers first */
    private function offered(Scene $scene): array
    {
        $shown = $scene->shown($this->state, 0);
        $offered = [];
        foreach (Things::locks($shown) as $lock) {
            $right = $this->promises[$lock->round($this->state)->id ?? $lock->id]->right[0] ?? null;
            if ($right !== null && ! $this->state->isOpen($lock->id) && $lock->isReady($this->state, 0)) {
                $offered[] = ['answer' => $lock->id, 'with' => $right];
            }
        }
        // One answer at a time is enough.
        $offered = array_slice($offered, 0, 1);
        foreach (array_filter($shown, static fn (Thing $thing): bool => $thing->locks() === []) as $thing) {
            array_push($offered, ...self::deeds($thing, $this->state));
        }

        return [['continue' => true], ...array_reverse($offered)];
    }

    /** @return list<array<string, mixed>> what can be done with a thing, and what begins it */
    private static function deeds(Thing $thing, PlayState $state): array
    {
        $deeds = array_values(array_filter(
            $thing->actions(), static fn (array $action): bool => ! isset($action['lower'], $action['hint']),
        ));

        return isset($deeds[0]['find']) ? [['find' => $thing->id], ...$deeds] : $deeds;
    }

    /** How much more is done after it. */
    private function gain(Outcome $outcome): int
    {
        $count = static fn (PlayState $state): int => count($state->open) + count($state->lifted)
            + count($state->found) + count($state->tokens) + array_sum($state->streaks);

        return $count($outcome->state) - $count($this->state);
    }

    /** @param  array<string, mixed>  $sent */
    private function key(array $sent): string
    {
        return "{$this->state->scene} ".serialize($sent);
    }

    private function callsOf(string $lock): string
    {
        foreach ($this->locks() as $one) {
            if ($one->id === $lock) {
                return $one->ask === '' ? $one->calls() : $one->ask;
            }
        }

        return '';
    }

    private function isAtFault(string $fault, string $about): bool
    {
        [$this->fault, $this->about] = [$fault, $about];

        return false;
    }
}
