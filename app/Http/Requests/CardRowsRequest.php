<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Fravel\Rows\CardRows;
use Illuminate\Foundation\Http\FormRequest;

/** Rows that were pasted into a card. */
final class CardRowsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'of' => ['required', 'in:'.implode(',', array_keys(CardRows::COLUMNS))],
            'rows' => ['present', 'nullable', 'string', 'max:200000'],
            'heading' => ['nullable', 'string', 'max:10'],
        ];
    }

    /** @return key-of<CardRows::COLUMNS> */
    public function of(): string
    {
        $of = Field::text($this, 'of');

        return isset(CardRows::COLUMNS[$of]) ? $of : 'items';
    }

    public function rows(): string
    {
        return Field::typed($this, 'rows');
    }

    public function mayHead(): bool
    {
        return Field::text($this, 'heading') !== 'row';
    }
}
