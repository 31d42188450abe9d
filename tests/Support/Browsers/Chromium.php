<?php

declare(strict_types=1);

namespace Tests\Support\Browsers;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Headless Chromium by ChromeDriver, one driver for all. */
final class Chromium
{
    private const FLAGS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--force-device-scale-factor=1',
        '--lang=en',
    ];

    private static ?string $driver = null;

    public static function open(int $width, int $height, bool $scripts): RemoteWebDriver
    {
        $own = ["--window-size={$width},{$height}", '--user-data-dir='.Programs::folder()];
        $options = (new ChromeOptions)->addArguments([...self::FLAGS, ...$own]);
        $options->setExperimentalOption(
            'prefs', ['profile.managed_default_content_settings.javascript' => $scripts ? 1 : 2],
        );
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        self::$driver ??= Programs::startDriver('chromedriver', ['--log-level=SEVERE']);

        return RemoteWebDriver::create(self::$driver, $capabilities, 30000, 60000);
    }
}
