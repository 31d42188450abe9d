<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Illuminate\Foundation\Http\FormRequest;

/** A game from one scene, perhaps to be built on with a pattern. */
final class NewGameRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['title' => ['nullable', 'string', 'max:120']];
    }

    public function title(): string
    {
        return Field::text($this, 'title') === '' ? (string) __('games.untitled') : Field::text($this, 'title');
    }

    public function pattern(): ?Pattern
    {
        return Patterns::named(Field::text($this, 'pattern'));
    }
}
