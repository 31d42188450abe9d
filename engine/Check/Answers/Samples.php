<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Answer;
use Fravel\Check\Effort;
use Fravel\Thing\Lock;

/** Answers to try on a lock. */
final class Samples
{
    /** Answers that are wrong nearly everywhere. */
    private const WRONG = ['zzzz', '-98765', '1', '00000000', ['zzzz']];

    /** An answer that a student can give and this rule catches, the plainest first; null when none is known. */
    public static function caughtBy(Lock $lock, ?int $index, string $language, Effort $effort = new Effort()): mixed
    {
        foreach (
            $index === null ? [
                ...self::WRONG, ...$lock->input->picks(),
            ] : $lock->rules[$index]->match->samples() as $sent
        ) {
            foreach (Typable::ways($sent, $lock->input, $language) as $typed) {
                $effort->spend(5 + count($lock->rules));
                $answer = $lock->accept($typed, $language);
                if ($answer instanceof Answer && $lock->ruleFor($answer) === $index) {
                    return $typed;
                }
            }
        }

        return LockAnswers::to($lock, $language, $effort)->caughtBy($index);
    }
}
