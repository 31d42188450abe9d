<?php

declare(strict_types=1);

namespace App\Storage;

use App\Play\Clock;

/**
 * Whether a device that asks for what is not there is sent its whole scene, which costs more than an answer: once a
 * second for each play. Who asks more often is told to load the page.
 */
final class WholeScenes
{
    public static function isDue(string $play): bool
    {
        $file = config()->string('fravel.pulse').'/'.Pulse::name("scene|{$play}");
        $now = Clock::seconds();
        clearstatcache(true, $file);
        if ((int) @filemtime($file) === $now) {
            return false;
        }
        @touch($file, $now);

        return true;
    }
}
