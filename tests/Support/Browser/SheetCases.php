<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Tests\Support\Builder;

/** What SheetTest is about: games, and ways to ask. */
final class SheetCases
{
    /** The sheet of a new game of one scene. */
    public static function sheetOf(string $title): Builder
    {
        $builder = Builder::ofNewGame($title);
        $builder->click('[data-face="sheet"]')->browser->find('.grid-beyond');

        return $builder;
    }

    /** Puts a block into the grid where it stands, as from a spreadsheet. */
    public static function pasteBlock(Builder $builder, string $text): void
    {
        $builder->browser->script(
            'const data = new DataTransfer(); data.setData("text/plain", arguments[0]); '
                .'document.querySelector(".sheet-grid").dispatchEvent(new ClipboardEvent("paste", {clipboardData: '
                .'data, bubbles: true, cancelable: true}))',
            $text,
        );
    }
}
