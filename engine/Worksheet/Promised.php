<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Built\Promise;
use Fravel\Rows\LeastLength;

/** What a row promises of the lock that is made of it: its answers, as students send them. */
final class Promised
{
    /** Words of a text that is asked for with none given. */
    private const WORDS = 3;

    /**
     * @param  array<string, mixed>  $input  of the lock that was made of the row
     */
    public static function of(Row $row, array $input, string $language): Promise
    {
        $answers = $row->answers === [] ? [''] : $row->answers;

        return match ($row->kind) {
            Kind::Sentence => Promise::of([self::words(self::WORDS)], []),
            Kind::Length => Promise::of([self::words(LeastLength::in($answers[0])->least ?? 1)], []),
            Kind::Options => self::picks($answers, $input),
            Kind::Gaps => self::gaps($row->question, $input),
            Kind::Signs => Promise::of([self::pressed(CodeForm::of($answers[0], $language), $input)]),
            Kind::Number => Promise::of(array_map(
                static fn (string $one): string => Understanding::number($one, $language)[0] ?? $one, $answers,
            ), []),
            default => Promise::of($answers, []),
        };
    }

    /**
     * @param  array<string, mixed>  $input
     * @return list<mixed> the keys of a pad, by their signs
     */
    private static function pressed(CodeForm $code, array $input): array
    {
        $keys = array_column(is_array($input['keys'] ?? null) ? $input['keys'] : [], 'id', 'md');

        return array_map(static fn (string $sign): mixed => $keys[$sign] ?? '', $code->signs);
    }

    private static function words(int $many): string
    {
        return trim(str_repeat('word ', max(1, $many)));
    }

    /**
     * @param  non-empty-list<string>  $answers
     * @param  array<string, mixed>  $input
     */
    private static function picks(array $answers, array $input): Promise
    {
        $ids = array_column(is_array($input['options'] ?? null) ? $input['options'] : [], 'id');
        $isRight = static fn (string $answer): bool => str_starts_with($answer, '*');
        $right = array_values(array_intersect_key($ids, array_filter($answers, $isRight)));
        $wrong = array_values(array_diff($ids, $right));

        return ($input['many'] ?? false) === true
            ? Promise::of([$right], array_map(static fn (mixed $id): array => [$id], $wrong))
            : Promise::of($right === [] ? $answers : $right, $wrong);
    }

    /** @param  array<string, mixed>  $input */
    private static function gaps(string $question, array $input): Promise
    {
        preg_match_all(Understanding::GAP, $question, $words);
        preg_match_all('/(?<!\{)\{([a-z][a-z0-9_-]*)\}/', is_string($input['md'] ?? null) ? $input['md'] : '', $gaps);
        $first = array_map(static fn (string $one): string => trim(explode('|', $one)[0]), $words[1]);

        return Promise::of([array_combine($gaps[1], array_slice($first, 0, count($gaps[1])))], []);
    }
}
