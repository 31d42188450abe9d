<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
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
        $label = Field::text($this, 'label');

        return $label === '' ? (string) __('runs.unnamed') : $label;
    }
}
