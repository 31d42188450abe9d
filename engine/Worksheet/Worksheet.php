<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Answer\Cleaning;
use Fravel\Answer\Number;

/** A list of questions and answers, read from a table, with all that had to be guessed. */
final readonly class Worksheet
{
    /**
     * @param  list<Row>  $rows
     * @param  int  $empty  rows with nothing in them
     * @param  bool  $isCut  whether there were more rows than are taken
     */
    private function __construct(
        public array $rows,
        public string $separator,
        public Columns $columns,
        public int $empty,
        public bool $isCut,
    ) {
    }

    /**
     * @param  string|null  $separator  one of Table::SEPARATORS; guessed when null
     */
    public static function read(string $bytes, string $language, ?string $separator = null): self
    {
        $table = Table::read($bytes, $separator);
        $columns = Columns::guess($table->rows[0] ?? []);
        [$rows, $empty, $asked] = [[], 0, []];
        foreach ($table->rows as $place => $cells) {
            if ($place === 0 && $columns->hasHeader) {
                continue;
            }
            if (implode('', $cells) === '') {
                $empty++;

                continue;
            }
            $question = $columns->cell($cells, $columns->question);
            $key = Cleaning::usual($language)->clean($question);
            $rows[] = self::row($place + 1, $cells, $columns, $language, $asked[$key] ?? null);
            $asked[$key] ??= $place + 1;
        }

        return new self($rows, $table->separator, $columns, $empty, $table->isCut);
    }

    /**
     * The rows of a corrected preview, which need no reading.
     *
     * @param  list<Row>  $rows
     */
    public static function ofRows(array $rows): self
    {
        return new self($rows, "\t", Columns::guess([]), 0, false);
    }

    /** @param  list<string>  $cells */
    private static function row(int $number, array $cells, Columns $columns, string $language, ?int $repeats): Row
    {
        $question = $columns->cell($cells, $columns->question);
        $feedback = $columns->cell($cells, $columns->feedback);
        $meant = Understanding::of($columns->cell($cells, $columns->answer), $question, $language);

        return new Row(
            $number,
            $question,
            $meant->answers,
            $meant->kind,
            $meant->isAbout,
            $feedback,
            $columns->cell($cells, $columns->room),
            $repeats === null && $question !== '',
            self::notes($meant, $feedback, $language),
            $repeats,
        );
    }

    /** @return list<string> */
    private static function notes(Understanding $meant, string $feedback, string $language): array
    {
        $hasUnit =
            $meant->kind === Kind::Number &&
            array_filter(
                $meant->answers,
                static fn (string $answer): bool => Number::read($answer, $language) === null,
            ) !== [];

        return array_keys(
            array_filter([
                'row.no-answer' => $meant->answers === [] && $meant->kind !== Kind::Sentence,
                'row.alternatives' => count($meant->answers) > 1,
                'row.unit' => $hasUnit,
                'row.about' => $meant->isAbout,
                'row.sentence' => $meant->kind === Kind::Sentence,
                'row.code' => $meant->kind === Kind::Digits,
                'row.no-feedback' => $feedback === '',
            ]),
        );
    }
}
