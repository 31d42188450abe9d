<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class RunRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['label' => ['nullable', 'string', 'max:80'], 'asks_group' => ['nullable', 'boolean']];
    }

    public function label(): string
    {
        $label = $this->string('label')->trim()->toString();

        return $label === '' ? (string) __('runs.unnamed') : $label;
    }
}
