<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** A field of a request as text, whatever was sent under its name: a list or an object is no text. */
final class Field
{
    public static function text(Request $request, string $name): string
    {
        $value = $request->input($name);

        return is_string($value) ? trim($value) : '';
    }
}
