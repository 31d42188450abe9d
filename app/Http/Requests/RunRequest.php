<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use App\Play\PlayerName;
use Illuminate\Foundation\Http\FormRequest;

final class RunRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'label' => ['nullable', 'string', 'max:80'],
            'asks_group' => ['nullable', 'boolean'],
            'names' => ['nullable', 'string', 'max:40000'],
            'takes_new' => ['nullable', 'boolean'],
            'minutes' => ['nullable', 'integer', 'min:1', 'max:1440'],
        ];
    }

    /** @return list<string>|null the class list; null when anybody may join */
    public function names(): ?array
    {
        return PlayerName::listed(Field::text($this, 'names'));
    }

    /** Minutes that a play may take; null for no limit. */
    public function minutes(): ?int
    {
        return $this->integer('minutes') ?: null;
    }

    public function label(): string
    {
        $label = Field::text($this, 'label');

        return $label === '' ? (string) __('runs.unnamed') : $label;
    }
}
