<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A new account, asked for behind the link of a letter: the address is the link's and was sealed with it. */
final class RegisterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'password' => ['required', 'string', 'confirmed', Password::defaults()],
        ];
    }

    public function address(): string
    {
        $email = $this->query('email');

        return mb_strtolower(is_string($email) ? $email : '');
    }
}
