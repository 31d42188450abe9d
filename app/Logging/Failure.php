<?php

declare(strict_types=1);

namespace App\Logging;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use Throwable;

/**
 * What failed, in one line: the kind, its words, the place, and the route by its name. Nothing that somebody typed: no
 * address with its query, no body, and of a query only its text with question marks.
 */
final class Failure
{
    private const LONGEST = 300;

    public static function tell(Throwable $failure): void
    {
        Log::error(self::line($failure));
    }

    public static function line(Throwable $failure): string
    {
        $words =
            $failure instanceof QueryException
                ? ($failure->getPrevious()?->getMessage() ?? '').' · '.$failure->getSql()
                : $failure->getMessage();
        $line = sprintf(
            '%s: %s at %s:%d',
            $failure::class,
            mb_substr(mb_scrub($words), 0, self::LONGEST),
            self::short($failure->getFile()),
            $failure->getLine(),
        );
        $route = app()->runningInConsole() ? null : request()->route();

        return (string) preg_replace(
            '/\s+/',
            ' ',
            $line.
                ' · from '.
                self::callers($failure).
                ($route === null ? '' : ' · '.request()->method().' '.($route->getName() ?? $route->uri())),
        );
    }

    /** The nearest places of ours that led there. */
    private static function callers(Throwable $failure): string
    {
        $places = array_map(
            static fn (array $frame): string => self::short($frame['file'] ?? '').':'.($frame['line'] ?? 0),
            $failure->getTrace(),
        );
        $ours = array_filter(
            $places,
            static fn (string $place): bool => preg_match('~^(app|engine|database|resources)/~', $place) === 1,
        );

        return implode(' < ', array_slice(array_values($ours), 0, 5));
    }

    private static function short(string $file): string
    {
        return str_replace(base_path().'/', '', $file);
    }
}
