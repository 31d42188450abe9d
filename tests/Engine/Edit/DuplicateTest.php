<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Support\Json;
use Tests\Support\Engine\CommandsCases;
use Tests\Support\Games;
use Tests\Support\RandomGames;

it('gives back the document when the copy is deleted', function (int $seed): void {
    $dice = new RandomGames($seed);
    $game = GameDocument::of($dice->document());
    $command = Commands::read(
        [
            'duplicate' => $dice->pick([['s0'], ['s1', 's3'], ['s2-lock'], ['s2-go', 's2-lid', 's2-lock']]),
            'times' => $dice->pick([1, 3]),
        ],
        $game,
    );
    $copied = $command->apply($game);
    $made = array_column(array_column($command->toArray()['together'], 'value'), 'id');
    $deleted = CommandsCases::edited(
        $copied->game, ['together' => array_map(static fn (string $id): array => ['remove' => $id], $made)],
    );

    expect(Json::write($deleted->game->document))->toBe(Json::write($game->document))
        ->and(Json::write($copied->inverse->apply($copied->game)->game->document))->toBe(Json::write($game->document))
        ->and(Validation::ofShape($copied->game->document))->toBe([])
        ->and(Validation::ofReferences($copied->game->document))
        ->toHaveCount(count(Validation::ofReferences($game->document)));
})->with(range(1, 30));

it('keeps what leads from one to another inside the copy', function (): void {
    $game = Games::of([
        [
            'id' => 'a', 'title' => 'Room 1',
            'things' => [
                Games::choice('on', ['go' => 'b']),
                Games::lock('door-1', 'x', [], ['go' => 'end', 'do' => [['give' => 'key']]]),
            ],
        ],
        [
            'id' => 'b', 'title' => 'Cellar',
            'things' => [['if' => ['open' => 'door-1']] + Games::choice('up', ['go' => 'a'])],
        ],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]]);
    $copied = CommandsCases::edited($game, ['duplicate' => ['a', 'b']])->game;
    $scenes = $copied->document['scenes'];

    expect($copied->sceneIds())->toBe(['a', 'b', $scenes[2]['id'], $scenes[3]['id'], 'end'])
        ->and([$scenes[2]['id'], $scenes[2]['things'][1]['id']])->each->toMatch('/^(a|door)-[b-z2-9]{8}$/')
        ->and(array_column($scenes, 'title'))->toBe(['Room 1', 'Cellar', 'Room 2', 'Cellar 2', 'End'])
        ->and($scenes[2]['things'][0]['react']['go'] ?? $scenes[2]['things'][0]['react'][0]['go'])
        ->toBe($scenes[3]['id'])
        ->and($scenes[2]['things'][1]['rules'][0]['go'])->toBe('end')
        ->and($scenes[2]['things'][1]['rules'][0]['do'])->toBe([['give' => 'key']])
        ->and($scenes[3]['things'][0]['if'])->toBe(['open' => $scenes[2]['things'][1]['id']]);
});

it('renames what matchers name of the copy', function (array $input, array $match, array $expected): void {
    $game = Games::of([[
        'id' => 'a',
        'things' => [['input' => $input, 'rules' => [['match' => $match, 'verdict' => 'open']]] + Games::lock('q', '')],
    ]]);
    $copy = CommandsCases::edited($game, ['duplicate' => ['q'], 'times' => 2])->game->document['scenes'][0]['things'];

    $ids = fn (array $lock): array => array_column(
        array_merge(
            $lock['input']['options'] ?? [], $lock['input']['items'] ?? [], $lock['input']['left'] ?? [],
            $lock['input']['right'] ?? [],
        ),
        'id',
    );
    $named = fn (array $lock): array => json_decode(
        str_replace(
            array_map(json_encode(...), $ids($lock)), ['"first"', '"second"'],
            (string) json_encode($lock['rules'][0]['match']),
        ),
        true,
    );

    expect([$named($copy[1]), $named($copy[2])])->each->toBe($expected)
        ->and(array_merge($ids($copy[0]), $ids($copy[1]), $ids($copy[2])))->toHaveCount(6)
        ->and(array_unique(array_merge($ids($copy[0]), $ids($copy[1]), $ids($copy[2]))))->toHaveCount(6);
})->with([
    'options' => [
        ['type' => 'options', 'options' => [['id' => 'x'], ['id' => 'y']]], ['any' => [['options' => ['y']]]],
        ['any' => [['options' => ['second']]]],
    ],
    'an order' => [
        ['type' => 'order', 'items' => [['id' => 'x'], ['id' => 'y']]],
        ['right' => ['of' => ['order' => ['y', 'x']], 'atLeast' => 1]],
        ['right' => ['of' => ['order' => ['second', 'first']], 'atLeast' => 1]],
    ],
    'pairs' => [
        ['type' => 'pairs', 'left' => [['id' => 'x']], 'right' => [['id' => 'y']]], ['pairs' => ['x' => 'y']],
        ['pairs' => ['first' => 'second']],
    ],
]);

it('puts copies on a stage a step aside each', function (): void {
    $game = Games::of([[
        'id' => 'a', 'layout' => 'stage',
        'things' => [['box' => [100, 200, 300, 80]] + Games::choice('on', ['go' => 'a'])],
    ]]);

    expect(
        array_column(
            CommandsCases::edited($game, ['duplicate' => ['on'], 'times' => 2])->game->document['scenes'][0]['things'],
            'box',
        ),
    )
        ->toBe([[100, 200, 300, 80], [130, 230, 300, 80], [160, 260, 300, 80]]);
});

it('is no command for what is not there or not together', function (mixed $sent): void {
    expect(Commands::read($sent, GameDocument::of(Games::twoRooms())))->toBeNull();
})->with([
    [['duplicate' => ['attic']]], [['duplicate' => ['hall', 'door']]], [['duplicate' => []]],
    [['duplicate' => ['hall'], 'times' => 1000]], [['duplicate' => 'hall']],
]);

it('keeps copies on the stage', function (array $box, int $times): void {
    $game = Games::of([['id' => 'a', 'layout' => 'stage', 'things' => [
        ['id' => 'note', 'kind' => 'text', 'md' => 'x', 'box' => $box],
    ]]]);
    $copied = Commands::read(['duplicate' => ['note'], 'times' => $times], $game)->apply($game)->game;
    $boxes = array_column($copied->document['scenes'][0]['things'], 'box');

    expect($boxes)->toHaveCount($times + 1);
    foreach ($boxes as [$x, $y, $width, $height]) {
        expect([$x, $y])->each->toBeGreaterThanOrEqual(0)
            ->and([max(0, $x + $width - 1600), max(0, $y + $height - 900)])->each->toEqual(0);
    }
})->with([[[100, 100, 200, 100], 1], [[1390, 790, 200, 100], 3], [[700, 400, 300, 200], 60], [[0, 0, 1600, 900], 2]]);
