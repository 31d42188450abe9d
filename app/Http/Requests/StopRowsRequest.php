<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Illuminate\Foundation\Http\FormRequest;

/** Rows that become stops of a film. */
final class StopRowsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'base' => ['nullable', 'integer', 'min:0'],
            'clip' => ['required', 'string', 'max:40'],
            'rows' => ['nullable', 'string', 'max:200000'],
            'heading' => ['nullable', 'string', 'max:10'],
        ];
    }

    public function clip(): string
    {
        return Field::text($this, 'clip');
    }

    public function rows(): string
    {
        return Field::typed($this, 'rows');
    }

    /** Whether a first row that names columns is a heading; it may be taken back. */
    public function mayHead(): bool
    {
        return Field::text($this, 'heading') !== 'row';
    }
}
