<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;

/** @internal */
final class Phrase
{
    /** Characters of a phrase at most. */
    public const LONGEST = 500;

    /** Bytes of a phrase at most that becomes a pattern. */
    private const LONGEST_COMPILED = 4 * self::LONGEST;

    /** Whether the phrase stands in the answer as whole words, after cleaning. */
    public static function standsIn(string $phrase, Answer $answer): bool
    {
        [$words, $text] = [$answer->cleaning->clean($phrase), $answer->clean()];
        if ($words === '') {
            return false;
        }
        if (strlen($words) <= self::LONGEST_COMPILED) {
            return preg_match(
                '/(?<![\p{L}\p{N}\p{M}])'.preg_quote($words, '/').'(?![\p{L}\p{N}\p{M}])/u',
                $text,
            ) === 1;
        }
        // Only in documents from before phrases were bounded.
        for ($at = strpos($text, $words); $at !== false; $at = strpos($text, $words, $at + 1)) {
            if (self::isParted($text, $at, $at + strlen($words))) {
                return true;
            }
        }

        return false;
    }

    /** Whether no letter or digit goes on before the one place, or behind the other; in bytes. */
    private static function isParted(string $text, int $from, int $to): bool
    {
        // A character has four bytes at most.
        return preg_match('/[\p{L}\p{N}\p{M}]$/Du', self::whole(substr($text, max(0, $from - 4), min(4, $from)))) !==
            1 && preg_match('/^[\p{L}\p{N}\p{M}]/u', self::whole(substr($text, $to, 4))) !== 1;
    }

    /** Without the parts of characters at both ends. */
    private static function whole(string $bytes): string
    {
        return mb_check_encoding($bytes, 'UTF-8')
            ? $bytes
            : (string) preg_replace(
                '/^[\x80-\xBF]+|(?:[\xC2-\xDF]|[\xE0-\xEF][\x80-\xBF]?|[\xF0-\xF4][\x80-\xBF]{0,2})$/D',
                '',
                $bytes,
            );
    }

    /**
     * Whether one of the short phrases stands in the long one as whole words.
     *
     * @param  list<string>  $short
     */
    public static function isSaidIn(array $short, string $long): bool
    {
        $isSaid = static fn (string $phrase): bool => preg_match(
            '/(?<![\p{L}\p{N}])'.preg_quote(mb_strtolower($phrase), '/').'(?![\p{L}\p{N}])/u',
            mb_strtolower($long),
        ) === 1;

        return array_filter($short, $isSaid) !== [];
    }
}
