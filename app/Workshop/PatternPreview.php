<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Field;
use Fravel\Pattern\Junction;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\TeacherDefaults;

/** What a pattern would build from what it was given so far, and how that was understood. */
final class PatternPreview
{
    /**
     * @return array{document: array<string, mixed>|null, missing: list<string>, fault: string|null, rows: array<string,
     *     array<string, mixed>>}
     */
    public static function of(Pattern $pattern, Content $content, TeacherDefaults $usual): array
    {
        $fields = $pattern->fields();
        $missing = array_values(array_filter($fields, static fn (Field $field): bool => ! $content->fills($field)));
        $fault = $pattern->faultIn($content);
        $rows = [];
        foreach ($fields as $field) {
            if ($field->kind->isRows() && $content->text($field->name) !== '') {
                $rows[$field->name] = RowsTold::of($pattern->account($content, $field));
            }
        }

        return [
            'document' => Build::alone(
                $pattern,
                $missing === [] && $fault === null ? $content : self::sample($content->language),
                Words::ofPatterns($content->language),
                $usual,
            ),
            'missing' => array_map(
                static fn (Field $field): string => (string) __("patterns.fields.{$field->name}"),
                $missing,
            ),
            'fault' => $fault === null ? null : (string) __("patterns.fault.{$fault}"),
            'rows' => $rows,
        ];
    }

    /** @return array<string, mixed>|null a document built from the pattern's sample */
    public static function ofSample(Pattern $pattern): ?array
    {
        return Build::alone($pattern, self::sample('en'), Words::ofPatterns('en'), new TeacherDefaults());
    }

    /** @return list<array{key: string, words: string}> ways on from a scene that a pattern can take over */
    public static function ways(GameDocument $game, string $scene): array
    {
        $words = static fn (Junction $way): string => (string) __('patterns.way', [
            'part' => Names::of($game, $way->part),
            'to' => $way->leads === '' ? (string) __('patterns.open') : Names::of($game, $way->leads),
        ]);

        return array_map(
            static fn (Junction $way): array => ['key' => $way->key(), 'words' => $words($way)],
            Junction::all($game, $scene),
        );
    }

    private static function sample(string $language): Content
    {
        return new Content((array) trans('patterns.sample'), $language);
    }
}
