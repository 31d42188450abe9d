<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Fravel\Answer\Answer;
use Fravel\Answer\Input\Item;
use Fravel\Answer\Input\Long;
use Fravel\Answer\Input\Options;
use Fravel\Answer\Matcher\All;
use Fravel\Answer\Matcher\Any;
use Fravel\Answer\Matcher\Anything;
use Fravel\Answer\Matcher\Between;
use Fravel\Answer\Matcher\Close;
use Fravel\Answer\Matcher\Equals;
use Fravel\Answer\Matcher\Has;
use Fravel\Answer\Matcher\HasAll;
use Fravel\Answer\Matcher\Length;
use Fravel\Answer\Matcher\Like;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Number;
use Fravel\Answer\Matcher\Options as OptionsMatcher;
use Fravel\Answer\Matcher\Order;
use Fravel\Answer\Matcher\Pairs;
use Fravel\Check\Effort;
use Fravel\Thing\Lock;

/** Answers to try on a lock: what a matcher names literally, or one made to its measure. */
final class Samples
{
    /** Answers that are wrong nearly everywhere. */
    private const WRONG = ['zzzz', '-98765', '1', '00000000', ['zzzz']];

    /** @return list<mixed> answers that the matcher names or is likely to take */
    public static function of(Matcher $matcher): array
    {
        return match (true) {
            $matcher instanceof Equals => $matcher->texts,
            $matcher instanceof Has => $matcher->phrases,
            $matcher instanceof HasAll => [implode(' ', $matcher->phrases)],
            $matcher instanceof Like => [str_replace('?', 'x', str_replace('*', '', $matcher->literal))],
            $matcher instanceof Close => [$matcher->text, mb_substr($matcher->text, 0, -1)],
            $matcher instanceof Number => [self::written($matcher->number)],
            $matcher instanceof Between => [self::written($matcher->least)],
            $matcher instanceof Length && $matcher->min > Long::LONGEST => [],
            $matcher instanceof Length => [$matcher->of === 'words' ? trim(str_repeat('word ', max(1, $matcher->min))) : str_repeat('x', max(1, $matcher->min))],
            $matcher instanceof OptionsMatcher => [count($matcher->ids) === 1 ? $matcher->ids[0] : $matcher->ids, $matcher->ids],
            $matcher instanceof Order => [$matcher->ids],
            $matcher instanceof Pairs => [$matcher->pairs],
            $matcher instanceof Anything => ['x'],
            $matcher instanceof Any => array_merge([], ...array_map(self::of(...), $matcher->parts)),
            $matcher instanceof All => self::together($matcher),
            default => [],
        };
    }

    /** An answer that this rule of the lock catches, or null when none was found. */
    public static function caughtBy(Lock $lock, ?int $index, string $language, Effort $effort = new Effort): mixed
    {
        $tried = $index === null ? [...self::WRONG, ...self::picks($lock)] : self::of($lock->rules[$index]->match);
        foreach ($tried as $sent) {
            $effort->spend(5 + count($lock->rules));
            $answer = $lock->accept($sent, $language);
            if ($answer instanceof Answer && $lock->ruleFor($answer) === $index) {
                return $sent;
            }
        }

        return null;
    }

    /** @return list<mixed> each single option */
    public static function picks(Lock $lock): array
    {
        return $lock->input instanceof Options ? Item::ids($lock->input->options) : [];
    }

    /** The number as it may be typed; one without an end, to twenty places. */
    private static function written(BigRational $number): string
    {
        return (string) $number->toScale(20, RoundingMode::HALF_UP)->stripTrailingZeros();
    }

    /** @return list<string> */
    private static function together(All $all): array
    {
        $words = array_map(static fn (Matcher $part): mixed => self::of($part)[0] ?? '', $all->parts);

        return [implode(' ', array_filter($words, is_string(...)))];
    }
}
