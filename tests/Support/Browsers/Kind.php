<?php

declare(strict_types=1);

namespace Tests\Support\Browsers;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Which browser tests run in: Chromium, unless FRAVEL_BROWSER says otherwise. */
enum Kind: string
{
    case Chromium = 'chromium';
    case Firefox = 'firefox';
    case WebKit = 'webkit';

    public static function chosen(): self
    {
        return self::tryFrom((string) getenv('FRAVEL_BROWSER')) ?? self::Chromium;
    }

    /** A browser of its own, with nothing kept from any other. */
    public function open(int $width, int $height, bool $scripts): RemoteWebDriver
    {
        return match ($this) {
            self::Chromium => Chromium::open($width, $height, $scripts),
            self::Firefox => Firefox::open($width, $height, $scripts),
            self::WebKit => WebKit::open(),
        };
    }

    /** @param  string  $address  of what was looked at */
    public function close(RemoteWebDriver $browser, string $address): void
    {
        $this === self::Chromium ? Chromium::close($browser, $address) : $browser->quit();
    }

    public function canDoWithoutScripts(): bool
    {
        return $this === self::Chromium;
    }

    public function tellsComplaints(): bool
    {
        return $this === self::Chromium;
    }
}
