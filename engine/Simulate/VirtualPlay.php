<?php

declare(strict_types=1);

namespace Fravel\Simulate;

use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Document\GameDocument;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * One made-up student's way through a game. They try what they have not tried yet before what they have, and come back
 * to what stays shut; so whatever can be reached is reached in the end, unless they lose patience or time.
 *
 * @phpstan-type Deed array{at: int, action: array<string, mixed>, outcome: Outcome}
 */
final class VirtualPlay
{
    /** Actions after which a play is left, whatever its patience. */
    private const MOST = 500;

    /** Units of effort for one step, beside those for what can be done. */
    private const STEP = 200;

    /** Doing something known again counts as so many times where it ends badly. */
    private const BAD = 4;

    /** How differently one student grasps one thing and another, in logits. */
    private const UNEVEN = 1.3;

    /** @var array<string, float> lock → how much of it is grasped, 0 to 1 */
    private array $grasped = [];

    /** @var array<string, int> what was done in which scene → how often */
    private array $done = [];

    /** @var list<Deed> */
    private array $deeds = [];

    private int $now;

    private PlayState $state;

    private function __construct(
        private readonly GameDocument $game,
        private readonly Answers $answers,
        private readonly Pupil $pupil,
        private readonly Chance $chance,
        int $begin,
    ) {
        $this->now = $begin;
        $outcome = Playing::start($game, $chance->between(1, 2 ** 31), $begin, $pupil->name);
        $this->state = $outcome->state;
        $this->deeds[] = ['at' => $begin, 'action' => ['start' => true], 'outcome' => $outcome];
    }

    /**
     * @param  int  $begin  seconds since 1970
     * @param  int|null  $until  when its time is up; null for no limit
     * @return list<Deed> in order, the beginning first
     *
     * @throws EffortSpent Where the play did not come to its end.
     */
    public static function of(
        GameDocument $game, Answers $answers, Pupil $pupil, Chance $chance, int $begin, ?int $until = null,
        Effort $effort = new Effort(),
    ): array {
        $play = new self($game, $answers, $pupil, $chance, $begin);
        $play->read();
        for ($step = 0; $step < self::MOST && $play->state->ended === null; $step++) {
            $effort->spend(self::STEP + count($game->scene($play->state->scene)->things ?? []));
            $action = $play->next();
            if ($action === null || ($until !== null && $play->now >= $until)) {
                break;
            }
            $play->take($action, $until);
        }

        return $play->deeds;
    }

    /** @param  array<string, mixed>  $action */
    private function take(array $action, ?int $until): void
    {
        $before = $this->state;
        $sent = Action::of($action);
        if ($sent === null || ($until !== null && $this->now >= $until)) {
            return;
        }
        $this->done[$this->key($action)] = ($this->done[$this->key($action)] ?? 0) + 1;
        $outcome = Playing::act($this->game, $before, $sent, $this->now);
        if ($outcome->isRefused()) {
            return;
        }
        $this->state = $outcome->state;
        $this->deeds[] = ['at' => $this->now, 'action' => $sent->toArray(), 'outcome' => $outcome];
        if ($before->scene !== $this->state->scene) {
            $this->read();
        }
    }

    /**
     * What is done next, with the time that goes before it; null when there is nothing left to do.
     *
     * @return array<string, mixed>|null
     */
    private function next(): ?array
    {
        $best = [];
        $least = PHP_INT_MAX;
        foreach ($this->possible() as $action) {
            $count = 10 * $this->weight($action);
            if ($count < $least) {
                [$best, $least] = [[], $count];
            }
            $count === $least ? $best[] = $action : null;
        }
        if ($best === []) {
            return null;
        }
        $action = $this->chance->one($best);
        $lock = isset($action['answer']) ? $this->game->lock((string) $action['answer']) : null;

        return $lock === null ? $this->after(Times::choosing(), $action) : $this->answer($lock);
    }

    /** @return list<array<string, mixed>> */
    private function possible(): array
    {
        $scene = $this->game->scene($this->state->scene);
        $actions = [];
        foreach ($scene?->shown($this->state, $this->now) ?? [] as $thing) {
            array_push($actions, ...$this->with($thing));
        }
        if ($scene?->goesOn($this->state, $this->now) === true) {
            $actions[] = ['continue' => true];
        }
        if ($scene !== null && $scene->back && isset($this->state->from[$scene->id])) {
            $actions[] = ['back' => true];
        }

        return $actions;
    }

    /** @return list<array<string, mixed>> */
    private function with(Thing $thing): array
    {
        $lock = Things::locks([$thing])[0] ?? null;
        if ($lock !== null && $lock->id === $thing->id && ! $this->state->isOpen($lock->id)) {
            $isLeft = $this->state->triesOn($lock->id) >= $this->pupil->patience;

            return $isLeft || ! $lock->isReady($this->state, $this->now) ? [] : [['answer' => $lock->id]];
        }
        $board = Things::boards([$thing])[0] ?? null;
        if ($board !== null && $board->id === $thing->id) {
            return $this->picks($thing->id);
        }

        return array_values(array_filter($thing->actions(), fn (array $action): bool => ! isset($action['lower'])
            && ! isset($action['hint']) && (! isset($action['lift']) || ! $this->state->isLifted($thing->id))));
    }

