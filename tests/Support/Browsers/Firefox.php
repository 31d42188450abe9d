<?php

declare(strict_types=1);

namespace Tests\Support\Browsers;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Tests\Support\Server;

/** Headless Firefox, spoken to by its own protocol. */
final class Firefox
{
    public static function open(int $width, int $height, bool $scripts): RemoteWebDriver
    {
        [$port, $profile] = [Server::freePort(), Programs::folder()];
        file_put_contents("{$profile}/user.js", self::settings([
            'marionette.port' => $port,
            'remote.prefs.recommended' => true,
            'javascript.enabled' => $scripts,
            'intl.accept_languages' => 'en',
            'ui.useOverlayScrollbars' => 1,
            'network.captive-portal-service.enabled' => false,
            'network.connectivity-service.enabled' => false,
        ]));
        $window = ['--width', (string) $width, '--height', (string) $height];
        Programs::start(
            ['firefox-esr', '--headless', '--marionette', '--no-remote', '--profile', $profile, ...$window],
            ['HOME' => $profile],
        );

        return Marionette::session($port);
    }

    /** @param  array<string, bool|int|string>  $settings */
    private static function settings(array $settings): string
    {
        $lines = array_map(
            static fn (string $name, mixed $value): string => "user_pref('{$name}', ".json_encode($value).');',
            array_keys($settings), $settings,
        );

        return implode("\n", $lines);
    }
}
