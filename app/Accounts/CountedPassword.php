<?php

declare(strict_types=1);

namespace App\Accounts;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password of which every character counts: the digest takes 72 bytes and would leave the rest unlooked at. */
final class CountedPassword implements ValidationRule
{
    public const MOST_BYTES = 72;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && strlen($value) > self::MOST_BYTES) {
            $fail('auth.password_long')->translate(['most' => self::MOST_BYTES]);
        } elseif (is_string($value) && preg_match('/[\x00-\x1F\x7F]/', $value) === 1) {
            $fail('auth.password_odd')->translate();
        }
    }
}
