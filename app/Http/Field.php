<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** A field of a request as text, whatever was sent under its name: a list or an object is no text. */
final class Field
{
    /** As it was typed: a tab at the beginning may mean an empty cell. */
    public static function typed(Request $request, string $name): string
    {
        $value = $request->input($name);

        return is_string($value) ? $value : '';
    }

    public static function text(Request $request, string $name): string
    {
        return trim(self::typed($request, $name));
    }
}
