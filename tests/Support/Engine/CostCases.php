<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Tests\Support\Games;

/** What CostTest is about: games, and ways to ask. */
final class CostCases
{
    /** The optimal string alignment by its whole table: slow, and plainly right. */
    public static function alignment(string $left, string $right): int
    {
        [$a, $b] = [mb_str_split($left), mb_str_split($right)];
        $table = [range(0, count($b))];
        foreach ($a as $i => $one) {
            $table[$i + 1] = [$i + 1];
            foreach ($b as $j => $other) {
                $table[$i + 1][$j + 1] = min(
                    $table[$i][$j + 1] + 1, $table[$i + 1][$j] + 1, $table[$i][$j] + ($one === $other ? 0 : 1),
                );
                if ($i > 0 && $j > 0 && $one === $b[$j - 1] && $a[$i - 1] === $other) {
                    $table[$i + 1][$j + 1] = min($table[$i + 1][$j + 1], $table[$i - 1][$j - 1] + 1);
                }
            }
        }

        return $table[count($a)][count($b)];
    }

    /** The same by going through all ways to spread the stars. */
    public static function isLike(string $text, string $like): bool
    {
        if ($like === '') {
            return $text === '';
        }
        [$first, $rest] = [mb_substr($like, 0, 1), mb_substr($like, 1)];
        if ($first === '*') {
            foreach (range(0, mb_strlen($text)) as $taken) {
                if (self::isLike(mb_substr($text, $taken), $rest)) {
                    return true;
                }
            }

            return false;
        }

        return $text !== '' && (
            $first === '?' || $first === mb_substr($text, 0, 1)
        ) && self::isLike(mb_substr($text, 1), $rest);
    }
}
