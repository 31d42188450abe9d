<?php

declare(strict_types=1);

namespace App\Storage;

use RuntimeException;

/** Digests that only this installation can make: by the application's key, and by the keys it had before. */
final class Secret
{
    /** @return string 32 bytes */
    public static function digest(string $text): string
    {
        return hash_hmac('sha256', $text, self::keys()[0], true);
    }

    public static function hex(string $text): string
    {
        return bin2hex(self::digest($text));
    }

    /**
     * Whether the digest, or as much of it as is given in hex, was made of this text by the present key or an earlier
     * one.
     */
    public static function agrees(string $text, string $hex): bool
    {
        foreach (self::keys() as $key) {
            if (strlen($hex) >= 32 && hash_equals(substr(hash_hmac('sha256', $text, $key), 0, strlen($hex)), $hex)) {
                return true;
            }
        }

        return false;
    }

    /** @return non-empty-list<string> the present key first */
    private static function keys(): array
    {
        $key = config()->string('app.key');
        if ($key === '') {
            throw new RuntimeException('The application has no key: set APP_KEY.');
        }
        /** @var list<string> $previous */
        $previous = config()->array('app.previous_keys', []);

        return [$key, ...$previous];
    }
}
