<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Tests\Support\Scripts;

/** What SheetScriptsTest is about: games, and ways to ask. */
final class SheetScriptsCases
{
    public static function answers(string $expression, mixed $input = null): mixed
    {
        return Scripts::run('workshop/sheet/answer.js', $expression, $input);
    }

    /**
     * A game of one scene with this lock in it.
     *
     * @param  array<string, mixed>  $lock
     * @return array<string, mixed>
     */
    public static function sheetGame(array $lock): array
    {
        return [
            'title' => 'Sheet', 'start' => 'one', 'language' => 'en',
            'chapters' => [['id' => 'birds', 'title' => 'Birds', 'start' => 'one']],
            'tallies' => [], 'tokens' => [],
            'scenes' => [
                ['id' => 'one', 'title' => 'One', 'chapter' => 'birds', 'layout' => 'page', 'things' => [$lock + ['id' => 'lock', 'kind' => 'lock', 'ask' => 'Where?', 'input' => ['type' => 'text'], 'rules' => [['match' => ['equals' => ['shingle']], 'verdict' => 'open', 'say' => 'Yes.', 'go' => 'two']], 'otherwise' => []]]],
                ['id' => 'two', 'title' => 'Two', 'layout' => 'page', 'things' => []],
            ],
        ];
    }

    /**
     * What cells written into the game come to: the game after them, and what was refused.
     *
     * @param  array<string, mixed>  $game
     * @param  list<array{row: string, column: string, text: string}>  $cells
     * @return array{game: array<string, mixed>, refused: list<array<string, string>>}
     */
    public static function written(array $game, array $cells): array
    {
        $words = ['routes' => ['@back' => 'back where they came from'], 'inputs' => ['text' => 'words'], 'findings' => ['toMend' => 'to mend'], 'sheet' => ['points' => 'Points', 'sound' => 'sound', 'must' => 'must', 'neverWord' => 'never']];
        $path = dirname(__DIR__, 3).'/resources/js/workshop';
        $load = "const [{ changesOf }, { LOCKS, contextOf }, { apply }] = await Promise.all(['sheet/changes.js', 'sheet/columns.js', 'editor/document.js'].map((file) => import('{$path}/' + file)));";

        return Scripts::run('workshop/sheet/changes.js', "(async () => { {$load} const { edits, refused } = changesOf(input.cells, LOCKS, contextOf(input.game, input.words, []), 'lock'); return { game: edits.reduce(apply, input.game), refused }; })()", ['game' => $game, 'cells' => $cells, 'words' => $words]);
    }
}
