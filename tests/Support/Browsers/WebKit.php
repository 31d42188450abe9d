<?php

declare(strict_types=1);

namespace Tests\Support\Browsers;

use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** WebKit, the engine of many tablets, on a display of its own; a driver for each, as one holds a single session. */
final class WebKit
{
    private static ?string $display = null;

    public static function open(): RemoteWebDriver
    {
        $program = (
            glob('/usr/lib/*/webkit2gtk-4.*/MiniBrowser') ?: []
        )[0] ?? throw new RuntimeException('There is no MiniBrowser.');
        $kept = Programs::folder();
        $environment = [
            'DISPLAY' => self::$display ??= self::display(), 'GDK_BACKEND' => 'x11', 'LANG' => 'C.UTF-8',
            'LANGUAGE' => 'en',
            'WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS' => '1', 'XDG_DATA_HOME' => $kept, 'XDG_CACHE_HOME' => $kept,
        ];
        $capabilities = new DesiredCapabilities([
            'browserName' => 'MiniBrowser',
            'webkitgtk:browserOptions' => ['binary' => $program, 'args' => ['--automation']],
        ]);

        return RemoteWebDriver::create(
            Programs::startDriver('WebKitWebDriver', [], $environment), $capabilities, 30000, 60000,
        );
    }

    private static function display(): string
    {
        $display = ':'.random_int(200, 900);
        Programs::start(['Xvfb', $display, '-screen', '0', '2400x1800x24', '-nolisten', 'tcp']);
        for ($wait = 0; $wait < 100 && ! file_exists('/tmp/.X11-unix/X'.substr($display, 1)); $wait++) {
            usleep(50_000);
        }

        return $display;
    }
}
