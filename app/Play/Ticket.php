<?php

declare(strict_types=1);

namespace App\Play;

use App\Storage\Secret;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * What a device shows to go on with a play: the play's id, signed. It rides in an http-only, same-site cookie and in a
 * field of every form; a write needs both to agree.
 */
final readonly class Ticket
{
    private const COOKIE = 'fravel_play';

    /** How long a device may go on, in seconds: a school year. */
    private const LIFETIME = 31_536_000;

    private const SEAL_LENGTH = 32;

    private function __construct(public string $play)
    {
    }

    public static function for(string $play): self
    {
        return new self($play);
    }

    public static function of(Request $request): ?self
    {
        return self::read($request->cookies->get(self::COOKIE));
    }

    /** The ticket of a write, whose form must carry the same one as the cookie. */
    public static function ofForm(Request $request): ?self
    {
        $ticket = self::of($request);
        $field = $request->request->get('ticket');

        return $ticket !== null && is_string($field) && self::read($field)?->play === $ticket->play ? $ticket : null;
    }

    public static function read(mixed $text): ?self
    {
        if (! is_string($text) || ! str_contains($text, '.')) {
            return null;
        }
        [$play, $seal] = explode('.', $text, 2);

        return strlen($seal) === self::SEAL_LENGTH && Secret::agrees("play|{$play}", $seal) ? new self($play) : null;
    }

    public function text(): string
    {
        return $this->play.'.'.self::seal($this->play);
    }

    public function cookie(string $code): Cookie
    {
        return self::kept($code, $this->text(), time() + self::LIFETIME);
    }

    public static function forgotten(string $code): Cookie
    {
        return self::kept($code, '', 1);
    }

    /** @param  int  $until  Unix time in seconds */
    private static function kept(string $code, string $text, int $until): Cookie
    {
        return Cookie::create(
            self::COOKIE,
            $text,
            $until,
            "/p/{$code}",
            null,
            request()->isSecure(),
            true,
            false,
            Cookie::SAMESITE_LAX,
        );
    }

    private static function seal(string $play): string
    {
        return substr(Secret::hex("play|{$play}"), 0, self::SEAL_LENGTH);
    }
}
