<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\Rows\Row;
use Fravel\Rows\Rows;

/**
 * A class list as it is typed or pasted: a name a line, a table with names and first names, or names in one line. What
 * of it is not taken as it stands is told.
 */
final readonly class ClassList
{
    /** Names of one class at most. */
    private const MOST = 400;

    /** Commas and semicolons of other scripts. */
    private const COMMAS = ['،' => ',', '、' => ',', '，' => ',', '؛' => ';', '；' => ';'];

    /** A number before each line of a list. */
    private const NUMBERED = '/^\d{1,3}(?:[.):]\s*|\s+)(?=\p{L})/u';

    /**
     * @param  list<string>  $names  each once
     * @param  list<array{string, string, string}>  $told  what was given, what became of it (`twice`, `changed`,
     *     `beyond`, `many`), and the name it came to, if any
     */
    private function __construct(public array $names, public array $told)
    {
    }

    public static function read(string $typed): self
    {
        $typed = strtr($typed, self::COMMAS);
        $told = [];
        $given = preg_match('/[\r\n]/', trim($typed)) === 1
            ? self::ofLines(trim($typed), $told)
            : (preg_split('/[;,|\t]+/', $typed) ?: []);

        return self::of($given, $told);
    }

    /** Groups of a class: no first and last names. */
    public static function ofGroups(string $typed): self
    {
        return self::of(preg_split('/[\r\n;,|\t]+/', strtr($typed, self::COMMAS)) ?: [], []);
    }

    /** @return list<string>|null null where there are none */
    public function orNull(): ?array
    {
        return $this->names === [] ? null : $this->names;
    }

    /**
     * @param  list<string>  $given
     * @param  list<array{string, string, string}>  $told
     */
    private static function of(array $given, array $told): self
    {
        $names = [];
        foreach ($given as $one) {
            $name = PlayerName::of($one);
            $key = PlayerName::key($name);
            $fate = match (true) {
                $name === '' => trim($one) === '' ? null : 'beyond',
                isset($names[$key]) => 'twice',
                count($names) >= self::MOST => 'many',
                default => self::plain($one) === $name ? null : 'changed',
            };
            $fate === null || $told[] = [trim($one), $fate, $fate === 'changed' ? $name : ''];
            $name === '' || in_array($fate, ['twice', 'many'], true) || $names[$key] = $name;
        }

        return new self(array_values($names), $told);
    }

    /**
     * @param  list<array{string, string, string}>  $told
     * @return list<string>
     */
    private static function ofLines(string $typed, array &$told): array
    {
        $rows = Rows::read($typed, ['name', 'first name']);
        $cells = array_map(
            static fn (Row $row): array => array_column($row->cells, 'text'), $rows->rows,
        );
        if ($rows->heading === null && self::areNumbered($cells)) {
            return self::ofLines(implode("\n", array_map(
                static fn (array $row): string => implode("\t", array_slice($row, 1)), $cells,
            )), $told);
        }
        $isTable = in_array($rows->separator, ["\t", ';'], true) || $rows->heading !== null;
        if (! $isTable && array_filter($cells, static fn (array $row): bool => count($row) !== 2) !== []) {
            return array_merge([], ...$cells);
        }
        foreach ($rows->rows as $row) {
            foreach ($row->cells as $cell) {
                $cell->isTaken() || $told[] = [$cell->text, 'beyond', ''];
            }
        }
        $names = array_map(
            static fn (Row $row): string => trim("{$row->in('first name')} {$row->in('name')}"), $rows->rows,
        );

        return self::unnumbered(self::turned($names));
    }

    /**
     * Whether a table counts its rows in its first column.
     *
     * @param  list<list<string>>  $cells
     */
    private static function areNumbered(array $cells): bool
    {
        $counted = array_filter(
            $cells, static fn (array $row): bool => count($row) > 1 && preg_match('/^\d{1,3}\.?$/D', $row[0]) === 1,
        );

        return $cells !== [] && count($counted) === count($cells);
    }

    /**
     * “Last, first” where all lines are so; lines with other commas are lists of names.
     *
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function turned(array $lines): array
    {
        $commas = array_unique(array_map(static fn (string $line): int => substr_count($line, ','), $lines));
        $isTurned = $commas === [1];

        return array_merge([], ...array_map(static function (string $line) use ($isTurned): array {
            $parts = array_map(trim(...), explode(',', $line));

            return $isTurned ? [trim("{$parts[1]} {$parts[0]}")] : $parts;
        }, $lines));
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function unnumbered(array $names): array
    {
        $counted = array_filter($names, static fn (string $name): bool => preg_match(self::NUMBERED, $name) === 1);

        return $names !== [] && count($counted) === count($names)
            ? array_map(static fn (string $name): string => (string) preg_replace(self::NUMBERED, '', $name), $names)
            : $names;
    }

    private static function plain(string $given): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $given));
    }
}
