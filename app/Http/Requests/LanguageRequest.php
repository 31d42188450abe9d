<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Languages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A language to be spoken to in. */
final class LanguageRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['language' => ['required', Rule::in(Languages::ofTeachers())]];
    }

    public function language(): string
    {
        return (string) $this->validated('language');
    }
}
