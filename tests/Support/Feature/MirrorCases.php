<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Fravel\Edit\Commands;
use Fravel\Support\Json;
use Tests\Support\RandomGames;
use Tests\Support\Scripts;

/** What MirrorTest is about: games, and ways to ask. */
final class MirrorCases
{
    /**
     * What the browser makes of some commands, one after the other, and of what undoes those that the server took.
     *
     * @param  array<array-key, mixed>  $document
     * @param  list<array<string, mixed>>  $commands
     * @param  list<array<string, mixed>>  $inverses
     * @return array{game: string, refused: list<string|null>, undone: string}
     */
    public static function inBrowser(array $document, array $commands, array $inverses): array
    {
        $script = '(() => {
            let game = input.document;
            const refused = input.commands.map((command) => {
                const made = module.attempt(game, command);
                game = made.game;
                return made.refusal;
            });
            return { game, refused, undone: input.inverses.reduce(module.apply, game) };
        })()';
        $input = ['document' => $document, 'commands' => $commands, 'inverses' => $inverses];
        [
            'game' => $game, 'refused' => $refused, 'undone' => $undone,
        ] = Scripts::run('workshop/editor/document.js', $script, $input);

        return ['game' => Json::write($game), 'refused' => $refused, 'undone' => Json::write($undone)];
    }

    /** @return list<array<string, mixed>> commands of every kind, some on the same parts */
    public static function someCommands(RandomGames $drawn): array
    {
        return array_map(static fn (int $step): array => $drawn->pick([
            [
                'set' => $drawn->pick(['s0', 's1-lock', 't0', '@game', 'c0']),
                'field' => $drawn->pick(['title', 'note', 'name']),
                'to' => $drawn->pick(['x', null, [1, 2], ['a' => 'b']]),
            ],
            ['set' => $drawn->pick(['s0', 's2', 's1-go']), 'field' => $drawn->pick(['title', 'react', 'chapter'])],
            ['set' => 's1', 'field' => "extra-{$step}", 'to' => 1, 'before' => $drawn->pick(['things', 'toString'])],
            [
                'insert' => 'things', 'in' => $drawn->pick(['s1', 's5']),
                'after' => $drawn->pick([null, 's1-go', 'gone']),
                'value' => ['id' => "new-{$step}", 'kind' => 'text', 'md' => 'é'],
            ],
            [
                'insert' => 'scenes', 'in' => '@game', 'after' => $drawn->pick([null, 's2', 'gone']),
                'value' => ['id' => "scene-{$step}"],
            ],
            [
                'move' => $drawn->pick(['s0-go', 's1-lid']), 'in' => $drawn->pick(['s5', 's0', 's2', 't0', 's1-lock']),
                'after' => $drawn->pick([null, 's0-lid']),
            ],
            ['move' => $drawn->pick(['s3', 's4']), 'in' => '@game', 'after' => $drawn->pick([null, 's1'])],
            ['remove' => $drawn->pick(['s2', 's1-lid', 'nothing', '@game', 'new-1'])],
            [
                'move' => $drawn->pick(['nothing', '@game', 's2']), 'in' => $drawn->pick(['s5', '@game']),
                'after' => null,
            ],
            [
                'insert' => $drawn->pick(['things', 'tokens', 'scenes', 'rules']),
                'in' => $drawn->pick(['s1', '@game', 'nothing']), 'after' => null,
                'value' => $drawn->pick([
                    ['id' => 's0'], ['id' => "odd-{$step}"], ['name' => 'none'],
                    ['id' => 'twice', 'things' => [['id' => 'twice']]],
                    ['id' => "held-{$step}", 'kind' => 'lock', 'input' => ['options' => [['id' => 's0-go']]]],
                    ['id' => "twins-{$step}", 'input' => ['left' => [['id' => 'x'], ['id' => 'x']]]],
                    ['id' => "input-{$step}", 'input' => ['keys' => [['id' => "key-{$step}"], 'text', null]]],
                ]),
            ],
            [
                'set' => $drawn->pick(['s0', 'nothing']),
                'field' => $drawn->pick(['id', 'things', 'scenes', 'fravel', 'title']), 'to' => 'x',
            ],
            ['together' => [['set' => 's0', 'field' => 'title', 'to' => 'half'], ['remove' => 'nothing']]],
            ['drop' => 'chapters', 'in' => '@game'],
            [
                'together' => [
                    ['set' => 's4', 'field' => 'title', 'to' => "t{$step}"],
                    [
                        'insert' => 'tokens', 'in' => '@game', 'after' => null,
                        'value' => ['id' => "token-{$step}", 'name' => 'T'],
                    ],
                ],
            ],
        ]), range(1, 25));
    }
}
