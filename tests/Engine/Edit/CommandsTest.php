<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Edit\Conflict;
use Fravel\Edit\DeleteScene;
use Fravel\Edit\Refusal;
use Fravel\Support\Json;
use Tests\Support\Engine\CommandsCases;
use Tests\Support\Games;
use Tests\Support\RandomGames;

it('changes what it says and nothing else', function (): void {
    $after = CommandsCases::edited(
        GameDocument::of(Games::twoRooms()), ['set' => 'hall', 'field' => 'title', 'to' => 'The great hall'],
    );

    expect($after->game->document['scenes'][0]['title'])->toBe('The great hall')
        ->and(array_slice($after->game->document['scenes'], 1))->toBe(array_slice(Games::twoRooms()['scenes'], 1));
});

it('inserts after the part named, first for none, last when it is gone', function (?string $after, int $place): void {
    $inserted = CommandsCases::edited(
        GameDocument::of(Games::twoRooms()),
        ['insert' => 'scenes', 'in' => '@game', 'after' => $after, 'value' => ['id' => 'new']],
    );

    expect($inserted->game->sceneIds()[$place])->toBe('new');
})->with([['hall', 1], [null, 0], ['gone', 3]]);

it('moves a thing to another scene with all it holds', function (): void {
    $moved = CommandsCases::edited(
        GameDocument::of(Games::twoRooms()), ['move' => 'door', 'in' => 'store', 'after' => 'leave'],
    );

    expect($moved->game->sceneOf('door'))->toBe('store')
        ->and(array_column($moved->game->document['scenes'][1]['things'], 'id'))->toBe(['leave', 'door', 'return']);
});

it('refuses with a code what can’t be done', function (array $sent, string $code): void {
    $game = GameDocument::of(Games::twoRooms());
    $refusal = Commands::read($sent, $game)->apply($game);

    expect($refusal)->toBeInstanceOf(Refusal::class)->and($refusal->code)->toBe($code);
})->with([
    'a part that is gone' => [['set' => 'attic', 'field' => 'title', 'to' => 'x'], 'part.gone'],
    'an id' => [['set' => 'hall', 'field' => 'id', 'to' => 'x'], 'field.fixed'],
    'all things at once' => [['set' => 'hall', 'field' => 'things', 'to' => []], 'field.fixed'],
    'an id that is taken' => [
        ['insert' => 'things', 'in' => 'hall', 'after' => null, 'value' => ['id' => 'lamp']], 'id.taken',
    ],
    'a thing outside a scene' => [
        ['insert' => 'things', 'in' => '@game', 'after' => null, 'value' => ['id' => 'new']], 'part.malformed',
    ],
    'a thing into a thing' => [['move' => 'door', 'in' => 'greeting', 'after' => null], 'part.malformed'],
    'a thing into a token' => [['move' => 'door', 'in' => 'lamp', 'after' => null], 'part.malformed'],
    'removing what is gone' => [['remove' => 'attic'], 'part.gone'],
    'removing the game' => [['remove' => '@game'], 'part.gone'],
    'one of several that fails' => [['together' => [['remove' => 'door'], ['remove' => 'door']]], 'part.gone'],
]);

it('reads no command from what is none', function (mixed $sent): void {
    expect(Commands::read($sent))->toBeNull();
})->with([
    null,
    'set',
    [[]],
    [['set' => 'a']],
    [['set' => 1, 'field' => 'b']],
    [['insert' => 'scenes', 'in' => '@game', 'value' => 'x']],
    [['together' => [['nothing' => 1]]]],
    [['move' => 'a']],
]);

