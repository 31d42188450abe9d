<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** The key that whoever sends something chose for it, so that it counts once however often it arrives. */
final class Key
{
    /** A fresh one where none was sent, or none of ours. */
    public static function of(Request $request): string
    {
        return self::sent($request) ?? bin2hex(random_bytes(10));
    }

    /** Null where none was sent, or none of ours. */
    public static function sent(Request $request): ?string
    {
        $key = $request->input('key');

        return is_string($key) && preg_match('/^[A-Za-z0-9-]{8,40}$/D', $key) === 1 ? $key : null;
    }
}
