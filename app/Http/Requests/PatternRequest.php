<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use App\Models\Game;
use App\Workshop\SavedDefaults;
use Fravel\Pattern\Content;
use Fravel\Pattern\FieldKind;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Illuminate\Foundation\Http\FormRequest;

/** A pattern with what a teacher gave it to build from. */
final class PatternRequest extends FormRequest
{
    /**
     * Characters of one field at most: rows come in by the hundred, a line may be said in every scene that is built.
     */
    private const LONGEST = ['rows' => 1_000_000, 'text' => 20_000, 'line' => 300];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $rules = [
            'base' => ['nullable', 'integer', 'min:0'],
            'with' => ['nullable', 'array'],
            'with.*' => ['nullable', 'string'],
            'usual' => ['nullable', 'array'],
            'title' => ['nullable', 'string', 'max:120'],
            'way' => ['nullable', 'string', 'max:200'],
        ];
        foreach (Patterns::named(Field::text($this, 'pattern'))?->fields() ?? [] as $field) {
            $kind = match (true) {
                $field->kind->isRows() => 'rows',
                in_array($field->kind, [FieldKind::Text, FieldKind::Pictures, FieldKind::Cells], true) => 'text',
                default => 'line',
            };
            $rules["with.{$field->name}"] = ['nullable', 'string', 'max:'.self::LONGEST[$kind]];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['with.*.max' => (string) __('patterns.long')];
    }

    public function pattern(): Pattern
    {
        return Patterns::named(Field::text($this, 'pattern')) ?? abort(422);
    }

    public function content(Game $game): Content
    {
        return new Content((array) $this->input('with', []), $game->read()->language());
    }

    public function usual(): TeacherDefaults
    {
        return SavedDefaults::read((array) $this->input('usual', []));
    }

    public function behind(): ?string
    {
        $after = Field::text($this, 'after');

        return $after === '' ? null : $after;
    }

    /** Key of the way it shall take over. */
    public function way(): ?string
    {
        $way = Field::text($this, 'way');

        return $way === '' ? null : $way;
    }

    /** Of a game that begins with it; '' leaves the one it has. */
    public function title(): string
    {
        return trim(Field::text($this, 'title'));
    }
}
