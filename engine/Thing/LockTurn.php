<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Answer\Refusal;
use Fravel\Effect\Effect;
use Fravel\State\Action;
use Fravel\State\EventKind;
use Fravel\State\Verdict;

/** What comes of doing something at a lock. */
final readonly class LockTurn
{
    /** Characters of an answer that are shown again. */
    private const SHOWN = 4000;

    public function __construct(private Lock $lock, private Turn $turn)
    {
    }

    public function act(Action $action): void
    {
        match ($action->verb) {
            'choose' => $this->passOpened(),
            'answer' => $this->answer($action->with),
            'hint' => $this->giveHint(),
            default => $this->turn->refuse('thing.other'),
        };
    }

    /**
     * What comes of an answer that this rule catches, or none.
     *
     * @param  list<Effect>  $effects  of what the answer picks
     */
    public function judge(?int $index, array $effects): void
    {
        $rule = $index === null ? null : $this->lock->rules[$index];
        $verdict = $rule->verdict ?? Verdict::Wrong;
        $this->turn->note(EventKind::Answered, $this->lock->id, $verdict->value, $index ?? 'otherwise');
        $verdict->isTry()
            ? $this->countTry($verdict)
            : $this->turn->become($this->turn->state()->openLock($this->lock->id, $index));
        $this->turn->apply($effects);
        $this->turn->fire($rule === null ? $this->lock->otherwise : [$rule->reaction]);
    }

    /** Right as far as rules can tell: it opens when the teacher has read it. */
    private function wait(int $rule): void
    {
        $this->turn->note(EventKind::Answered, $this->lock->id, Lock::WAITING, $rule);
        $this->turn->become($this->turn->state()->await($this->lock->id));
    }

    /** An open lock may be passed again: by what its place does, else by where it led when it opened. */
    private function passOpened(): void
    {
        $route = $this->lock->routeWhenOpen($this->turn->state());
        if ($this->lock->opened !== [] && $this->turn->state()->isOpen($this->lock->id)) {
            $this->turn->fire($this->lock->opened);
        } elseif ($route !== null && $this->turn->state()->isOpen($this->lock->id)) {
            $this->turn->follow($route);
        } else {
            $this->turn->refuse('lock.shut');
        }
    }

    private function answer(mixed $sent): void
    {
        $state = $this->turn->state();
        $wait = $this->lock->waitIn($state, $this->turn->now());
        $isReady = $this->lock->isReady($state, $this->turn->now());
        if ($state->isOpen($this->lock->id) || ! $isReady || $wait > 0) {
            match (true) {
                $state->isOpen($this->lock->id) => $this->turn->refuse('lock.open'),
                $isReady => $this->turn->refuse('lock.guarded', ['seconds' => $wait]),
                default => $this->turn->refuse('lock.not-ready'),
            };

            return;
        }
        $round = $this->lock->round($state);
        if ($round !== null) {
            $this->answerRound($round, $sent);

            return;
        }
        $answer = $this->lock->accept($sent, $this->turn->game()->language());
        if ($answer instanceof Refusal) {
            $this->turn->refuse($answer->code, $answer->arguments);

            return;
        }
        $rule = $this->lock->ruleFor($answer);
        $opens = $rule !== null && $this->lock->rules[$rule]->opens();
        $waits = $opens && $this->lock->eye && $this->turn->isWatched();
        $waits ? $this->wait($rule) : $this->judge($rule, $this->lock->input->effectsOf($answer));
        if ($opens) {
            $this->turn->become($this->turn->state()->keepAnswer($this->lock->id, self::kept($answer->value)));
        }
    }

    /** Enough right in a row open it; a wrong one begins another attempt, in another order. */
    private function answerRound(Round $round, mixed $sent): void
    {
        $answer = $round->input->accept($sent, $this->lock->clean->in($this->turn->game()->language()));
        if ($answer instanceof Refusal) {
            $this->turn->refuse($answer->code, $answer->arguments);

            return;
        }
        $right = ($this->turn->state()->streaks[$this->lock->id] ?? 0) + 1;
        if (! $round->match->matches($answer)) {
            $this->judge(null, []);

            return;
        }
        $this->turn->become(
            $this->turn->state()->keepRound($this->lock->id, $round->id, self::kept($answer->value)),
        );
        if ($right >= $this->lock->enough) {
            $this->judge($this->lock->openingRule(), []);
        } else {
            $this->turn->note(EventKind::Answered, $this->lock->id, Lock::ROUND, $round->id);
            $this->turn->become($this->turn->state()->streak($this->lock->id, $right));
        }
    }

    /**
     * As much of an answer as is shown again.
     *
     * @param  string|array<array-key, mixed>  $answer
     * @return string|array<array-key, mixed>
     */
    private static function kept(string|array $answer): string|array
    {
        return is_string($answer) ? mb_substr($answer, 0, self::SHOWN) : $answer;
    }

    private function countTry(Verdict $verdict): void
    {
        $state = $this->turn->state()->countTry($this->lock->id, $verdict);
        if ($this->lock->guard !== null && $this->lock->guard->closesAfter($state->triesOn($this->lock->id))) {
            $state = $state->guard($this->lock->id, $this->turn->now() + $this->lock->guard->wait);
        }
        $this->turn->become($state);
    }

    private function giveHint(): void
    {
        $state = $this->turn->state();
        $hint = $state->isOpen($this->lock->id) ? null : $this->lock->nextHint($state, $this->turn->now());
        if ($hint === null) {
            $this->turn->refuse('hint.none');

            return;
        }
        $this->turn->note(EventKind::Hinted, $this->lock->id, $state->hinted[$this->lock->id] ?? 0);
        $this->turn->become($state->hint($this->lock->id));
        $this->turn->apply($hint->effects);
    }
}
