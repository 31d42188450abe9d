<?php

declare(strict_types=1);

namespace App\Play;

use App\Storage\Secret;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * What a device shows to go on with a play: the play's id, and in a team whose device it is, signed. It rides in an
 * http-only, same-site cookie and in a field of every form; a write needs both to agree.
 */
final readonly class Ticket
{
    private const COOKIE = 'fravel_play';

    /** How long a device may go on, in seconds: a school year. */
    private const LIFETIME = 31_536_000;

    private const SEAL_LENGTH = 32;

    /** Between a play and who of its team it is. */
    private const OF_TEAM = '~';

    private function __construct(public string $play, public ?int $member)
    {
    }

    /** @param  int|null  $member  who of a team holds it */
    public static function for(string $play, ?int $member = null): self
    {
        return new self($play, $member);
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

        return $ticket !== null && is_string($field) && self::read($field) == $ticket ? $ticket : null;
    }

    public static function read(mixed $text): ?self
    {
        if (! is_string($text) || ! str_contains($text, '.')) {
            return null;
        }
        [$named, $seal] = explode('.', $text, 2);
        if (strlen($seal) !== self::SEAL_LENGTH || ! Secret::agrees("play|{$named}", $seal)) {
            return null;
        }
        $parts = explode(self::OF_TEAM, $named, 2);

        return new self($parts[0], isset($parts[1]) ? (int) $parts[1] : null);
    }

    public function text(): string
    {
        $named = $this->play.($this->member === null ? '' : self::OF_TEAM.$this->member);

        return $named.'.'.self::seal($named);
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

    private static function seal(string $named): string
    {
        return substr(Secret::hex("play|{$named}"), 0, self::SEAL_LENGTH);
    }
}
