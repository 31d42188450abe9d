<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Filesystem\Filesystem;

/**
 * A file for each play and run that is another one after each change: devices and boards ask for it, which costs a web
 * server next to nothing, and ask the application only when it changed. Its name is a digest that nobody guesses, and
 * it holds nothing but a moment. Where it can't be had they ask the application as often instead.
 */
final class Pulse
{
    /** Characters of a name, and of what a file holds. */
    private const NAME = 32;

    private const BEAT = 16;

    /** The address under which the file of a play or run is served; it begins to beat when it is first asked for. */
    public static function address(string $id): string
    {
        is_file(config()->string('fravel.pulse').'/'.self::name($id)) || self::beat($id);

        return '/pulse/'.self::name($id);
    }

    /**
     * Something of these plays and runs is another now, and a board is to ask for all of it.
     *
     * @return string what their files hold now
     */
    public static function beat(string ...$ids): string
    {
        array_map(static fn (string $id) => Lines::add($id, Lines::ALL), $ids);

        return self::move(...$ids);
    }

    /**
     * Something of these plays and runs is another now, of which boards are told a line. It never stands in the way of
     * what it tells of.
     *
     * @return string what their files hold now
     */
    public static function move(string ...$ids): string
    {
        $folder = config()->string('fravel.pulse');
        $moment = str_pad(dechex((int) hrtime(true)), self::BEAT, '0', STR_PAD_LEFT);
        foreach ($ids as $id) {
            // Written over, so that nobody reads it empty.
            $file = @fopen("{$folder}/".self::name($id), 'c') ?: self::begin($folder, $id);
            if ($file !== false) {
                fwrite($file, $moment);
                fclose($file);
            }
        }

        return $moment;
    }

    /** Files that nothing has beaten in for so many seconds go; they come again when something does. */
    public static function sweep(int $seconds): int
    {
        $old = array_filter(
            glob(config()->string('fravel.pulse').'/*') ?: [],
            static fn (string $file): bool => filemtime($file) < time() - $seconds,
        );
        (new Filesystem)->delete($old);

        return count($old);
    }

    /** @return resource|false */
    private static function begin(string $folder, string $id)
    {
        is_dir($folder) || @mkdir($folder, 0o755, true);

        return @fopen("{$folder}/".self::name($id), 'c');
    }

    /** What a file here is called. */
    public static function name(string $id): string
    {
        return substr(Secret::hex("pulse|{$id}"), 0, self::NAME);
    }
}
