<?php

declare(strict_types=1);

namespace Fravel\Support;

/**
 * How the colours of an answer are drawn: each has a shape of its own, in a square of 24 units. tools/build/palette.php
 * writes them for scripts too.
 */
final class Swatches
{
    public const SHAPES = [
        'red' => 'M12 2a10 10 0 1 1 0 20a10 10 0 1 1 0-20z',
        'orange' => 'M3 3h18v18H3z',
        'yellow' => 'M12 2l11 19H1z',
        'green' => 'M12 1l11 11l-11 11L1 12z',
        'blue' => 'M6.5 2h11L23 12l-5.5 10h-11L1 12z',
        'purple' => 'M12 1l3.2 7.4 8 .7-6.1 5.3 1.9 7.9L12 18.1 5 22.3l1.9-7.9L.8 9.1l8-.7z',
        'violet' => 'M8.5 1h7v7.5H23v7h-7.5V23h-7v-7.5H1v-7h7.5z',
        'pink' => 'M12 21.5C4 15.5 1 11.5 1 7.5a5.5 5.5 0 0 1 11-1.5a5.5 5.5 0 0 1 11 1.5c0 4-3 8-11 14z',
        'brown' => 'M1 6h22v12H1z',
        'black' => 'M12 3a11 9 0 1 1 0 18a11 9 0 1 1 0-18z',
        'white' => 'M6 2a10 10 0 1 0 12 16A12 12 0 0 1 6 2z',
        'grey' => 'M1 20L7 4h10l6 16z',
    ];

    /** Of a colour that only has a name. */
    public const OTHER = 'M2 12h20M12 2v20';

    public static function shape(string $colour): string
    {
        return self::SHAPES[$colour] ?? self::OTHER;
    }

    /** Its name in the palette; "other" for one that only has a name. */
    public static function known(string $colour): string
    {
        return isset(self::SHAPES[$colour]) ? $colour : 'other';
    }
}