    /**
     * On a find-it board: mostly the box that is asked for.
     *
     * @return list<array<string, mixed>>
     */
    private function picks(string $id): array
    {
        $board = Things::findIt($this->game->scene($this->state->scene)->things ?? [], $id);
        if ($board === null || ! $board->isBegun($this->state)) {
            return [['find' => $id]];
        }
        $asked = $board->asked($this->state);
        $left = array_values(array_filter(
            array_column($board->boxes, 'id'), fn (string $box): bool => ! $this->state->hasFound($box),
        ));
        $isRight = $this->chance->part() < $this->pupil->skill;

        return $asked === null ? [] : [[
            'find' => $id, 'with' => $isRight ? $asked->id : $left[$this->chance->between(0, count($left) - 1)],
        ]];
    }

    /**
     * How unlikely it is next: how often it was done, more where it is seen to end badly, and going back last.
     *
     * @param  array<string, mixed>  $action
     */
    private function weight(array $action): int
    {
        $done = $this->done[$this->key($action)] ?? 0;
        if (isset($action['answer'])) {
            // What was tried in vain is left alone for a while.
            return $done > 0 ? $done + 1 : 0;
        }
        if (isset($action['find'])) {
            return 0;
        }
        $sent = Action::of($action);
        $peek = $sent === null ? null : Playing::act($this->game, $this->state, $sent, $this->now);

        return match (true) {
            $peek === null || $peek->isRefused() => self::BAD * 20,
            $peek->state->ended === 'lost' => $done + self::BAD * ($this->chance->part() < 0.03 ? 0 : 5),
            isset($action['back']) => $done + 1,
            default => $done,
        };
    }

    /** @return array<string, mixed> an answer to a lock, or a plea for a hint */
    private function answer(Lock $lock): array
    {
        $tries = $this->state->triesOn($lock->id);
        $wait = $lock->waitIn($this->state, $this->now);
        $this->now += $wait;
        $hint = $lock->nextHint($this->state, $this->now);
        if ($hint !== null && $tries > 0 && $this->chance->part() < 0.35) {
            $this->after(Times::choosing(), ['hint' => $lock->id]);
            $this->take(['hint' => $lock->id], null);
        }
        $asked = $lock->asked($this->state);
        $right = $this->answers->right($asked);
        $wrong = $this->answers->wrong($asked, $this->pupil, $this->chance);
        $isRight = $this->chance->part() < $this->likely($lock, $tries);

        return $this->after(Times::answering($lock, $tries) * $this->slow($lock), [
            'answer' => $lock->id, 'with' => ($isRight ? $right ?? $wrong : $wrong ?? $right) ?? '',
        ]);
    }

    /**
     * How likely it is right: what of the matter is grasped, more after each try and hint, and else what a guess is
     * worth. One student grasps one thing and not the other: a logistic model with a draw for each of both, as item
     * response theory has it (Rasch, "Probabilistic Models for Some Intelligence and Attainment Tests", 1960).
     */
    private function likely(Lock $lock, int $tries): float
    {
        $skill = $this->pupil->skill;
        $this->grasped[$lock->id] ??= 1 / (1 + (1 - $skill) / $skill * exp(-self::UNEVEN * $this->chance->normal()));
        $known = $this->grasped[$lock->id] + 0.04 * $tries + 0.2 * ($this->state->hinted[$lock->id] ?? 0);

        return min(0.98, $known + (1 - min(1, $known)) * $this->answers->chance($lock->asked($this->state)));
    }

    /** What is hardly grasped takes its time: up to about twice as long. */
    private function slow(Lock $lock): float
    {
        return 1.6 / (0.6 + ($this->grasped[$lock->id] ?? 1));
    }

    /**
     * @param  array<string, mixed>  $action
     * @return array<string, mixed>
     */
    private function after(float $usual, array $action): array
    {
        $this->now += Times::taken($usual, $this->pupil, $this->chance);

        return $action;
    }

    /** The scene is looked at and read; one that is known is only looked at. */
    private function read(): void
    {
        $isKnown = ($this->done["read {$this->state->scene}"] ??= 0) > 0;
        $this->done["read {$this->state->scene}"]++;
        $words = 0;
        $scene = $isKnown ? null : $this->game->scene($this->state->scene);
        foreach ($scene?->shown($this->state, $this->now) ?? [] as $thing) {
            foreach ($thing->words() as $said) {
                $words += count(preg_split('/\s+/u', $said->md, -1, PREG_SPLIT_NO_EMPTY) ?: []);
            }
        }
        $this->now += Times::taken(Times::reading($words), $this->pupil, $this->chance);
    }

    /** @param  array<string, mixed>  $action */
    private function key(array $action): string
    {
        unset($action['with']);

        return $this->state->scene.' '.json_encode($action);
    }
}
