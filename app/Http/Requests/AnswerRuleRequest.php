<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Illuminate\Foundation\Http\FormRequest;

/** What is made of a wrong answer: words for it, or that it is right too. */
final class AnswerRuleRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'group' => ['required', 'string', 'max:32'],
            'accept' => ['nullable', 'boolean'],
            'say' => ['required_without:accept', 'nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['say.required_without' => (string) __('report.empty')];
    }

    public function group(): string
    {
        return Field::text($this, 'group');
    }

    public function isAccepted(): bool
    {
        return $this->boolean('accept');
    }

    public function words(): string
    {
        return trim(Field::text($this, 'say'));
    }
}
