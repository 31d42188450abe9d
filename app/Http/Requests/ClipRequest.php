<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Illuminate\Foundation\Http\FormRequest;

/** A film or a sound that is about to be sent: how large it is, and what its device knows it by. */
final class ClipRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['size' => ['required', 'integer'], 'mark' => ['required', 'string', 'max:300']];
    }

    /** Bytes. */
    public function size(): int
    {
        return $this->integer('size');
    }

    public function mark(): string
    {
        return Field::text($this, 'mark');
    }
}
