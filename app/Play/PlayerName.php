<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\Answer\Cleaning;

/** A name that somebody plays under. */
final class PlayerName
{
    private const LONGEST = 40;

    /** Letters, digits, spaces and a few marks: nothing that a text could take for its own. */
    public static function of(mixed $sent): string
    {
        $name = is_string($sent) ? (string) preg_replace('/[^\p{L}\p{M}\p{N} .\'’&+-]+/u', '', mb_scrub($sent)) : '';

        return trim(mb_substr((string) preg_replace('/\s+/u', ' ', $name), 0, self::LONGEST));
    }

    /** The name as it is compared: capitals, accents and spaces make no other. */
    public static function key(string $name): string
    {
        return Cleaning::usual()->clean($name);
    }
}
