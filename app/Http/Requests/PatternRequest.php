<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use App\Models\Game;
use App\Workshop\Usuals;
use Fravel\Edit\Pattern\Content;
use Fravel\Edit\Pattern\Pattern;
use Fravel\Edit\Pattern\Patterns;
use Fravel\Edit\Pattern\Usual;
use Illuminate\Foundation\Http\FormRequest;

/** A pattern with what a teacher gave it to build from. */
final class PatternRequest extends FormRequest
{
    /** Bytes of one field at most. */
    private const LONGEST = 1_000_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['base' => ['nullable', 'integer', 'min:0'], 'with' => ['nullable', 'array'], 'with.*' => ['nullable', 'string', 'max:'.self::LONGEST], 'usual' => ['nullable', 'array']];
    }

    public function pattern(): Pattern
    {
        return Patterns::named(Field::text($this, 'pattern')) ?? abort(422);
    }

    public function content(Game $game): Content
    {
        return new Content((array) $this->input('with', []), $game->read()->language());
    }

    public function usual(): Usual
    {
        return Usuals::read((array) $this->input('usual', []));
    }

    public function behind(): ?string
    {
        $after = Field::text($this, 'after');

        return $after === '' ? null : $after;
    }
}
