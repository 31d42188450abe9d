<?php

declare(strict_types=1);

namespace Fravel\Answer;

/**
 * How much work it is to judge one answer by the rules of a lock, in steps of about a tenth of a microsecond: reckoned
 * from what the rules say, before anybody answers, so that no lock makes a student wait.
 */
final class Weight
{
    /** Steps at most: some twenty milliseconds. */
    public const MOST = 200_000;

    /** For cleaning a text, and for asking a matcher at all. */
    public const BASE = 60;

    /** For reading a number, and comparing it exactly. */
    public const NUMBER = 500;

    /** For one place in the table of slips. */
    public const SLIP = 3;

    /** For working out two terms and comparing them, at most. */
    public const TERM = 30_000;

    /** What a pattern may take before it is no match. */
    public const PATTERN = 3000;

    /**
     * @param  list<string>  $texts
     * @param  int  $each  steps for one text
     * @param  float  $sign  and for each of its bytes
     */
    public static function ofTexts(array $texts, int $each, float $sign): int
    {
        return array_sum(
            array_map(static fn (string $text): int => self::BASE + $each + (int) ceil($sign * strlen($text)), $texts),
        );
    }
}
