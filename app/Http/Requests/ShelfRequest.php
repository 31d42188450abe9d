<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Illuminate\Foundation\Http\FormRequest;

/** What of the shelf is to be seen, or to leave it. */
final class ShelfRequest extends FormRequest
{
    /** @return array<string, list<string>> nothing is refused: what is not understood is everything */
    public function rules(): array
    {
        return [];
    }

    public function sought(): string
    {
        return mb_substr(Field::text($this, 'seek'), 0, 100);
    }

    /** Whether it is about games that are put away. */
    public function isAway(): bool
    {
        return $this->boolean('away');
    }
}
