<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Cleaning;
use Fravel\Answer\Input\Item;
use Fravel\Answer\Input\Options;
use Fravel\Answer\Matcher\Any;
use Fravel\Answer\Matcher\Equals;
use Fravel\Answer\Matcher\Has;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Number;
use Fravel\Answer\Matcher\Options as OptionsMatcher;
use Fravel\Check\Effort;
use Fravel\State\Verdict;
use Fravel\Thing\Lock;

/** The answers a lock opens on, as far as its rules name them, in words that a student would read. */
final class Accepted
{
    /** Shorter words stand in too many texts to mean anything there. */
    private const SHORTEST = 3;

    /** The first accepted answer that the text says as whole words; null when it says none. */
    public static function saidIn(string $text, Lock $lock, string $language, Effort $effort = new Effort): ?string
    {
        $cleaning = Cleaning::usual($language);
        $said = " {$cleaning->clean($text)} ";
        foreach (self::by($lock) as $answer) {
            $effort->spend(3 + intdiv(strlen($text), 1000));
            $clean = $cleaning->clean($answer);
            if (mb_strlen($clean) >= (ctype_digit($clean) ? self::SHORTEST - 1 : self::SHORTEST) && str_contains($said, " {$clean} ")) {
                return $answer;
            }
        }

        return null;
    }

    /** @return list<string> */
    public static function by(Lock $lock): array
    {
        $answers = [];
        foreach ($lock->rules as $rule) {
            if ($rule->verdict === Verdict::Open) {
                array_push($answers, ...self::of($rule->match, $lock));
            }
        }

        return $answers;
    }

    /** @return list<string> */
    private static function of(Matcher $match, Lock $lock): array
    {
        return match (true) {
            $match instanceof Equals => $match->texts,
            $match instanceof Has => $match->phrases,
            $match instanceof Number => array_values(array_filter(Samples::of($match), is_string(...))),
            $match instanceof OptionsMatcher && $lock->input instanceof Options => array_values(array_map(
                static fn (Item $item): string => $item->md,
                array_filter($lock->input->options, static fn (Item $item): bool => in_array($item->id, $match->ids, true)),
            )),
            $match instanceof Any => array_merge([], ...array_map(static fn (Matcher $part): array => self::of($part, $lock), $match->parts)),
            default => [],
        };
    }
}
