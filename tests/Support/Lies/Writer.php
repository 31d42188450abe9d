<?php

declare(strict_types=1);

namespace Tests\Support\Lies;

use Tests\Support\RandomGames;

/**
 * Writes what is meant as rows, in any way that the grammar allows. It shares nothing with the reader.
 *
 * @phpstan-import-type Asked from Intended
 */
final class Writer
{
    /** Separator → signs of a cell for which it must stand in quotes. */
    private const QUOTED = ["\t" => "\t\n", ';' => ";\n", ',' => ",\n", '|' => "|\n"];

    /**
     * @param  list<Asked>  $questions
     * @param  list<string>  $columns  in the order in which they stand where no heading says another
     * @return array{string, int} the text, and how many cells it has
     */
    public static function rows(array $questions, array $columns, RandomGames $dice, bool $mayHead = true): array
    {
        return self::table(array_map(static fn (array $asked): array => [
            'question' => $asked['ask'], 'answer' => self::answer($asked, $dice),
            'wrong' => $asked['wrong'], 'room' => $asked['room'],
        ], $questions), $columns, $dice, $mayHead);
    }

    /**
     * @param  array<array<array-key, string>>  $rows  cells by their columns
     * @param  list<array-key>  $columns
     * @param  list<string>  $separators
     * @return array{string, int} the text, and how many cells it has
     */
    public static function table(
        array $rows,
        array $columns,
        RandomGames $dice,
        bool $mayHead = true,
        array $separators = ["\t", "\t", ';', ','],
    ): array {
        $separator = $dice->pick($separators);
        $isHeaded = $mayHead && $dice->pick([true, false]);
        $order = $isHeaded ? self::shuffled($columns, $dice) : $columns;
        $lines = [];
        $count = 0;
        if ($isHeaded) {
            $lines[] = implode($separator, self::headings($order, $dice));
            $count += count($order);
        }
        foreach ($rows as $cells) {
            $row = array_map(static fn (int|string $column): string => $cells[$column] ?? '', $order);
            $count += count(array_filter($row, static fn (string $cell): bool => $cell !== ''));
            $lines[] = implode($separator, array_map(
                static fn (string $cell): string => self::cell($cell, $separator), $row,
            ));
            $dice->pick([true, false, false]) ? $lines[] = $dice->pick(['', str_repeat($separator, 2)]) : null;
        }

        return [implode($dice->pick(["\n", "\r\n"]), $lines), $count];
    }

    /**
     * Names of columns, as the page about rows has them; one that names two of the columns is none.
     *
     * @param  list<array-key>  $columns
     * @return list<string>
     */
    private static function headings(array $columns, RandomGames $dice): array
    {
        $names = self::names();
        $all = array_count_values(array_merge(...array_map(
            static fn (int|string $column): array => $names[$column], $columns,
        )));

        return array_map(static function (int|string $column) use ($names, $all, $dice): string {
            $own = array_filter($names[$column], static fn (string $name): bool => $all[$name] === 1);

            return $dice->pick(['ucfirst', 'strval', 'mb_strtoupper'])($dice->pick(array_values($own)));
        }, $columns);
    }

    /** @return array<array-key, list<string>> */
    private static function names(): array
    {
        static $names = [];
        if ($names === []) {
            $page = (string) file_get_contents(dirname(__DIR__, 3).'/docs/rows.md');
            preg_match('/\| column \| is called \|\n\|---\|---\|\n(.+?)\n\n/s', $page, $table);
            foreach (explode("\n", $table[1] ?? '') as $line) {
                [, $column, $called] = array_map(trim(...), explode('|', $line));
                $names[$column] = explode(', ', $called);
            }
        }

        return $names;
    }

    /** The text as a program saves it. */
    public static function saved(string $text, RandomGames $dice): string
    {
        return match ($dice->pick(['', '', 'marked', 'little', 'big', 'western'])) {
            'marked' => "\u{FEFF}{$text}",
            'little' => mb_convert_encoding("\u{FEFF}{$text}", 'UTF-16LE'),
            'big' => mb_convert_encoding("\u{FEFF}{$text}", 'UTF-16BE'),
            'western' => self::western($text),
            default => $text,
        };
    }

    /** In one byte a sign, where all its signs have one. */
    private static function western(string $text): string
    {
        $bytes = mb_convert_encoding($text, 'Windows-1252');

        return mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252') === $text ? $bytes : $text;
    }

    /** @param  Asked  $asked */
    public static function answer(array $asked, RandomGames $dice): string
    {
        $between = $dice->pick([' | ', '|']);
        $starred = static fn (string $one): string => "*{$one}";

        return match ($asked['kind']) {
            'length' => $dice->pick(['at least 40 words', '40 words or more', 'mindestens 40 Wörter', '40-80 words']),
            'sentence' => '*',
            'options' => implode($between, self::shuffled(
                [...array_map($starred, $asked['right']), ...$asked['others']], $dice,
            )),
            'gaps' => implode($between, $asked['others']),
            'number', 'code', 'signs' => $asked['right'][0],
            default => implode(self::betweenWords($asked['right'], $between, $dice), $asked['right']),
        };
    }

    /** @param  list<string>  $words */
    private static function betweenWords(array $words, string $usual, RandomGames $dice): string
    {
        $isOdd = static fn (string $one): bool => preg_match('~^\p{L}{4,}$~u', $one) !== 1;
        $isPlain = array_filter($words, $isOdd) === [];

        return $dice->pick([$usual, $usual, ' / ', $isPlain ? '/' : $usual]);
    }

    /** Quotes inside a cell need none around it, unless they stand at both its ends. */
    private static function cell(string $text, string $separator): string
    {
        $isQuoted = strpbrk($text, self::QUOTED[$separator]) !== false || preg_match('/^".*"$/Ds', $text) === 1;

        return $isQuoted ? '"'.str_replace('"', '""', $text).'"' : $text;
    }

    /**
     * @template T
     *
     * @param  list<T>  $list
     * @return list<T>
     */
    public static function shuffled(array $list, RandomGames $dice): array
    {
        $mixed = [];
        foreach ($list as $one) {
            array_splice($mixed, $dice->pick(range(0, count($mixed))), 0, [$one]);
        }

        return $mixed;
    }
}
