<?php

declare(strict_types=1);

namespace Fravel\Rows;

/**
 * Rows of cells, read from what a spreadsheet program saves or puts on the clipboard.
 *
 * Fields, quotes and line ends are those of RFC 4180, with tab, semicolon, comma or bar between the fields; which one
 * is the one that parts the rows most evenly.
 */
final readonly class Table
{
    public const SEPARATORS = ["\t", ';', ',', '|'];

    /** Rows past this many are left out, and the reading says so. */
    public const MOST_ROWS = 2000;

    /** What it counts for that no blanks stand behind a separator. */
    private const TIGHT = 0.01;

    /** How much of the text the separator is guessed from, in bytes. */
    private const SAMPLE = 20000;

    /** @param  list<list<string>>  $rows */
    private function __construct(public array $rows, public string $separator, public bool $isCut)
    {
    }

    public static function read(string $bytes, ?string $separator = null): self
    {
        $text = self::decoded($bytes);
        $separator = in_array($separator, self::SEPARATORS, true) ? $separator : self::guess($text);
        $rows = self::split($text, $separator, self::MOST_ROWS + 1);

        return new self(array_slice($rows, 0, self::MOST_ROWS), $separator, count($rows) > self::MOST_ROWS);
    }

    /** UTF-8 and UTF-16 by their marks, UTF-8 where it is, else the single-byte encoding of Western Windows. */
    private static function decoded(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            ! mb_check_encoding($bytes, 'UTF-8') => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
            default => $bytes,
        };

        return str_replace(["\r\n", "\r", "\0"], ["\n", "\n", ''], mb_scrub((string) $text, 'UTF-8'));
    }

    private static function guess(string $text): string
    {
        $sample = substr($text, 0, self::SAMPLE);
        $best = ["\t", 0.0];
        foreach (self::SEPARATORS as $separator) {
            if ($separator === ',' && ! self::partsByCommas($sample)) {
                continue;
            }
            // Of two that part the rows alike the one is prose that has blanks behind it.
            $tight = self::isTight($sample, $separator) ? self::TIGHT : 0;
            $widths = array_map(count(...), self::split($sample, $separator, 50));
            $wide = array_filter($widths, static fn (int $width): bool => $width > 1);
            $common = $wide === [] ? 0 : max(array_count_values($wide));
            $score = $widths === [] || $common === 0 ? 0.0 : $common / count($widths) + $tight;
            if ($score > $best[1]) {
                $best = [$separator, $score];
            }
        }

        return $best[0];
    }

    private static function isTight(string $text, string $separator): bool
    {
        $bare = self::unquoted($text, $separator);
        $sign = preg_quote($separator, '/');

        return preg_match_all("/{$sign}(?! )/u", $bare) > preg_match_all("/{$sign} /u", $bare);
    }

    /** Whether commas part fields rather than clauses or figures: most rows have one with no blank behind it. */
    private static function partsByCommas(string $text): bool
    {
        $bare = self::unquoted($text, ',');
        $rows = array_filter(array_map(trim(...), array_slice(explode("\n", $bare), 0, 50)));
        $parted = array_filter(
            $rows, static fn (string $row): bool => preg_match('/,(?![\s\d])|(?<!\d),(?!\s)/', $row) === 1,
        );

        return count($parted) * 2 > count($rows);
    }

    /** Quotes that begin a cell but are none around it are part of its words: `"Stop!" cried whom?`. */
    private static function quoted(string $text, string $separator): string
    {
        [$begins, $around, $end] = self::quotes($separator);

        return (string) preg_replace_callback(
            "~{$begins}{$around}(*SKIP)(*FAIL)|{$begins}\"[^{$end}]*~D",
            static fn (array $cell): string => '"'.str_replace('"', '""', $cell[0]).'"',
            $text,
        );
    }

    /** The text with a letter for each cell that has quotes around it. */
    private static function unquoted(string $text, string $separator): string
    {
        [$begins, $around] = self::quotes($separator);

        return (string) preg_replace("~{$begins}{$around}~D", 'x', $text);
    }

    /** @return array{string, string, string} where a cell begins, quotes around a cell, and what ends it */
    private static function quotes(string $separator): array
    {
        $end = preg_quote($separator, '~').'\n';

        return ["(?:^|(?<=[{$end}])) *\K", "\"(?:[^\"]++|\"\")*+\"(?= *(?:[{$end}]|$))", $end];
    }

    /** @return list<list<string>> */
    private static function split(string $text, string $separator, int $most): array
    {
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, self::quoted($text, $separator));
        rewind($stream);
        $rows = [];
        while (count($rows) < $most && ($cells = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $rows[] = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
        }
        fclose($stream);

        return $rows;
    }
}
