<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Rows\Rows;

/** A list of questions and answers, read from a table, with all that had to be guessed. */
final readonly class Worksheet
{
    public const COLUMNS = ['question', 'answer', 'wrong', 'room'];

    /**
     * @param  list<Row>  $rows
     * @param  bool  $hasHeading  whether the first row names the columns
     * @param  int  $empty  rows with nothing in them
     * @param  bool  $isCut  whether there were more rows than are taken
     */
    private function __construct(
        public array $rows,
        public string $separator,
        public bool $hasHeading,
        public int $empty,
        public bool $isCut,
    ) {
    }

    /**
     * @param  string|null  $separator  one of Table::SEPARATORS; guessed when null
     * @param  bool  $mayHead  whether a first row that names columns is a heading
     */
    public static function read(
        string $bytes, string $language, ?string $separator = null, bool $mayHead = true,
    ): self {
        $rows = Rows::read($bytes, self::COLUMNS, mayHead: $mayHead, separator: $separator);

        return new self(
            Questions::of($rows, $language)->all, $rows->separator, $rows->heading !== null, $rows->empty, $rows->isCut,
        );
    }

    /**
     * The rows of a corrected preview, which need no reading.
     *
     * @param  list<Row>  $rows
     */
    public static function ofRows(array $rows): self
    {
        return new self($rows, "\t", false, 0, false);
    }
}
