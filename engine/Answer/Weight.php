<?php

declare(strict_types=1);

namespace Fravel\Answer;

/**
 * How much work it is to judge one answer by the rules of a lock, in steps of about a tenth of a microsecond: reckoned from
 * what the rules say, before anybody answers, so that no lock makes a student wait.
 *
 * @internal
 */
final class Weight
{
    /** Steps at most: some twenty milliseconds. */
    public const MOST = 200_000;

    /** For cleaning a text, and for asking a matcher at all. */
    private const BASE = 60;

    /** For reading a number, and comparing it exactly. */
    private const NUMBER = 500;

    /** For one place in the table of slips. */
    private const SLIP = 3;

    /** What a pattern may take before it is no match. */
    private const PATTERN = 3000;

    /**
     * @param  mixed  $match  as the document has it
     * @param  int  $longest  characters of an answer
     */
    public static function of(mixed $match, int $longest): int
    {
        $weight = 0;
        foreach (is_array($match) ? $match : [] as $key => $value) {
            $weight += match (true) {
                $key === 'close' && is_string($value) => self::BASE + self::SLIP * mb_strlen($value) * (2 * (is_int($match['edits'] ?? null) ? $match['edits'] : 1) + 1),
                $key === 'pattern' => self::PATTERN,
                $key === 'like' && is_string($value) => self::BASE + strlen($value) + intdiv($longest, 10) * (1 + intdiv(substr_count($value, '?'), 5)),
                in_array($key, ['has', 'hasAll'], true) => self::texts($value, intdiv($longest, 20), $longest / 2000),
                $key === 'equals' => self::texts($value, 0, 0.2),
                in_array($key, ['number', 'between'], true) => self::NUMBER,
                $key === 'length' => self::BASE + intdiv($longest, 2),
                $key === 'form' => self::BASE + intdiv($longest, 10),
                is_array($value) => self::BASE + self::of($value, $longest),
                default => 1,
            };
        }

        return $weight;
    }

    /**
     * @param  int  $each  steps for one text
     * @param  float  $sign  and for each of its bytes
     */
    private static function texts(mixed $texts, int $each, float $sign): int
    {
        $texts = is_array($texts) ? array_filter($texts, is_string(...)) : (is_string($texts) ? [$texts] : []);

        return array_sum(array_map(static fn (string $text): int => self::BASE + $each + (int) ceil($sign * strlen($text)), $texts));
    }
}
