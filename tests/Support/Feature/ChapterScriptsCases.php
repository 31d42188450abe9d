<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Tests\Support\Games;
use Tests\Support\Scripts;

/** What ChapterScriptsTest is about: games, and ways to ask. */
final class ChapterScriptsCases
{
    /** @return array<string, mixed> after edits of chapters */
    public static function chaptersAfter(string $edits): array
    {
        $game = Games::document([
            ['id' => 'a', 'chapter' => 'sea', 'things' => [Games::choice('on', [['go' => 'b', 'do' => [['forget' => 'sea'], ['give' => 'key']]]])]],
            ['id' => 'b', 'chapter' => 'sea', 'arrive' => [['do' => [['forget' => 'sea']]]]],
            ['id' => 'c', 'chapter' => 'land'],
        ], ['chapters' => [['id' => 'sea', 'title' => 'Sea', 'start' => 'a'], ['id' => 'land', 'title' => 'Land', 'start' => 'c']], 'tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]]);
        $path = dirname(__DIR__, 3).'/resources/js/workshop';

        return Scripts::run('workshop/editor/chapters.js', "(async () => { const { apply } = await import('{$path}/editor/document.js'); return ({$edits}).reduce(apply, input); })()", $game);
    }
}
