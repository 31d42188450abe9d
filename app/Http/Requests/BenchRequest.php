<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Illuminate\Foundation\Http\FormRequest;

/** A lock on its bench, with an answer or without. */
final class BenchRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function lock(): string
    {
        return Field::text($this, 'lock');
    }

    public function hasAnswer(): bool
    {
        return $this->has('with');
    }

    public function answer(): mixed
    {
        return $this->input('with');
    }
}
