<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Fravel\Rows\Table;
use Fravel\Worksheet\Kind;
use Fravel\Worksheet\Row;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/**
 * A worksheet as it is pasted, opened or corrected. Nothing is refused outright: what can't be read is said on the
 * page.
 */
final class WorksheetRequest extends FormRequest
{
    private const LANGUAGES = ['en', 'fr', 'de', 'es', 'it', 'nl', 'pt'];

    private const LONGEST_CELL = 2000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['nullable', 'file']];
    }

    public function text(): string
    {
        $file = $this->file('file');
        if ($file instanceof UploadedFile) {
            return (string) file_get_contents($file->getRealPath(), length: max(0, $this->most()) + 1);
        }

        $text = $this->input('text');

        return is_string($text) ? $text : '';
    }

    /** Key of the words for what keeps the text from being read. */
    public function problem(): ?string
    {
        $text = $this->text();

        return match (true) {
            strlen($text) > $this->most() => 'worksheet.problem.long',
            trim($text) === '' => 'worksheet.problem.empty',
            str_starts_with($text, "PK\x03\x04") => 'worksheet.problem.workbook',
            substr_count(substr($text, 0, 1000), "\0") > 0 &&
                ! str_starts_with($text, "\xFF\xFE") &&
                ! str_starts_with($text, "\xFE\xFF") => 'worksheet.problem.binary',
            default => null,
        };
    }

    public function language(): string
    {
        $language = Field::text($this, 'language');

        return in_array($language, self::LANGUAGES, true) ? $language : 'en';
    }

    public function separator(): ?string
    {
        $separator = Field::text($this, 'separator');
        $separator = $separator === 'tab' ? "\t" : $separator;

        return in_array($separator, Table::SEPARATORS, true) ? $separator : null;
    }

    /** Whether a first row that names columns is a heading; it may be taken back. */
    public function mayHead(): bool
    {
        return Field::text($this, 'heading') !== 'row';
    }

    public function title(): string
    {
        return mb_substr(Field::text($this, 'title'), 0, 120);
    }

    /** @return list<Row> the corrected rows, those that are left out too */
    public function rows(): array
    {
        $rows = [];
        foreach (array_slice((array) $this->input('rows', []), 0, Table::MOST_ROWS) as $place => $sent) {
            if (! is_array($sent)) {
                continue;
            }
            $cell = static fn (string $key): string => mb_substr(
                is_string($sent[$key] ?? null) ? str_replace("\r", '', $sent[$key]) : '',
                0,
                self::LONGEST_CELL,
            );
            $rows[] = Row::corrected(
                (int) ($sent['number'] ?? $place),
                $cell('question'),
                $cell('answers'),
                Kind::tryFrom($cell('kind')) ?? Kind::Text,
                ($sent['about'] ?? null) === '1',
                $cell('feedback'),
                $cell('room'),
                ($sent['taken'] ?? null) === '1',
            );
        }

        return $rows;
    }

    private function most(): int
    {
        return config()->integer('fravel.worksheet_bytes');
    }
}