it('gives back the document byte for byte when it is undone', function (int $seed): void {
    $drawn = new RandomGames($seed);
    $game = GameDocument::of($drawn->document());
    $ids = ['@game', 's0', 's1', 's2', 's0-go', 's1-lock', 't0', 'c0'];
    for ($step = 0; $step < 12; $step++) {
        $sent = $drawn->pick([
            [
                'set' => $drawn->pick($ids), 'field' => $drawn->pick(['title', 'note', 'start', 'future']),
                'to' => $drawn->pick(['x', null, [], (object) []]),
            ],
            ['set' => $drawn->pick($ids), 'field' => $drawn->pick(['title', 'future', 'kind', 'language'])],
            [
                'insert' => 'things', 'in' => $drawn->pick(['s1', 's5']),
                'after' => $drawn->pick([null, 's1-go', 'gone']), 'value' => ['id' => "new-{$step}", 'kind' => 'text'],
            ],
            ['insert' => 'assets', 'in' => '@game', 'after' => null, 'value' => ['id' => "art-{$step}"]],
            ['remove' => $drawn->pick(['s3', 's1-lid', 't1', 's4'])],
            [
                'move' => $drawn->pick(['s2', 's0-go', 's1-lock']), 'in' => $drawn->pick(['@game', 's5', 's0']),
                'after' => $drawn->pick([null, 's0', 's1']),
            ],
            ['deleteScene' => $drawn->pick(['s2', 's3']), 'lead' => $drawn->pick([null, 's1'])],
        ]);
        $result = Commands::read($sent, $game)->apply($game);
        if ($result instanceof Refusal) {
            continue;
        }
        $inverse = Commands::read(Json::read(Json::write($result->inverse->toArray())), $result->game);
        expect(Json::write($inverse->apply($result->game)->game->document))
            ->toBe(Json::write($game->document), Json::write($sent));
        $game = $result->game;
    }
    expect($game->document['future'] ?? 'gone')->not->toBeEmpty();
})->with(range(1, 40));

it('takes away a list with the entry that made it', function (): void {
    $document = Games::twoRooms();
    unset($document['scenes'][2]['things']);
    $game = GameDocument::of($document);
    $inserted = CommandsCases::edited(
        $game, ['insert' => 'things', 'in' => 'end', 'after' => null, 'value' => ['id' => 'bye', 'kind' => 'text']],
    );

    expect($inserted->inverse->apply($inserted->game)->game->document)->toBe($document);
});

it('leads what led to a deleted scene to another, or leaves open ends', function (?string $lead, string $go): void {
    $game = GameDocument::of(Games::twoRooms());
    $after = DeleteScene::of($game, 'store', $lead)->apply($game);

    expect($after->game->document['scenes'][0]['things'][1]['rules'][0]['go'])->toBe($go)
        ->and($after->game->sceneIds())->toBe(['hall', 'end'])
        ->and(Validation::ofReferences($after->game->document))->toBe([])
        ->and($after->inverse->apply($after->game)->game->document)->toBe(Games::twoRooms());
})->with([['end', 'end'], [null, '']]);

it('begins elsewhere when the first scene is deleted', function (): void {
    $game = GameDocument::of(Games::twoRooms());

    expect(DeleteScene::of($game, 'hall', null)->apply($game)->game->start())->toBe('store');
});

it('knows what two changes touch in common', function (array $left, array $right, ?string $part): void {
    $game = GameDocument::of(Games::twoRooms());
    $touches = static fn (array $sent): array => Commands::read($sent, $game)->touches($game);

    expect(Conflict::between($touches($left), $touches($right)))->toBe($part)
        ->and(Conflict::between($touches($right), $touches($left)))->toBe($part);
})->with([
    'the same field' => [
        ['set' => 'door', 'field' => 'ask', 'to' => 'a'], ['set' => 'door', 'field' => 'ask', 'to' => 'b'], 'door',
    ],
    'two fields of one part' => [
        ['set' => 'door', 'field' => 'ask', 'to' => 'a'], ['set' => 'door', 'field' => 'label', 'to' => 'b'], null,
    ],
    'a field of a part that is removed' => [
        ['set' => 'door', 'field' => 'ask', 'to' => 'a'], ['remove' => 'door'], 'door',
    ],
    'a field of a thing whose scene is removed' => [
        ['set' => 'door', 'field' => 'ask', 'to' => 'a'], ['remove' => 'hall'], 'door',
    ],
    'two new parts' => [
        ['insert' => 'things', 'in' => 'hall', 'after' => null, 'value' => ['id' => 'one']],
        ['insert' => 'things', 'in' => 'hall', 'after' => null, 'value' => ['id' => 'two']], null,
    ],
]);
