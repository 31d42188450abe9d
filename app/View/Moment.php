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

    /** Such as `26 Nov 14:05 CET`. */
    public static function day(CarbonInterface $at): string
    {
        $here = $at->copy()->setTimezone(self::zone())->locale(App::getLocale());

        return $here->isoFormat('D MMM H:mm').' '.$here->format('T');
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

    private static function zone(): string
    {
        $told = Request::cookie(self::COOKIE);

        return is_string($told) && in_array($told, DateTimeZone::listIdentifiers(), true) ? $told : 'UTC';
    }
}
