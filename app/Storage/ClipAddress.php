<?php

declare(strict_types=1);

namespace App\Storage;

use App\Play\Clock;

/**
 * Where a film or a sound is fetched: an address that is made for one play that has come to it, or for a teacher, and
 * that ends. Whether it holds is seen from the address and the play's ticket alone, so that each of a film's many
 * parts costs no query.
 */
final class ClipAddress
{
    /** Addresses end at the full half day after the next: pages drawn in the same half day name the same one. */
    private const STEP = 43_200;

    private const SEAL = 32;

    /** @param  string  $run  address of the run, as `/p/CDFGH` */
    public static function forPlay(string $file, string $run, string $play): string
    {
        return "{$run}/clip/{$file}?".self::query($file, $play);
    }

    /** For whoever may see all of a game: in the workshop, in a rehearsal, at the front of a class. */
    public static function forTeacher(string $file): string
    {
        return "/files/{$file}?".self::query($file, '');
    }

    /** @param  string  $play  that asks; '' for a teacher */
    public static function holds(string $file, string $play, mixed $until, mixed $seal): bool
    {
        return is_string($until) && is_string($seal) && ctype_digit($until) && (int) $until > Clock::seconds()
            && strlen($seal) === self::SEAL && Secret::agrees(self::sealed($file, $play, $until), $seal);
    }

    /** Seconds for which what comes of such an address may be kept by the one who asked. */
    public static function lasts(string $until): int
    {
        return max(0, (int) $until - Clock::seconds());
    }

    private static function query(string $file, string $play): string
    {
        $until = (string) ((intdiv(Clock::seconds(), self::STEP) + 2) * self::STEP);

        return http_build_query([
            'until' => $until, 'seal' => substr(Secret::hex(self::sealed($file, $play, $until)), 0, self::SEAL),
        ]);
    }

    private static function sealed(string $file, string $play, string $until): string
    {
        return "see|{$file}|{$play}|{$until}";
    }
}
