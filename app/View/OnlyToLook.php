<?php

declare(strict_types=1);

namespace App\View;

/**
 * The markup of a scene in which nothing can be done: what would send something is disabled, what only helps to look
 * is not. (Not a disabled fieldset around it: Chromium now and then leaves out parts of a container query's element
 * that stands in one.)
 */
final class OnlyToLook
{
    private const SENDS = '/<(?:button(?![^>]*\stype="button")|input|select|textarea)\b/';

    /** @param  string  $markup  as our views make it: what a game says is escaped in it */
    public static function at(string $markup): string
    {
        $still = (string) preg_replace(self::SENDS, '$0 disabled', $markup);

        return (string) preg_replace('/\sdata-wait="\d+"/', ' data-wait="0"', $still);
    }
}
