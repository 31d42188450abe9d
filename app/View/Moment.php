<?php

declare(strict_types=1);

namespace App\View;

use Carbon\CarbonInterface;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Request;

/** A moment in the teacher's own zone, which its browser tells, and says so. */
final class Moment
{
    /** The cookie in which a page's script tells the browser's zone. */
    public const COOKIE = 'zone';

    /**
     * Such as `26 Nov 14:05 CET`.
     *
     * @param  string|null  $zone  null for that of who looks
     */
    public static function day(CarbonInterface $at, ?string $zone = null): string
    {
        $here = $at->copy()->setTimezone($zone ?? self::zone())->locale(App::getLocale());

        return $here->isoFormat('D MMM H:mm').' '.$here->format('T');
    }

    /**
     * Such as `26 Nov 14:05 CET`.
     *
     * @param  string|null  $zone  null for that of who looks
     */
    public static function of(int $seconds, ?string $zone = null): string
    {
        return self::day(Carbon::createFromTimestamp($seconds), $zone);
    }

    /** Such as `26 November 2026`, where it was then. */
    public static function date(int $seconds, ?string $zone = null): string
    {
        $there = Carbon::createFromTimestamp($seconds, $zone ?? self::zone());

        return $there->translatedFormat('j F Y');
    }

    /** Such as `14:05`. */
    public static function time(int $seconds): string
    {
        return Carbon::createFromTimestamp($seconds, self::zone())->format('H:i');
    }

    /** Such as `2026-11-26 14:05:31`. */
    public static function exactly(int $seconds): string
    {
        return Carbon::createFromTimestamp($seconds, self::zone())->format('Y-m-d H:i:s');
    }

    /** The zone's short name now, such as `CET`. */
    public static function zoneName(): string
    {
        return Carbon::now(self::zone())->format('T');
    }

    /** What was typed into a field for a moment, such as `2026-11-26T14:05`, in this zone; null when it is none. */
    public static function read(string $typed, string $zone): ?int
    {
        $at = preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?$/', $typed) === 1
            ? Carbon::createFromFormat('Y-m-d\TH:i', substr($typed, 0, 16), $zone)
            : null;

        return $at?->startOfMinute()->getTimestamp();
    }

    /** As such a field holds it; '' for none. */
    public static function typed(?int $seconds, string $zone): string
    {
        return $seconds === null ? '' : Carbon::createFromTimestamp($seconds, $zone)->format('Y-m-d\TH:i');
    }

    public static function zone(): string
    {
        $told = Request::cookie(self::COOKIE);

        /** @var array<string, int>|null $known */
        static $known = null;
        $known ??= array_flip(DateTimeZone::listIdentifiers());

        return is_string($told) && isset($known[$told]) ? $told : 'UTC';
    }
}
