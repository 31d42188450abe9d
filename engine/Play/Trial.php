<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\Answer\Answer;
use Fravel\Document\Reaction;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
use Fravel\Thing\Lock;

/** What a fresh lock makes of an answer, with no play around it. */
final readonly class Trial
{
    /** @param  int|null  $rule  index of the rule that caught it; none for anything else */
    private function __construct(public ?int $rule, public Verdict $verdict, public string $say, public ?string $go)
    {
    }

    public static function of(Lock $lock, Answer $answer): self
    {
        $rule = $lock->ruleFor($answer);
        $verdict = $rule === null ? Verdict::Wrong : $lock->rules[$rule]->verdict;
        // Conditions on tries include the present one.
        $fresh = PlayState::begin([], 1, 0)->countTry($lock->id, Verdict::Wrong);
        $reaction = $rule === null ? Reaction::firing($lock->otherwise, $fresh, 0) : $lock->rules[$rule]->reaction;

        return new self($rule, $verdict, $reaction->say ?? '', $reaction?->go?->to);
    }
}
