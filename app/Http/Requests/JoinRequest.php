<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use App\Models\Run;
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

    /** The group, where it is one of those that the run lets pick. */
    public function groupOf(Run $run): ?string
    {
        $group = $run->asks_group ? $this->group() : null;

        return $run->groups === null || in_array($group, $run->groups, true) ? $group : null;
    }

    /** An e-mail address, where the run asks for one and it is one. */
    public function addressFor(Run $run): ?string
    {
        $address = Field::text($this, 'address');
        $isOne = strlen($address) <= 120 && filter_var($address, FILTER_VALIDATE_EMAIL) !== false;

        return $run->asks_address && $isOne ? $address : null;
    }

    /** Who of a team it is; '' where the run has no teams, or no name was given. */
    public function memberOf(Run $run): string
    {
        return $run->hasTeams() ? PlayerName::of($this->input('member')) : '';
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
