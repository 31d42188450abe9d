<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Illuminate\Foundation\Http\FormRequest;

/** What somebody would bring along into the scene in which a rehearsal begins. */
final class BeginRehearsalRequest extends FormRequest
{
    private const LONGEST_NAME = 40;

    /** @return array<string, list<string>> nothing is refused: what is no token or number is left out */
    public function rules(): array
    {
        return [];
    }

    public function scene(): string
    {
        return Field::text($this, 'from');
    }

    /** @return list<string> ids of tokens */
    public function holding(): array
    {
        return array_values(array_filter((array) $this->input('holding', []), is_string(...)));
    }

    /** @return array<array-key, int|float> by ids of tallies */
    public function tallies(): array
    {
        return array_map(
            static fn (mixed $value): int|float => is_numeric($value) && is_finite((float) $value) ? $value + 0 : 0,
            (array) $this->input('tallies', []),
        );
    }

    public function guards(): bool
    {
        return ! $this->boolean('unguarded');
    }

    public function player(): string
    {
        return mb_substr(Field::text($this, 'player'), 0, self::LONGEST_NAME);
    }
}
