<?php

declare(strict_types=1);

namespace App\View;

/** A table as spreadsheet programs open it cleanly: with a byte-order mark, and with no cell that acts as a formula. */
final class Csv
{
    /** @param  list<list<string|int|float|null>>  $rows */
    public static function of(array $rows): string
    {
        $stream = fopen('php://memory', 'r+b');
        assert($stream !== false);
        foreach ($rows as $row) {
            fputcsv($stream, array_map(self::harmless(...), $row), ',', '"', '', "\r\n");
        }
        rewind($stream);

        return "\xEF\xBB\xBF".stream_get_contents($stream);
    }

    /** A text that a spreadsheet program would run is led in by an apostrophe, which such programs don't show. */
    private static function harmless(string|int|float|null $cell): string|int|float|null
    {
        return is_string($cell) && preg_match('/^[\s]*[=+\-@\t\r|＝＋－＠]/u', $cell) === 1 ? "'".$cell : $cell;
    }
}
