<?php

declare(strict_types=1);

namespace App\Clips;

/**
 * What a WebVTT file says (W3C, "WebVTT: The Web Video Text Tracks Format"), as lines of a clip: those are sent as they
 * are reached, where a file would tell all that is still to come.
 */
final class Captions
{
    private const TIME = '(?:(\d{2,}):)?(\d{2}):(\d{2}\.\d{3})';

    private const MOST = 3000;

    /** @return list<array{at: float, until: float, text: string}> none where it is no such file */
    public static function of(string $bytes): array
    {
        $text = str_replace(["\r\n", "\r"], "\n", preg_replace('/^\xEF\xBB\xBF/', '', $bytes) ?? '');
        if (! str_starts_with($text, 'WEBVTT') || ! mb_check_encoding($text, 'UTF-8')) {
            return [];
        }
        $lines = array_filter(array_map(self::line(...), preg_split('/\n{2,}/', $text) ?: []));

        return array_slice(array_values($lines), 0, self::MOST);
    }

    /** @return array{at: float, until: float, text: string}|null null for a block that is no cue, or says nothing */
    private static function line(string $block): ?array
    {
        if (preg_match('/^'.self::TIME.'[ \t]+-->[ \t]+'.self::TIME.'[^\n]*\n(.+)$/ms', $block, $part) !== 1) {
            return null;
        }
        $text = html_entity_decode((string) preg_replace('/<[^>]*>/', '', $part[7]), ENT_QUOTES | ENT_HTML5);
        $text = mb_substr(trim((string) preg_replace('/\s+/u', ' ', $text)), 0, 500);

        return $text === '' ? null : [
            'at' => self::seconds($part[1], $part[2], $part[3]), 'until' => self::seconds($part[4], $part[5], $part[6]),
            'text' => $text,
        ];
    }

    private static function seconds(string $hours, string $minutes, string $seconds): float
    {
        return (int) $hours * 3600 + (int) $minutes * 60 + (float) $seconds;
    }
}
