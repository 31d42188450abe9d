<?php

declare(strict_types=1);

namespace Tests\Support;

use Database\Seeders\DemoSeeder;

/** The screens of a browser test: all see one server, and are closed after each file. */
final class Screens
{
    /** @var list<Browser> */
    private static array $open = [];

    public static function open(int $width = 1280, int $height = 800, bool $scripts = true): Browser
    {
        return self::$open[] = Browser::open(Server::start()->address, $width, $height, $scripts);
    }

    public static function teacher(): Browser
    {
        return self::open()->signIn(DemoSeeder::EMAIL, DemoSeeder::PASSWORD);
    }

    public static function closeAll(): void
    {
        foreach (self::$open as $browser) {
            $browser->close();
        }
        self::$open = [];
    }
}
