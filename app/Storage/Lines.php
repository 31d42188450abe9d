<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * A file for each run to which every change adds a line, while a board of it is open: boards read what was added from
 * the web server, and ask the application only for what a line can't say. Its name is a digest that nobody guesses.
 */
final class Lines
{
    /** What a line says that can't be told: ask for all. */
    public const ALL = '*';

    /** So long after a board asked for all it is taken to be open, in seconds. */
    private const OPEN = 150;

    /** So often it is told again. */
    private const AGAIN = 50;

    /**
     * Somebody looks at the run: lines are added from now on.
     *
     * @param  array<string, int>  $medians  as Need takes them, for those who write lines
     * @return int bytes after which a board reads on
     */
    public static function watch(string $run, array $medians): int
    {
        is_dir(self::folder()) || @mkdir(self::folder(), 0o755, true);
        $isTold = self::watched($run, self::AGAIN) === $medians;
        $isTold || @file_put_contents(self::marker($run), (string) json_encode($medians));
        clearstatcache(true, self::path($run));
        // One byte at least, so that there is always something to read.
        is_file(self::path($run)) || @file_put_contents(self::path($run), "\n", FILE_APPEND);

        return max(1, (int) @filesize(self::path($run)));
    }

    /**
     * @param  int  $within  seconds
     * @return array<string, int>|null the medians of the class; null while nobody looks
     */
    public static function watched(string $run, int $within = self::OPEN): ?array
    {
        $marker = self::marker($run);
        // It may be swept at any moment.
        if ((int) @filemtime($marker) < time() - $within) {
            return null;
        }
        $medians = json_decode((string) @file_get_contents($marker), true);

        /** @var array<string, int> */
        return is_array($medians) ? $medians : [];
    }

    /** @param  string  $line  without an end of line */
    public static function add(string $run, string $line): void
    {
        if (is_file(self::path($run))) {
            @file_put_contents(self::path($run), "{$line}\n", FILE_APPEND);
        }
    }

    public static function address(string $run): string
    {
        return '/pulse/'.basename(self::path($run));
    }

    private static function path(string $run): string
    {
        return self::folder().'/'.Pulse::name("lines|{$run}");
    }

    private static function marker(string $run): string
    {
        return self::folder().'/'.Pulse::name("watch|{$run}");
    }

    private static function folder(): string
    {
        return config()->string('fravel.pulse');
    }
}
