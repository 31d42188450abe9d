<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Rows\Cell;
use Fravel\Rows\Row;
use Fravel\Rows\Rows;
use Fravel\Support\Template;

/**
 * What became of pasted rows, cell by cell, in words.
 *
 * @phpstan-type Told array{row: int, text: string, taken: bool, out: bool, as: string}
 */
final class RowsTold
{
    /** Rows that are told one by one. */
    private const SHOWN = 200;

    /**
     * Rows that are taken, cells that are left out, whether the first row is one of headings, whether there were more
     * rows than are read, what parts the fields, and each cell.
     *
     * @return array{count: int, left: int, heading: bool, cut: bool, by: string, cells: list<Told>}
     */
    public static function of(Rows $rows): array
    {
        $cells = $rows->cells();
        $shown = array_filter($cells, static fn (Cell $cell): bool => $cell->row <= self::SHOWN || ! $cell->isTaken());

        return [
            'count' => count(array_filter($rows->rows, static fn (Row $row): bool => $row->isTaken())),
            'left' => count(array_filter($cells, self::isOut(...))),
            'heading' => $rows->heading !== null,
            'cut' => $rows->isCut,
            'by' => (string) trans('worksheet.separators')[$rows->separator],
            'cells' => array_values(array_map(static fn (Cell $cell): array => [
                'row' => $cell->row,
                'text' => $cell->text,
                'taken' => $cell->isTaken(),
                'out' => self::isOut($cell),
                'as' => self::words($cell),
            ], $shown)),
        ];
    }

    /** Left out: neither taken nor the name of a column. */
    private static function isOut(Cell $cell): bool
    {
        return ! $cell->isTaken() && $cell->said?->code !== 'rows.heading';
    }

    private static function words(Cell $cell): string
    {
        $column = $cell->as === '' ? '' : self::column($cell->as);
        if ($cell->said === null) {
            return $column;
        }
        $values = $cell->said->values;
        $named = is_string($values['column'] ?? null) ? ['column' => self::column($values['column'])] : [];
        $said = Template::filled((string) trans('rows')[substr($cell->said->code, 5)], $named + $values);

        return $column === '' || $said === '' ? $column.$said : "{$column}: {$said}";
    }

    private static function column(string $name): string
    {
        return (string) (trans('patterns.columns')[$name] ?? $name);
    }
}
