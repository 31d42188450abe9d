<?php

declare(strict_types=1);

namespace Fravel\Rows;

use Fravel\Support\Wording;

/** A row as it was given. */
final readonly class Row
{
    /**
     * @param  int  $number  as it was pasted, from 1
     * @param  list<Cell>  $cells  those with something in them
     */
    public function __construct(public int $number, public array $cells)
    {
    }

    /** What stands in a column; '' where nothing does. */
    public function in(string $column): string
    {
        return $this->all($column)[0] ?? '';
    }

    /** @return list<string> what stands in a column that may come several times */
    public function all(string $column): array
    {
        $cells = array_filter($this->cells, static fn (Cell $cell): bool => $cell->as === $column);

        return array_values(array_map(static fn (Cell $cell): string => $cell->text, $cells));
    }

    /** Left out whole. */
    public function leftOut(Wording $why): self
    {
        return new self($this->number, array_map(static fn (Cell $cell): Cell => $cell->leftOut($why), $this->cells));
    }

    /** What a column of it was taken to mean. */
    public function meaning(string $column, Wording $meaning): self
    {
        return new self($this->number, array_map(
            static fn (Cell $cell): Cell => $cell->as === $column ? $cell->meaning($meaning) : $cell, $this->cells,
        ));
    }

    /** Whether anything of it is taken. */
    public function isTaken(): bool
    {
        return array_filter($this->cells, static fn (Cell $cell): bool => $cell->isTaken()) !== [];
    }
}
