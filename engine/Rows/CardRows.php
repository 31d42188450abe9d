<?php

declare(strict_types=1);

namespace Fravel\Rows;

/** Rows that are pasted into a card of the workshop, by what the card holds. */
final class CardRows
{
    /**
     * Boxes of a find-it board with their prompts, pairs, and the lines of a list. The last of them must be there: a
     * box or a partner may stand alone among the others.
     */
    public const COLUMNS = ['boxes' => ['prompt', 'box'], 'pairs' => ['left', 'right'], 'items' => ['item']];

    /**
     * @param  key-of<self::COLUMNS>  $of
     * @param  bool  $mayHead  whether a first row that names columns is a heading
     */
    public static function read(string $of, string $text, bool $mayHead = true): Rows
    {
        // A line of a list is one cell, whatever signs are in it.
        $rows = Rows::read($text, self::COLUMNS[$of], mayHead: $mayHead, separator: $of === 'items' ? "\t" : null);

        return $rows->needing(array_slice(self::COLUMNS[$of], -1));
    }

    /** @return list<array<string, string>> what stands in each column, of every row that is taken */
    public static function taken(string $of, Rows $rows): array
    {
        $columns = self::COLUMNS[$of];
        $taken = array_filter($rows->rows, static fn (Row $row): bool => $row->isTaken());

        return array_values(array_map(
            static fn (Row $row): array => array_combine($columns, array_map($row->in(...), $columns)), $taken,
        ));
    }
}
