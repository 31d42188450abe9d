<?php

use Fravel\Check\Check;
use Fravel\Check\CheckMemo;
use Fravel\Document\GameDocument;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;
use Tests\Support\Engine\MemoCases;
use Tests\Support\Engine\ProofCases;
use Tests\Support\Games;
use Tests\Support\RandomGames;

it('finds after an edit what it would find from nothing', function (int $seed): void {
    $dice = new RandomGames($seed);
    $game = GameDocument::of($dice->document());
    $memo = new CheckMemo;
    Check::of($game, 200, [], ['New scene'], memo: $memo);
    for ($step = 0; $step < 6; $step++) {
        $edited = MemoCases::drawnEdit($dice, $game)?->apply($game);
        $game = $edited instanceof Edited ? $edited->game : $game;
        // Half of the time as in one process, half as from one request to the next.
        $memo = $step % 2 === 0 ? $memo->next() : unserialize(serialize($memo))->next();

        expect(MemoCases::told(Check::of($game, 200, [], ['New scene'], memo: $memo)))
            ->toEqual(MemoCases::told(Check::of(GameDocument::of($game->document), 200, [], ['New scene'])));
    }
})->with(range(1, 12));

it('goes on with what it learned only where that still holds', function (int $seed): void {
    $dice = new RandomGames(1000 + $seed);
    $game = ProofCases::risingGame($seed);
    $memo = new CheckMemo;
    Check::of($game, 2000, memo: $memo);
    for ($step = 0; $step < 10; $step++) {
        $edited = Commands::read($dice->pick([
            [
                'set' => 's'.$dice->pick([0, 1, 2, 3, 4]).'-go', 'field' => 'react',
                'to' => [[
                    'go' => 's'.$dice->pick([0, 1, 2, 3, 4, 5]),
                    'do' => $dice->pick([[], [['give' => 't1']], [['take' => 't0']]]),
                ]],
            ],
            [
                'set' => 's'.$dice->pick([1, 2, 3, 4]), 'field' => 'needs',
                'to' => $dice->pick([null, ['has' => 't0'], ['open' => 's1-lock']]),
            ],
            ['set' => 's'.$dice->pick([0, 1, 2, 3, 4]), 'field' => 'back', 'to' => $dice->pick([true, false])],
            ['set' => 's'.$dice->pick([0, 1, 2, 3, 4]), 'field' => 'arrive', 'to' => [['do' => [['give' => 't2']]]]],
            [
                'set' => 's'.$dice->pick([0, 1, 2, 3]).'-go', 'field' => 'react',
                'to' => [['go' => $dice->pick(['@start', '@chapter'])]],
            ],
            ['set' => '@game', 'field' => 'start', 'to' => 's'.$dice->pick([0, 1, 2])],
            [
                'set' => '@game', 'field' => 'chapters',
                'to' => [['id' => 'c', 'title' => 'C', 'start' => 's'.$dice->pick([0, 3])]],
            ],
            ['set' => 's'.$dice->pick([0, 1, 2, 3]), 'field' => 'chapter', 'to' => 'c'],
            ['set' => 's4', 'field' => 'ending', 'to' => $dice->pick([null, ['kind' => 'won', 'md' => '']])],
            [
                'insert' => 'scenes', 'in' => '@game', 'after' => 's'.$dice->pick([0, 3]),
                'value' => [
                    'id' => "n{$step}", 'title' => 'N', 'layout' => 'page', 'things' => [], 'next' => [['go' => 's1']],
                ],
            ],
            [
                'insert' => 'things', 'in' => 's'.$dice->pick([0, 1]), 'after' => null,
                'value' => [
                    'id' => "cover{$step}", 'kind' => 'cover', 'opens' => 'lock', 'lock' => 's2-lock',
                    'react' => [['go' => 's5']],
                ],
            ],
            ['deleteScene' => 's3', 'lead' => 's1'],
        ]), $game)?->apply($game);
        $game = $edited instanceof Edited ? $edited->game : $game;
        $memo = $memo->next();

        expect(MemoCases::told(Check::of($game, 2000, memo: $memo)))
            ->toEqual(MemoCases::told(Check::of(GameDocument::of($game->document), 2000)));
    }
})->with(range(1, 24));

it('forgets what it learned where words for places mean others, and where covers come', function (
    array $way, array $edit, string $reached,
): void {
    $game = Games::of([
        ['id' => 'a', 'chapter' => 'c', 'things' => [Games::choice('on', ['go' => 'b']), Games::lock('l', 'gull')]],
        ['id' => 'b', 'chapter' => 'c', 'things' => [Games::choice('way', $way)]],
        [
            'id' => 'x',
            'things' => [
                Games::choice('x-on', ['go' => 'b']),
                ['id' => 'lid', 'kind' => 'cover', 'opens' => 'lock', 'lock' => 'l', 'react' => [['go' => 'b']]],
            ],
        ],
        ['id' => 'y', 'things' => [Games::choice('y-on', ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['chapters' => [['id' => 'c', 'title' => 'C', 'start' => 'a']]]);
    $memo = new CheckMemo;
    Check::of($game, memo: $memo);
    $edited = Commands::read($edit, $game)->apply($game)->game;

    $found = MemoCases::told(Check::of($edited, memo: $memo->next()));
    expect($found)->toEqual(MemoCases::told(Check::of(GameDocument::of($edited->document))))
        ->and(
            array_filter(
                $found[1],
                static fn (array $finding): bool => $finding[0] === 'scene.unreachable' && $finding[2] === [$reached],
            )
        )->toBe([]);
})->with([
    'another start' => [
        ['go' => '@start'],
        [
            'together' => [
                ['set' => '@game', 'field' => 'start', 'to' => 'x'],
                ['set' => 'x', 'field' => 'next', 'to' => [['go' => 'y']]],
            ],
        ],
        'x',
    ],
    'another first scene of a chapter' => [
        ['go' => '@chapter'],
        ['set' => '@game', 'field' => 'chapters', 'to' => [['id' => 'c', 'title' => 'C', 'start' => 'y']]], 'y',
    ],
    'a cover that a lock lifts elsewhere' => [
        ['go' => 'a'], ['set' => 'lid', 'field' => 'react', 'to' => [['go' => 'y']]], 'y',
    ],
]);

it('does not search again what words don’t change, and forgets what is gone', function (): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [Games::lock('l', 'gull', [], ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);
    $memo = new CheckMemo;
    Check::of($game, memo: $memo);
    $search = static fn (CheckMemo $memo): array => array_filter(
        array_keys($memo->kept()), static fn (string $key): bool => str_starts_with($key, 'reach'),
    );
    $said = Commands::read(['set' => 'l', 'field' => 'otherwise', 'to' => [['say' => 'Other words.']]])
        ->apply($game)->game;
    $led = Commands::read(['set' => 'l', 'field' => 'otherwise', 'to' => [['say' => 'Other words.', 'go' => 'end']]])
        ->apply($game)->game;
    $afterWords = $memo->next();
    Check::of($said, memo: $afterWords);
    $afterWay = $afterWords->next();
    Check::of($led, memo: $afterWay);

    expect($search($memo))->toHaveCount(1)->and($search($afterWords))->toBe($search($memo))
        ->and($search($afterWay))->toHaveCount(1)->not->toBe($search($memo))
        ->and(count($afterWay->kept()))->toBeLessThan(count($memo->kept()) + 5);
});
