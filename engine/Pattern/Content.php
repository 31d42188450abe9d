<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;
use Fravel\Worksheet\Table;
use Fravel\Worksheet\Worksheet;

/** What a teacher gave a pattern to build from. */
final readonly class Content
{
    /** @param  array<array-key, mixed>  $given  by the names of fields */
    public function __construct(private array $given, public string $language)
    {
    }

    public function text(string $name): string
    {
        $text = $this->given[$name] ?? null;

        return is_string($text) || is_int($text) ? trim((string) $text) : '';
    }

    /** Rows as they were given: a tab at their beginning is an empty cell. */
    private function rows(string $name): string
    {
        $text = $this->given[$name] ?? null;

        return is_string($text) && trim($text) !== '' ? trim($text, "\r\n") : '';
    }

    /**
     * One of some words; the first where something else was given.
     *
     * @param  non-empty-list<string>  $words
     */
    public function oneOf(string $name, array $words): string
    {
        return in_array($this->text($name), $words, true) ? $this->text($name) : $words[0];
    }

    public function pictures(string $name): NamedPictures
    {
        return NamedPictures::read($this->text($name));
    }

    /** @return array{asset: string, palette: list<string>, cells: string} a picture in cells; empty where it is none */
    public function cells(string $name): array
    {
        [$asset, $palette, $cells] = array_pad(explode("\t", $this->rows($name)), 3, '');

        return [
            'asset' => trim($asset),
            'palette' => preg_split('/\s+/', trim($palette), -1, PREG_SPLIT_NO_EMPTY) ?: [],
            'cells' => trim($cells),
        ];
    }

    public function number(string $name, int $usual, int $least, int $most): int
    {
        $text = $this->text($name);

        return ctype_digit($text) ? max($least, min($most, (int) $text)) : $usual;
    }

    /** @return list<Row> those that something can be built from */
    public function questions(string $name): array
    {
        $rows = $this->rows($name);

        return $rows === ''
            ? []
            : array_values(
                array_filter(
                    Worksheet::read($rows, $this->language)->rows,
                    static fn (Row $row): bool => $row->isBuildable(),
                ),
            );
    }

    /**
     * Rows of at least so many cells, empty ones filled up; those without a first cell are left out, and so is a first
     * row that names the columns.
     *
     * @param  list<string>  $headings  what a first row says that only names the columns, in small letters
     * @return list<non-empty-list<string>>
     */
    public function table(string $name, int $columns, array $headings = []): array
    {
        $rows = $this->rows($name) === '' ? [] : Table::read($this->rows($name))->rows;
        $full = array_map(static fn (array $cells): array => array_pad($cells, max(1, $columns), ''), $rows);
        $isHeading = static fn (array $cells, int $place): bool => $place === 0 &&
            in_array(mb_strtolower($cells[0]), $headings, true);

        return array_values(
            array_filter(
                $full,
                static fn (array $cells, int $place): bool => $cells[0] !== '' && ! $isHeading($cells, $place),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /** Whether there is what the field needs at least. */
    public function fills(Field $field): bool
    {
        return match (true) {
            ! $field->isNeeded => true,
            $field->kind === FieldKind::Questions => count($this->questions($field->name)) >= $field->least,
            $field->kind === FieldKind::Table => count($this->table($field->name, 1, $field->columns)) >= $field->least,
            default => $this->text($field->name) !== '',
        };
    }
}
