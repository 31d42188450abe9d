<?php

declare(strict_types=1);

namespace Tests\Support\Browsers;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Headless Chromium by ChromeDriver, one driver for all; one that is done with is made new and used again. */
final class Chromium
{
    private const FLAGS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--force-device-scale-factor=1',
        '--lang=en',
    ];

    /** Chromium without a window around it: a quarter less work. It always runs scripts. */
    private const SHELL = '/usr/bin/chromium-headless-shell';

    /** So many wait to be used again: more than one teacher and one student are seldom at work. */
    private const WAITING = 2;

    private static ?string $driver = null;

    /** @var list<RemoteWebDriver> */
    private static array $waiting = [];

    /** @var array<string, true> the sessions that run scripts: only these are used again */
    private static array $scripted = [];

    public static function open(int $width, int $height, bool $scripts): RemoteWebDriver
    {
        return ($scripts ? array_pop(self::$waiting) : null) ?? self::start($width, $height, $scripts);
    }

    /** Keeps it for the next who asks, with nothing left of who had it: a new tab, no cookie, nothing stored. */
    public static function close(RemoteWebDriver $browser, string $address): void
    {
        if (! isset(self::$scripted[$browser->getSessionID()]) || count(self::$waiting) >= self::WAITING) {
            $browser->quit();

            return;
        }
        $used = $browser->getWindowHandles();
        $browser->switchTo()->newWindow();
        $fresh = $browser->getWindowHandle();
        foreach ($used as $window) {
            $browser->switchTo()->window($window)->close();
        }
        $browser->switchTo()->window($fresh);
        $tools = new ChromeDevToolsDriver($browser);
        $tools->execute('Network.clearBrowserCookies');
        $tools->execute('Storage.clearDataForOrigin', ['origin' => $address, 'storageTypes' => 'all']);
        $browser->manage()->getLog('browser');
        self::$waiting[] = $browser;
    }

    public static function quitAll(): void
    {
        foreach (self::$waiting as $browser) {
            $browser->quit();
        }
        self::$waiting = [];
    }

    private static function start(int $width, int $height, bool $scripts): RemoteWebDriver
    {
        $own = ["--window-size={$width},{$height}", '--user-data-dir='.Programs::folder()];
        $options = (new ChromeOptions)->addArguments([...self::FLAGS, ...$own]);
        $options->setExperimentalOption(
            'prefs', ['profile.managed_default_content_settings.javascript' => $scripts ? 1 : 2],
        );
        $capabilities = DesiredCapabilities::chrome();
        if ($scripts && is_executable(self::SHELL)) {
            $options->setBinary(self::SHELL);
            $capabilities->setBrowserName('chrome-headless-shell');
        }
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        self::$driver ??= Programs::startDriver('chromedriver', ['--log-level=SEVERE']);

        $browser = RemoteWebDriver::create(self::$driver, $capabilities, 30000, 60000);
        $scripts && self::$scripted[$browser->getSessionID()] = true;

        return $browser;
    }
}
