<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Play\PlayerName;
use Illuminate\Foundation\Http\FormRequest;

/** Somebody who joins a run, for the first time or again. What is wrong with a name is said at the door. */
final class JoinRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function name(): string
    {
        return PlayerName::of($this->input('name'));
    }

    public function group(): ?string
    {
        $group = PlayerName::of($this->input('group'));

        return $group === '' ? null : $group;
    }

    public function words(): string
    {
        $words = $this->input('words');

        return is_string($words) ? $words : '';
    }

    /** @return array{on: mixed, with: mixed} an answer that was typed when the play was lost from sight */
    public function typed(): array
    {
        return ['on' => $this->input('typed.on'), 'with' => $this->input('typed.with')];
    }
}
