<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Cleaning;
use Fravel\Check\Effort;
use Fravel\Thing\Lock;

/** The answers a lock opens on, as far as its rules name them, in words that a student would read. */
final class Accepted
{
    /** Shorter words stand in too many texts to mean anything there. */
    private const SHORTEST = 3;

    /** The first accepted answer that the text says as whole words; null when it says none. */
    public static function saidIn(string $text, Lock $lock, string $language, Effort $effort = new Effort()): ?string
    {
        $cleaning = Cleaning::usual($language);
        $said = " {$cleaning->clean($text)} ";
        foreach (self::by($lock) as $answer) {
            $effort->spend(3 + intdiv(strlen($text), 1000));
            $clean = $cleaning->clean($answer);
            if (
                mb_strlen($clean) >= (ctype_digit($clean) ? self::SHORTEST - 1 : self::SHORTEST) &&
                str_contains($said, " {$clean} ")
            ) {
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
            if ($rule->opens()) {
                array_push($answers, ...$rule->match->names($lock->input));
            }
        }

        return $answers;
    }
}
