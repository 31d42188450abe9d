<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Long;
use Fravel\Answer\Input\Text;
use Fravel\Answer\Matcher\Equals;
use Fravel\Answer\Matcher\Length;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Number;
use Fravel\Answer\Matcher\Options;
use Fravel\Answer\Matcher\Order;
use Fravel\Answer\Matcher\Pairs;
use Fravel\Check\Effort;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;

/** Whether a rule ever gets a turn. Where that can't be decided it is said to. */
final class Hiding
{
    /** Units of effort for trying one answer. */
    private const ANSWER = 5;

    /** Whether earlier rules take all that this one would. */
    public static function isHidden(Lock $lock, int $index, string $language, Effort $effort = new Effort): bool
    {
        $match = $lock->rules[$index]->match;
        $earlier = array_map(static fn (Rule $rule): Matcher => $rule->match, array_slice($lock->rules, 0, $index));
        if ($earlier === []) {
            return false;
        }
        foreach ($earlier as $one) {
            if (Covering::takesAll($one, $match, $effort)) {
                return true;
            }
        }
        $effort->spend(count($earlier));
        if (Span::takesAll($earlier, $match)) {
            return true;
        }
        $taken = self::isLiteral($match) ? self::taken($lock, $index, $language, $effort) : self::takenOfAll($lock, $index, $language, $effort);

        return $taken !== [] && ! in_array($index, $taken, true);
    }

    /** Whether no answer that the input can yield matches the rule. */
    public static function isImpossible(Lock $lock, int $index, string $language, Effort $effort = new Effort): bool
    {
        $match = $lock->rules[$index]->match;
        if ($match instanceof Length && $match->min > Text::LONGEST) {
            return $match->min > Long::LONGEST || ! $lock->input instanceof Long;
        }
        if (self::isLiteral($match)) {
            return self::taken($lock, $index, $language, $effort) === [];
        }

        return (Span::of($match)?->isEmpty() ?? false) || (Enumeration::of($lock->input) !== null && self::takenOfAll($lock, $index, $language, $effort) === []);
    }

    /** @return list<int|null> for each answer of few that the rule matches, which rule catches it; none where there are too many */
    private static function takenOfAll(Lock $lock, int $index, string $language, Effort $effort): array
    {
        $taken = [];
        foreach (Enumeration::of($lock->input) ?? [] as $sent) {
            $effort->spend(self::ANSWER + $index);
            $answer = $lock->accept($sent, $language);
            if ($answer instanceof Answer && $lock->rules[$index]->match->matches($answer)) {
                $taken[] = $lock->ruleFor($answer);
            }
        }

        return $taken;
    }

    /** Whether all that the rule takes is named in it. */
    private static function isLiteral(Matcher $match): bool
    {
        return $match instanceof Equals || $match instanceof Options || $match instanceof Order || $match instanceof Pairs
            || ($match instanceof Number && $match->within === null && $match->places === null && $match->unit === null);
    }

    /** @return list<int|null> for each answer the rule names, which rule catches it; those the input can't yield left out */
    private static function taken(Lock $lock, int $index, string $language, Effort $effort): array
    {
        $taken = [];
        foreach (Samples::of($lock->rules[$index]->match) as $sent) {
            $effort->spend(self::ANSWER + $index);
            $answer = $lock->accept($sent, $language);
            if ($answer instanceof Answer) {
                $taken[] = $lock->ruleFor($answer);
            }
        }

        return $taken;
    }
}
