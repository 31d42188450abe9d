<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\Answer\Cleaning;

/** A name that somebody plays under. */
final class PlayerName
{
    private const LONGEST = 40;

    /** Names of one class at most. */
    private const MOST = 400;

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

    /**
     * A class list as it is typed or pasted, a name a line.
     *
     * @return list<string>|null each name once; null when there are none
     */
    public static function listed(string $typed): ?array
    {
        $names = [];
        foreach (preg_split('/[\r\n;,\t]+/', $typed) ?: [] as $line) {
            $name = self::of($line);
            $name === '' || $names[self::key($name)] ??= $name;
        }

        return $names === [] ? null : array_slice(array_values($names), 0, self::MOST);
    }
}
