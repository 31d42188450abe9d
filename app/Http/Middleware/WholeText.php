<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/**
 * Text as text and numbers as numbers: bytes that are no UTF-8 become the sign for what can't be read, the null
 * character and what is infinite go.
 */
final class WholeText extends TransformsRequest
{
    /** Taken as they are: a password that lost a character would be another. */
    private const UNTOUCHED = ['password', 'password_confirmation'];

    protected function transform($key, $value): mixed
    {
        if (is_float($value) && ! is_finite($value)) {
            return null;
        }
        if (! is_string($value) || in_array($key, self::UNTOUCHED, true)) {
            return $value;
        }
        $whole = mb_check_encoding($value, 'UTF-8') ? $value : mb_scrub($value, 'UTF-8');

        return str_contains($whole, "\0") ? str_replace("\0", '', $whole) : $whole;
    }
}
