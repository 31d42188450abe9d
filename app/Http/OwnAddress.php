<?php

declare(strict_types=1);

namespace App\Http;

/**
 * The application's own address as it is settled (APP_URL). What leaves it names this one: a request may call us by any
 * name, and with a secret nothing is sent where a request says.
 */
final class OwnAddress
{
    /** @param  string  $path  with its slash */
    public static function of(string $path): string
    {
        return rtrim(config()->string('app.url'), '/').$path;
    }

    /** The port of it; null where it names no address. */
    public static function port(): ?int
    {
        $parts = parse_url(config()->string('app.url'));
        $usual = ['http' => 80, 'https' => 443];

        return $parts['port'] ?? $usual[$parts['scheme'] ?? ''] ?? null;
    }
}
