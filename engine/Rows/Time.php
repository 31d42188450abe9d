<?php

declare(strict_types=1);

namespace Fravel\Rows;

/** Times of a film as people write them: "1:40", "0:20–0:26", "12.5", "1:02:03". */
final class Time
{
    private const MOMENT = '(?:(\d{1,2}):)?(?:(\d{1,4}):)?(\d{1,5}(?:[.,]\d{1,3})?)';

    /** @return array{float, float|null}|null seconds, and when it ends where that is said; null for what is no time */
    public static function in(string $text): ?array
    {
        $parts = preg_split('/\s*[–—-]\s*/u', trim($text));
        $times = array_map(self::seconds(...), $parts === false ? [] : $parts);
        [$from, $to] = [$times[0] ?? null, $times[1] ?? null];

        if ($from === null || count($times) > 2 || (count($times) === 2 && $to === null)) {
            return null;
        }

        return $to === null || $to === $from ? [$from, null] : [min($from, $to), max($from, $to)];
    }

    public static function seconds(string $text): ?float
    {
        if (preg_match('/^'.self::MOMENT.'(?:\s*s)?$/D', trim($text), $part) !== 1) {
            return self::said(trim($text));
        }
        [$first, $second] = [$part[1], $part[2]];
        $minutes = $second === '' ? (float) $first : (float) $first * 60 + (float) $second;

        return $minutes * 60 + (float) strtr($part[3], [',' => '.']);
    }

    /** "1 min 5 s". */
    private static function said(string $text): ?float
    {
        $isTime = preg_match('/^(?:(\d{1,4})\s*m(?:in)?\.?)?\s*(?:(\d{1,5})\s*s(?:ec)?\.?)?$/D', $text, $part) === 1;

        return $isTime && $text !== '' ? 60.0 * (float) ($part[1] ?? 0) + (float) ($part[2] ?? 0) : null;
    }
}
