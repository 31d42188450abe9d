<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Key;
use Illuminate\Foundation\Http\FormRequest;

/** A step through what was done: back, forth, or to a moment. */
final class HistoryRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** The revision that the workshop stands at. */
    public function base(): int
    {
        return $this->integer('base');
    }

    /** The change after which the game is wanted. */
    public function change(): int
    {
        return $this->integer('change');
    }

    public function key(): string
    {
        return Key::of($this);
    }
}
