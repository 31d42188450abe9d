<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\Answer\Answer;
use Fravel\Document\Answer\Matcher\Anything;
use Fravel\Document\Answer\Matcher\Equals;
use Fravel\Document\Answer\Matcher\Has;
use Fravel\Document\Answer\Matcher\Matcher;
use Fravel\Document\Answer\Matcher\Number;
use Fravel\Document\Answer\Matcher\Options;
use Fravel\Document\Answer\Matcher\Order;
use Fravel\Document\Answer\Matcher\Pairs;
use Fravel\Document\Thing\Lock;

/** Whether earlier rules take all that a rule would. Where that can't be decided the answer is no. */
final class Hiding
{
    public static function isHidden(Lock $lock, int $index, string $language): bool
    {
        $match = $lock->rules[$index]->match;
        foreach (array_slice($lock->rules, 0, $index) as $earlier) {
            if ($earlier->match instanceof Anything || $earlier->match == $match || self::says($earlier->match, $match)) {
                return true;
            }
        }

        return self::isLiteral($match) && self::areAllTaken($lock, $index, $language);
    }

    /** Whether all that the rule takes is named in it. */
    private static function isLiteral(Matcher $match): bool
    {
        return $match instanceof Equals || $match instanceof Options || $match instanceof Order || $match instanceof Pairs
            || ($match instanceof Number && $match->within === null && $match->places === null);
    }

    private static function areAllTaken(Lock $lock, int $index, string $language): bool
    {
        $samples = Samples::of($lock->rules[$index]->match);
        foreach ($samples as $sent) {
            $answer = $lock->accept($sent, $language);
            if ($answer instanceof Answer && $lock->ruleFor($answer) === $index) {
                return false;
            }
        }

        return $samples !== [];
    }

    /** A phrase that is looked for takes all answers in which a longer phrase around it is looked for. */
    private static function says(Matcher $earlier, Matcher $later): bool
    {
        if (! $earlier instanceof Has || ! $later instanceof Has || $later->phrases === []) {
            return false;
        }
        foreach ($later->phrases as $phrase) {
            if (array_filter($earlier->phrases, static fn (string $short): bool => preg_match('/(?<![\p{L}\p{N}])'.preg_quote(mb_strtolower($short), '/').'(?![\p{L}\p{N}])/u', mb_strtolower($phrase)) === 1) === []) {
                return false;
            }
        }

        return true;
    }
}
