<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Answer;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Span;
use Fravel\Check\Effort;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;

/** Whether a rule ever gets a turn, as far as that can be decided. */
final class Hiding
{
    /** Whether earlier rules surely take all that this one would. */
    public static function isHidden(Lock $lock, int $index, string $language, Effort $effort = new Effort()): bool
    {
        if (! isset($lock->rules[$index]) || $index === 0 || LockAnswers::isPlain($lock, $index, $language, $effort)) {
            return false;
        }
        $answers = LockAnswers::to($lock, $language, $effort);
        if ($answers->has($index) || $answers->lacking($index) !== null) {
            return false;
        }
        if ($answers->isComplete) {
            return $answers->isMatched($index);
        }
        $match = $lock->rules[$index]->match;
        $earlier = array_map(static fn (Rule $rule): Matcher => $rule->match, array_slice($lock->rules, 0, $index));
        $covering = new Covering($effort);
        foreach ($earlier as $one) {
            if ($covering->takesAll($one, $match)) {
                return true;
            }
        }
        $effort->spend(count($earlier));

        return Span::takesAll($earlier, $match) || self::areNamedTaken($lock, $index, $language, $effort);
    }

    /**
     * Whether all answers are named that the rule takes, and earlier rules catch each of them, however it is written.
     */
    private static function areNamedTaken(Lock $lock, int $index, string $language, Effort $effort): bool
    {
        $before = array_slice($lock->rules, 0, $index);
        if (
            ! $lock->rules[$index]->match->isLiteral() ||
            array_filter(
                [...$before, $lock->rules[$index]],
                static fn (Rule $rule): bool => ! $rule->match->readsCleaned(),
            ) !== []
        ) {
            return false;
        }
        $catching = [];
        foreach ($lock->rules[$index]->match->samples() as $sent) {
            $effort->spend(count($before) + 1);
            $answer = $lock->accept($sent, $language);
            $catching[] = $answer instanceof Answer ? $lock->ruleFor($answer) : $index;
        }

        return $catching !== [] && ! in_array($index, $catching, true);
    }

    /** Whether surely no answer that the input can yield matches the rule. */
    public static function isImpossible(Lock $lock, int $index, string $language, Effort $effort = new Effort()): bool
    {
        if (LockAnswers::isPlain($lock, $index, $language, $effort)) {
            return false;
        }
        $answers = LockAnswers::to($lock, $language, $effort);

        return ($answers->isComplete && ! $answers->isMatched($index)) ||
            ($lock->rules[$index]->match->span()?->isEmpty() ?? false);
    }

    /** Whether it is not known if any answer gets to the rule. */
    public static function isUndecided(Lock $lock, int $index, string $language, Effort $effort = new Effort()): bool
    {
        return ! LockAnswers::isPlain($lock, $index, $language, $effort) &&
            ! LockAnswers::to($lock, $language, $effort)->has($index) &&
            ! self::isIdle($lock, $index, $language, $effort);
    }

    /** Whether surely no answer that students can give ever gets to the rule. */
    public static function isIdle(Lock $lock, int $index, string $language, Effort $effort = new Effort()): bool
    {
        return self::isHidden($lock, $index, $language, $effort) ||
            self::isImpossible($lock, $index, $language, $effort) ||
            self::lacking($lock, $index, $language, $effort) !== null;
    }

    /** A sign that no key types, and that all answers have which the rule takes; null where one can be typed. */
    public static function lacking(Lock $lock, int $index, string $language, Effort $effort = new Effort()): ?string
    {
        return LockAnswers::isPlain($lock, $index, $language, $effort)
            ? null
            : LockAnswers::to($lock, $language, $effort)->lacking($index);
    }
}
