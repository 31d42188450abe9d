<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

/** What WordsMirrorTest is about: games, and ways to ask. */
final class WordsMirrorCases
{
    /** HTML without what means nothing: room between elements, and how links say that they open apart. */
    public static function bareHtml(string $html): string
    {
        $html = (string) preg_replace('/ (?:rel|target|class="external[^"]*")="[^"]*"/', '', $html);

        return trim((string) preg_replace(['/>\s+</', '/\s+/', '/ data-[a-z]+="[^"]*"/'], ['><', ' ', ''], $html));
    }
}
