<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Illuminate\Foundation\Http\FormRequest;

/** Help for one play: a line, a hint, an open lock, another scene. */
final class HelpRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'way' => ['required', 'in:line,hint,open,move,accept,back,here'],
            'on' => ['nullable', 'string', 'max:60'],
            'words' => ['required_if:way,line,back', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['words.required_if' => (string) __('help.empty')];
    }

    public function way(): string
    {
        return Field::text($this, 'way');
    }

    public function on(): string
    {
        return Field::text($this, 'on');
    }

    public function words(): string
    {
        return trim(Field::text($this, 'words'));
    }
}
