<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Answer\Cleaning;
use Fravel\Answer\Number;
use Fravel\Rows\Cell;
use Fravel\Rows\Row as Given;
use Fravel\Rows\Rows;
use Fravel\Support\Wording;

/** Rows of questions with their answers, and what each cell was taken to mean. */
final readonly class Questions
{
    /** The column of a question's feedback, and of its room, by the names they have. */
    private const FEEDBACK = ['wrong', 'revise'];

    private const ROOM = ['room', 'topic'];

    /**
     * @param  list<Row>  $all  a row of each, those that nothing can be built from too
     * @param  Rows  $rows  with each cell told
     */
    private function __construct(public array $all, public Rows $rows)
    {
    }

    public static function of(Rows $rows, string $language): self
    {
        [$all, $told, $asked] = [[], [], []];
        foreach ($rows->rows as $given) {
            $key = Cleaning::usual($language)->clean($given->in('question'));
            $row = self::row($given, $language, null);
            $earlier = self::repeated($row, $asked[$key] ?? [], $language);
            $row = $earlier === null ? $row : self::row($given, $language, $earlier);
            $asked[$key][] = $row;
            $all[] = $row;
            $told[] = self::told($given, $row);
        }
        $next = 0;

        return new self($all, $rows->map(static function () use ($told, &$next): Given {
            return $told[$next++];
        }));
    }

    /** @return list<Row> those that something can be built from */
    public function buildable(): array
    {
        return array_values(array_filter($this->all, static fn (Row $row): bool => $row->isBuildable()));
    }

    /**
     * The number of an earlier row that asks the same and is answered by some of the same; another answer makes it
     * another question.
     *
     * @param  list<Row>  $earlier  rows with the same question
     */
    private static function repeated(Row $row, array $earlier, string $language): ?int
    {
        $plain = static fn (Row $one): array => array_map(Cleaning::usual($language)->clean(...), $one->answers);
        foreach ($row->question === '' ? [] : $earlier as $one) {
            if ($row->answers === [] || array_intersect($plain($row), $plain($one)) !== []) {
                return $one->number;
            }
        }

        return null;
    }

    private static function row(Given $given, string $language, ?int $repeats): Row
    {
        $question = $given->in('question');
        $feedback = self::first($given, self::FEEDBACK);
        $meant = Understanding::of($given->in('answer'), $question, $language);

        return new Row(
            $given->number,
            $question,
            $meant->answers,
            $meant->kind,
            $meant->isAbout,
            $feedback,
            self::first($given, self::ROOM),
            $repeats === null && $question !== '',
            self::notes($meant, $feedback, $language),
            $repeats,
            array_values(array_map(static fn (Cell $cell): string => $cell->text, array_filter(
                $given->cells, static fn (Cell $cell): bool => ! $cell->isTaken(),
            ))),
        );
    }

    /** @param  list<string>  $columns */
    private static function first(Given $given, array $columns): string
    {
        foreach ($columns as $column) {
            if ($given->in($column) !== '') {
                return $given->in($column);
            }
        }

        return '';
    }

    /** The row as it was given, with what its answer was taken for, or why it is left out. */
    private static function told(Given $given, Row $row): Given
    {
        return match (true) {
            $row->question === '' => $given->leftOut(new Wording('rows.lacks', ['column' => 'question'])),
            $row->repeats !== null => $given->leftOut(new Wording('rows.repeats', ['number' => $row->repeats])),
            ! $row->isBuildable() => $given->leftOut(new Wording('rows.lacks', ['column' => 'answer'])),
            default => $given->meaning('answer', new Wording("rows.{$row->kind->value}", [
                'answers' => implode(' · ', $row->answers), 'count' => count($row->answers),
                'about' => (int) $row->isAbout,
            ])),
        };
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
                'row.no-answer' => $meant->answers === [] && ! $meant->kind->needsNoAnswer(),
                'row.alternatives' => count($meant->answers) > 1
                    && ! in_array($meant->kind, [Kind::Options, Kind::Gaps], true),
                'row.unit' => $hasUnit,
                'row.about' => $meant->isAbout,
                'row.sentence' => $meant->kind === Kind::Sentence,
                'row.length' => $meant->kind === Kind::Length,
                'row.options' => $meant->kind === Kind::Options,
                'row.gaps' => $meant->kind === Kind::Gaps,
                'row.signs' => $meant->kind === Kind::Signs,
                'row.code' => $meant->kind === Kind::Digits,
                'row.no-feedback' => $feedback === '',
            ]),
        );
    }
}
