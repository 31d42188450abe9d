<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Rows\Row as Given;
use Fravel\Rows\Rows;
use Fravel\Worksheet\Questions;
use Fravel\Worksheet\Row;

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
    public function questions(Field $field): array
    {
        return Questions::of($this->given($field), $this->language)->buildable();
    }

    /**
     * Rows of a table, those left out that lack what the field needs: a cell for each of its columns, empty ones too,
     * and whatever comes in an open one.
     *
     * @return list<non-empty-list<string>>
     */
    public function table(Field $field): array
    {
        $columns = $field->isOpen ? array_slice($field->columns, 0, -1) : $field->columns;
        $last = $field->isOpen ? $field->columns[count($field->columns) - 1] : null;
        $given = $this->given($field)->needing($field->lacking);
        $rows = array_filter($given->rows, static fn (Given $row): bool => $row->isTaken());

        return array_values(array_map(static fn (Given $row): array => [
            ...array_map($row->in(...), $columns),
            ...$last === null ? [] : $given->opened($row, $last),
        ] ?: [''], $rows));
    }

    /** What became of each cell of a field of rows. */
    public function account(Field $field): Rows
    {
        return $field->kind === FieldKind::Questions
            ? Questions::of($this->given($field), $this->language)->rows
            : $this->given($field)->needing($field->lacking);
    }

    /** A first row that names columns is one, unless it was taken back. */
    private function given(Field $field): Rows
    {
        return Rows::read(
            $this->rows($field->name),
            $field->columns,
            $field->isOpen,
            $this->text("{$field->name}Heading") !== 'row',
        );
    }

    /** Whether there is what the field needs at least. */
    public function fills(Field $field): bool
    {
        return match (true) {
            ! $field->isNeeded => true,
            $field->kind === FieldKind::Questions => count($this->questions($field)) >= $field->least,
            $field->kind === FieldKind::Table => count($this->table($field)) >= $field->least,
            default => $this->text($field->name) !== '',
        };
    }
}
