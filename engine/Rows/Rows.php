<?php

declare(strict_types=1);

namespace Fravel\Rows;

use Fravel\Support\Wording;

/**
 * Rows that somebody pasted, read once for all who ask for rows: what parts their fields, whether the first names the
 * columns, and which column each cell is in. No cell is lost: those that have no column say so.
 */
final readonly class Rows
{
    /** A question and what follows it, where nothing parts them. */
    private const ASKED = '/^(.*[?؟？])\s*[,;:–—-]?\s*(\S.*)$/Dsu';

    /**
     * @param  list<Row>  $rows  in their order, without empty ones
     * @param  Row|null  $heading  the first row where it names the columns
     * @param  int  $empty  rows with nothing in them
     * @param  bool  $isCut  whether there were more rows than are read
     * @param  int  $open  place of the first cell of an open column
     */
    private function __construct(
        public array $rows,
        public ?Row $heading,
        public string $separator,
        public int $empty,
        public bool $isCut,
        private int $open,
    ) {
    }

    /**
     * @param  list<string>  $columns  in the order in which they stand where no heading says another
     * @param  bool  $isOpen  whether the last column may come as often as anybody wants
     * @param  bool  $mayHead  whether a first row that names columns is a heading
     * @param  string|null  $separator  one of Table::SEPARATORS; guessed when null
     */
    public static function read(
        string $bytes,
        array $columns,
        bool $isOpen = false,
        bool $mayHead = true,
        ?string $separator = null,
    ): self {
        $table = Table::read($bytes, $separator);
        $named = $mayHead ? Headings::in($table->rows[0] ?? [], $columns) : null;
        $open = self::open($columns, $named);
        [$rows, $empty] = [[], 0];
        foreach ($table->rows as $place => $cells) {
            if ($place === 0 && $named !== null) {
                continue;
            }
            $cells = self::parted($cells, $columns);
            $row = self::row($place + 1, $cells, $columns, $named, $isOpen ? $open : PHP_INT_MAX);
            $row->cells === [] ? $empty++ : $rows[] = $row;
        }
        $heading = $named === null ? null : self::heading($table->rows[0], $named);

        return new self($rows, $heading, $table->separator, $empty, $table->isCut, $open);
    }

    /** @return list<Cell> of all rows that were read, the heading too */
    public function cells(): array
    {
        return array_merge($this->heading->cells ?? [], ...array_map(
            static fn (Row $row): array => $row->cells, $this->rows,
        ));
    }

    /** @param  callable(Row): Row  $change */
    public function map(callable $change): self
    {
        return new self(
            array_map($change, $this->rows), $this->heading, $this->separator, $this->empty, $this->isCut, $this->open,
        );
    }

    /**
     * Those of which something is left in each of these columns; the others are left out with that reason.
     *
     * @param  list<string>  $needed
     */
    public function needing(array $needed): self
    {
        return $this->map(static function (Row $row) use ($needed): Row {
            foreach ($needed as $column) {
                if ($row->in($column) === '') {
                    return $row->leftOut(new Wording('rows.lacks', ['column' => $column]));
                }
            }

            return $row;
        });
    }

    /**
     * What stands in the open column of a row, in its places, empty ones between too.
     *
     * @return list<string>
     */
    public function opened(Row $row, string $column): array
    {
        $cells = [];
        foreach ($row->cells as $cell) {
            if ($cell->as === $column) {
                $cells[$this->placeInOpen($cell)] = $cell->text;
            }
        }

        return $cells === [] ? [] : array_values(array_replace(array_fill(0, max(array_keys($cells)) + 1, ''), $cells));
    }

    /** From 0. */
    public function placeInOpen(Cell $cell): int
    {
        return max(0, $cell->place - $this->open);
    }

    /**
     * @param  list<string>  $columns
     * @param  array<int, string>|null  $named
     */
    private static function open(array $columns, ?array $named): int
    {
        if ($named === null) {
            return count($columns) - 1;
        }
        $place = array_search($columns[count($columns) - 1] ?? '', $named, true);

        return is_int($place) ? $place : max([0, ...array_keys($named)]) + 1;
    }

    /**
     * A row of one cell in which a question is followed by something is that question and its answer.
     *
     * @param  list<string>  $cells
     * @param  list<string>  $columns
     * @return list<string>
     */
    private static function parted(array $cells, array $columns): array
    {
        $filled = array_values(array_filter($cells, static fn (string $cell): bool => $cell !== ''));
        $isAsked = count($filled) === 1
            && ($columns[0] ?? '') === 'question'
            && preg_match(self::ASKED, $filled[0], $part) === 1;

        return $isAsked ? [trim($part[1]), trim($part[2])] : $cells;
    }

    /**
     * @param  list<string>  $cells
     * @param  list<string>  $columns
     * @param  array<int, string>|null  $named
     * @param  int  $open  place from which on cells are in the last column
     */
    private static function row(int $number, array $cells, array $columns, ?array $named, int $open): Row
    {
        $read = [];
        foreach ($cells as $place => $text) {
            if ($text === '') {
                continue;
            }
            $column = $named === null ? $columns[$place] ?? '' : $named[$place] ?? '';
            $column = $column === '' && $place >= $open ? $columns[count($columns) - 1] ?? '' : $column;
            $read[] = $column === ''
                ? Cell::left($number, $place, $text, new Wording($named === null ? 'rows.beyond' : 'rows.unnamed'))
                : Cell::taken($number, $place, $text, $column);
        }

        return new Row($number, $read);
    }

    /**
     * @param  list<string>  $cells
     * @param  array<int, string>  $named
     */
    private static function heading(array $cells, array $named): Row
    {
        $read = [];
        foreach ($cells as $place => $text) {
            if ($text !== '') {
                $read[] = Cell::left(1, $place, $text, new Wording(
                    isset($named[$place]) ? 'rows.heading' : 'rows.heading-unknown',
                ));
            }
        }

        return new Row(1, $read);
    }
}
