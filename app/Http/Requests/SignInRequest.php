<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Illuminate\Foundation\Http\FormRequest;

/** An address and a password, by which a teacher is known. */
final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:1000']];
    }

    public function address(): string
    {
        return mb_strtolower(Field::text($this, 'email'));
    }

    public function password(): string
    {
        return (string) $this->validated('password');
    }
}
