<?php

declare(strict_types=1);

namespace Fravel\Support;

/**
 * How the colours of an answer are drawn: each is a small picture of its own, so that nobody need tell colours apart,
 * in a square of 24 units; where two parts lie over each other there is a hole. tools/build/palette.php writes them for
 * scripts too.
 */
final class Swatches
{
    public const PICTURES = [
        // flame
        'red' => 'M12 1c1 4 6 6.5 6 12.5A6 6 0 0 1 12 23a6 6 0 0 1-6-6.5c0-3 2-4.5 2.5-7.5 1.5 1 2 2 2.2 3.5'
            .'C12 9.5 12.5 5 12 1z',
        // lantern
        'orange' => 'M9 1h6v2h2v3H7V3h2zM7 7h10l2 12H5zM12 9l-2.5 4 2.5 4 2.5-4zM4 20h16v3H4z',
        // sun
        'yellow' => 'M12 6.5a5.5 5.5 0 1 1 0 11a5.5 5.5 0 1 1 0-11zM11 0h2v4h-2zM11 20h2v4h-2zM0 11h4v2H0z'
            .'M20 11h4v2h-4zM2.8 4.2l1.4-1.4 2.9 2.9-1.4 1.4zM16.9 18.3l1.4-1.4 2.9 2.9-1.4 1.4z'
            .'M2.8 19.8l2.9-2.9 1.4 1.4-2.9 2.9zM16.9 5.7l2.9-2.9 1.4 1.4-2.9 2.9z',
        // leaf
        'green' => 'M21 2C9 2 3 7 3 14c0 2 .6 3.7 1.5 5L2 22l1.5 1.2 2.6-2.9c1.2.7 2.9 1 4.4 1C18.5 21.3 22 13 21 2z'
            .'M6.5 17.5C8.5 12 11.5 9 16 7c-3 3.5-5 6.5-8.2 11.5z',
        // wave
        'blue' => 'M1 5c3.5-4 7.5-4 11 0s7.5 4 11 0v5c-3.5 4-7.5 4-11 0s-7.5-4-11 0z'
            .'M1 15c3.5-4 7.5-4 11 0s7.5 4 11 0v5c-3.5 4-7.5 4-11 0s-7.5-4-11 0z',
        // mussel
        'purple' => 'M12 22.5l-3-2.5C4 17.5 1.5 12 2.5 7.5 4 7.5 5 6 6 4.5 7.5 5 9 4 10 2.5'
            .'c1 1 3 1 4 0 1 1.5 2.5 2.5 4 2 1 1.5 2 3 3.5 3C22.5 12 20 17.5 15 20z'
            .'M11.4 18h1.2V7h-1.2zM9.8 17.5L7 8.5l-1.1.4 2.8 9zM14.2 17.5l2.8-9 1.1.4-2.8 9z',
        // bell
        'violet' => 'M12 1.5a2 2 0 0 1 2 2c3.5 1 5 4 5 7.5v5l3 3v1H2v-1l3-3v-5c0-3.5 1.5-6.5 5-7.5a2 2 0 0 1 2-2z'
            .'M9 21.2h6a3 2.3 0 0 1-6 0z',
        // flower
        'pink' => 'M12 1.8a3.5 3.5 0 1 1 0 7a3.5 3.5 0 1 1 0-7zM18.3 6.4a3.5 3.5 0 1 1 0 7a3.5 3.5 0 1 1 0-7z'
            .'M15.9 13.8a3.5 3.5 0 1 1 0 7a3.5 3.5 0 1 1 0-7z'
            .'M8.1 13.8a3.5 3.5 0 1 1 0 7a3.5 3.5 0 1 1 0-7zM5.7 6.4a3.5 3.5 0 1 1 0 7a3.5 3.5 0 1 1 0-7z',
        // boat
        'brown' => 'M11 1.5v13H3zM13 4.5l7.5 10H13zM1 16h22l-3.5 6.5h-15z',
        // anchor
        'black' => 'M12 1a3.5 3.5 0 0 1 1.5 6.6V10h4v2.5h-4v7.3c3-.5 5-2.3 5.5-4.8l-2 .5 3.5-5 2.5 5.5-1.6-.3'
            .'C20.3 20 16.5 23 12 23s-8.3-3-8.9-7.8l-1.6.3L4 10l3.5 5-2-.5c.5 2.5 2.5 4.3 5 5.3v-7.3h-4V10h4'
            .'V7.6A3.5 3.5 0 0 1 12 1z'
            .'M12 3.2a1.3 1.3 0 1 0 0 2.6a1.3 1.3 0 0 0 0-2.6z',
        // moon
        'white' => 'M9 1.5A11 11 0 1 0 22.5 15A9 9 0 0 1 9 1.5z',
        // fish
        'grey' => 'M1 12c3-5.5 7-7.5 11.5-7 2.5.3 4.5 2 6 4L23 5v14l-4.5-4c-1.5 2-3.5 3.7-6 4C8 19.5 4 17.5 1 12z'
            .'M7 9.3a1.5 1.5 0 1 0 0 3a1.5 1.5 0 0 0 0-3z',
    ];

    /** Of a colour that only has a name. */
    public const OTHER = 'M2 12h20M12 2v20';

    public static function picture(string $colour): string
    {
        return self::PICTURES[$colour] ?? self::OTHER;
    }

    /** Its name in the palette; "other" for one that only has a name. */
    public static function known(string $colour): string
    {
        return isset(self::PICTURES[$colour]) ? $colour : 'other';
    }
}
