<?php

declare(strict_types=1);

namespace App\Play;

use Illuminate\Support\Facades\Request;

/**
 * Films that lie on another host. Nothing is loaded from there before the student said yes, and then the page may load
 * media from just that host.
 */
final class Elsewhere
{
    /** The field in which a student says yes, with the host. */
    public const FIELD = 'load';

    public static function host(string $address): string
    {
        $parts = parse_url($address);
        $port = isset($parts['port']) ? ":{$parts['port']}" : '';

        return strtolower(($parts['host'] ?? '').$port);
    }

    /** The host that this request, or one before it, says yes to; '' for none. */
    public static function allowed(): string
    {
        $host = Request::query(self::FIELD) ?? Request::cookie(self::FIELD);

        return is_string($host) && preg_match('/^[a-z0-9.-]{3,250}(:\d{1,5})?$/D', $host) === 1 ? $host : '';
    }

    /** Whether the student said yes to a host; if so, this page may load media from it. */
    public static function isAllowed(string $host): bool
    {
        $isAllowed = $host !== '' && self::allowed() === $host;
        $isAllowed && request()->attributes->set(self::FIELD, $host);

        return $isAllowed;
    }

    /** What the page that was made may load media from, as its policy says it; '' for nothing beyond our own. */
    public static function policy(): string
    {
        $host = request()->attributes->get(self::FIELD);

        return is_string($host) ? "media-src 'self' https://{$host}; " : '';
    }
}
