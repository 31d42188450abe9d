<?php

declare(strict_types=1);

namespace Fravel\State;

/**
 * Names for what a state of play holds one by one: "token:lens" is held or not, "tally:points" is a number. A condition
 * says which of them it looks at, an effect which it may change, a thing which are its own.
 */
final class Fact
{
    public static function token(string $token): string
    {
        return "token:{$token}";
    }

    public static function open(string $lock): string
    {
        return "open:{$lock}";
    }

    /** By which rule an open lock was opened; a number. */
    public static function pass(string $lock): string
    {
        return "pass:{$lock}";
    }

    /** Wrong and almost tries; a number. */
    public static function tries(string $lock): string
    {
        return "tries:{$lock}";
    }

    /** Hints given; a number. */
    public static function hinted(string $lock): string
    {
        return "hinted:{$lock}";
    }

    public static function lifted(string $cover): string
    {
        return "lifted:{$cover}";
    }

    /** A box, or a whole board. */
    public static function found(string $box): string
    {
        return "found:{$box}";
    }

    public static function visited(string $scene): string
    {
        return "visited:{$scene}";
    }

    /** Where a scene was last entered from; a number. */
    public static function from(string $scene): string
    {
        return "from:{$scene}";
    }

    public static function cued(string $cue): string
    {
        return "cued:{$cue}";
    }

    /** A number. */
    public static function tally(string $tally): string
    {
        return "tally:{$tally}";
    }

    public static function decided(string $tally): string
    {
        return "decided:{$tally}";
    }

    public static function ruledOut(string $tally): string
    {
        return "ruledOut:{$tally}";
    }

    public static function kindOf(string $fact): string
    {
        return substr($fact, 0, (int) strpos($fact, ':'));
    }

    public static function idIn(string $fact): string
    {
        return substr($fact, (int) strpos($fact, ':') + 1);
    }
}
