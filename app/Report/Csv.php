<?php

declare(strict_types=1);

namespace App\Report;

/** A table as spreadsheet programs open it cleanly: with a byte-order mark, and with no cell that acts as a formula. */
final class Csv
{
    /**
     * Row by row, so that a long table needs no more room than a short one.
     *
     * @param  iterable<list<string|int|float|null>>  $rows
     * @param  resource  $stream
     */
    public static function write(iterable $rows, $stream): void
    {
        fwrite($stream, "\xEF\xBB\xBF");
        foreach ($rows as $row) {
            fputcsv($stream, array_map(self::harmless(...), $row), ',', '"', '', "\r\n");
        }
    }

    /** A text that a spreadsheet program would run is led in by an apostrophe, which such programs don't show. */
    private static function harmless(string|int|float|null $cell): string|int|float|null
    {
        return is_string($cell) && preg_match('/^[\s]*[=+\-@\t\r|＝＋－＠]/u', $cell) === 1 ? "'".$cell : $cell;
    }
}
