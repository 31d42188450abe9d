<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Edit\OpenDocument;
use Fravel\Edit\Refusal;
use Fravel\Support\Json;
use Tests\Support\Games;
use Tests\Support\RandomGames;
use Tools\Bench\LargeGames;

it('opens any document and closes it as it was', function (int $seed): void {
    $document = (new RandomGames($seed))->document();

    expect(Json::write(OpenDocument::of($document)->close()))->toBe(Json::write($document));
})->with(range(1, 20));

it('keeps parts that have one id, or none, in their places', function (array $things): void {
    $document = Games::document([['id' => 'a', 'things' => $things], ['id' => 'b']]);

    expect(OpenDocument::of($document)->close())->toBe($document);
})->with([
    'one id twice' => [[['id' => 'x', 'kind' => 'text'], ['id' => 'x', 'kind' => 'choice'], ['id' => 'y']]],
    'no ids' => [[['kind' => 'text'], ['kind' => 'choice']]],
    'the id of a scene' => [[['id' => 'b', 'kind' => 'text']]],
]);

it('takes no part that gives an id twice', function (array $value): void {
    $game = GameDocument::of(Games::twoRooms());
    $result = Commands::read(
        ['insert' => 'scenes', 'in' => '@game', 'after' => null, 'value' => $value], $game,
    )->apply($game);

    expect($result)->toBeInstanceOf(Refusal::class)->and($result->code)->toBe('id.taken');
})->with([
    'to two things' => [['id' => 'n', 'things' => [['id' => 'x'], ['id' => 'x']]]],
    'to itself and a thing' => [['id' => 'n', 'things' => [['id' => 'n']]]],
    'that an option has' => [['id' => 'n', 'things' => [['id' => 'x', 'input' => ['options' => [['id' => 'door']]]]]]],
]);

it('finds an id free again that went with what was set', function (): void {
    $game = GameDocument::of(Games::twoRooms());
    $options = fn (string $id): array => [
        'set' => 'door', 'field' => 'input', 'to' => ['type' => 'options', 'options' => [['id' => $id, 'md' => '']]],
    ];
    $insert = [
        'insert' => 'tokens', 'in' => '@game', 'after' => 'lamp',
        'value' => ['id' => 'one', 'name' => 'One', 'kind' => 'item'],
    ];
    $of = fn (array $commands) => Commands::read(['together' => $commands], $game)->apply($game);

    expect($of([$options('one'), $insert]))->toBeInstanceOf(Refusal::class)
        ->and($of([$options('one'), $options('two'), $insert])->game->tokens())->toHaveCount(2);
});

it('sets whole lists of the game, and finds what is in them', function (): void {
    $game = GameDocument::of(Games::twoRooms());
    $edited = Commands::read(['together' => [
        ['set' => '@game', 'field' => 'tokens', 'to' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]],
        ['set' => 'key', 'field' => 'name', 'to' => 'Iron key'],
        [
            'insert' => 'tokens', 'in' => '@game', 'after' => 'key',
            'value' => ['id' => 'rope', 'name' => 'Rope', 'kind' => 'item'],
        ],
    ]], $game)->apply($game);

    expect(array_column($edited->game->document['tokens'], 'name'))->toBe(['Iron key', 'Rope'])
        ->and($edited->inverse->apply($edited->game)->game->document)->toBe($game->document);
});

it('deletes, copies and undoes half of a thousand scenes as it does two', function (): void {
    $game = GameDocument::of(LargeGames::ladder(1000));
    $deletions = array_map(
        fn (int $number): array => ['deleteScene' => "s{$number}", 'lead' => 's'.($number + 1)], range(1, 500),
    );
    $deleted = Commands::read(['together' => $deletions], $game)->apply($game);
    $copied = Commands::read(
        ['duplicate' => array_map(fn (int $number): string => "s{$number}", range(500, 999))], $game,
    )->apply($game);

    expect(count($deleted->game->sceneIds()))->toBe(count($game->sceneIds()) - 500)
        ->and($deleted->game->document['scenes'][0]['things'][1]['rules'][0]['go'])->toBe('s501')
        ->and(Validation::ofReferences($deleted->game->document))->toBe([])
        ->and($deleted->inverse->apply($deleted->game)->game->document)->toBe($game->document)
        ->and(count($copied->game->sceneIds()))->toBe(count($game->sceneIds()) + 500)
        ->and($copied->inverse->apply($copied->game)->game->document)->toBe($game->document);
});
