<?php

declare(strict_types=1);

namespace Tests\Support;

use Database\Seeders\DemoSeeder;
use Facebook\WebDriver\Cookie;

/** The screens of a browser test: all see one server, and are closed after each file. */
final class Screens
{
    /** @var list<Browser> */
    private static array $open = [];

    /** The first teacher's session: signing in anew for each test would look like guessing at passwords. */
    private static ?Cookie $session = null;

    public static function open(int $width = 1280, int $height = 800, bool $scripts = true): Browser
    {
        return self::$open[] = Browser::open(Server::start()->address, $width, $height, $scripts);
    }

    public static function teacher(): Browser
    {
        if (self::$session === null) {
            $browser = self::open()->signIn(DemoSeeder::EMAIL, DemoSeeder::PASSWORD);
            self::$session = self::sessionOf($browser);

            return $browser;
        }
        $browser = self::open()->go('/sign-in');
        $browser->driver->manage()->addCookie(self::$session);

        return $browser->go('/games')->see('Your games');
    }

    /** Not every browser tells one cookie by its name. */
    private static function sessionOf(Browser $browser): ?Cookie
    {
        foreach ($browser->driver->manage()->getCookies() as $cookie) {
            if ($cookie->getName() === 'fravel_session') {
                return $cookie;
            }
        }

        return null;
    }

    public static function closeAll(): void
    {
        foreach (self::$open as $browser) {
            $browser->close();
        }
        self::$open = [];
    }
}
