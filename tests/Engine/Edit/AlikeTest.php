<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Support\Json;
use Tests\Support\Games;
use Tests\Support\RandomGames;

it('asks there what is asked here, and leads where it led', function (): void {
    $options = static fn (string ...$ids): array => [
        'type' => 'options',
        'options' => array_map(
            static fn (string $id, string $md): array => ['id' => $id, 'md' => $md, 'do' => [['give' => "{$md}s"]]],
            $ids,
            array_slice(['gull', 'tern', 'auk'], 0, count($ids)),
        ),
    ];
    $rule = static fn (string $id, array $more): array => [
        'match' => ['options' => [$id]], 'verdict' => 'open', ...$more,
    ];
    $lock = static fn (string $id, string $ask, array $input, array $rule): array => [
        'id' => $id, 'kind' => 'lock', 'ask' => $ask, 'input' => $input, 'rules' => [$rule],
        'otherwise' => [['say' => "Not {$id}."]],
    ];
    $turned = ['type' => 'options', 'options' => array_reverse($options('one', 'gull', 'three')['options'])];
    $own = ['if' => ['visited' => 'a'], 'go' => 'end', 'say' => 'Again right.'];
    $game = Games::of([
        ['id' => 'a', 'things' => [
            ['clean' => ['fair' => true]]
            + $lock('q', 'Which one?', $turned, $rule('gull', ['go' => 'b', 'say' => 'Yes.'])),
        ]],
        ['id' => 'b', 'things' => [
            $lock('again', 'Which?', $options('x', 'y'), $rule('x', $own)),
        ]],
    ]);
    $edited = Commands::read(['alike' => 'q', 'as' => ['again']], $game)->apply($game);
    $again = $edited->game->document['scenes'][1]['things'][0];
    $ids = array_column($again['input']['options'], 'id');

    expect($again['ask'])->toBe('Which one?')
        ->and(array_column($again['input']['options'], 'md'))->toBe(['auk', 'tern', 'gull'])
        ->and(array_column($again['input']['options'], 'do', 'md'))
        ->toBe(['auk' => [['give' => 'gulls']], 'tern' => [['give' => 'terns']]])
        ->and(array_slice($ids, 0, 2))->toBe(['x', 'y'])->and($ids[2])->not->toBeIn(['three', 'x', 'y'])
        ->and($again['rules'][0])->toEqual($rule('y', $own))->and($again['clean'])->toBe(['fair' => true])
        ->and($again['otherwise'])->toBe([['say' => 'Not again.']])
        ->and(Validation::ofShape($edited->game->document))->toBe([])
        ->and(Json::write($edited->inverse->apply($edited->game)->game->document))->toBe(Json::write($game->document));
});

it('leaves a copy that is made alike as it is', function (int $seed): void {
    $game = GameDocument::of((new RandomGames($seed))->document());
    $copied = Commands::read(['duplicate' => ['s2-lock']], $game)->apply($game)->game;
    $locks = array_values(array_filter(
        array_merge(...array_column($copied->document['scenes'], 'things')),
        static fn (array $thing): bool => str_starts_with($thing['id'], 's2-lock'),
    ));
    $made = Commands::read(['alike' => 's2-lock', 'as' => [$locks[1]['id']]], $copied)->apply($copied)->game;

    expect(Json::write($made->document))->toBe(Json::write($copied->document));
})->with(range(1, 10));

it('is none without locks', function (array $sent): void {
    $game = Games::of([['id' => 'a', 'things' => [Games::lock('q', 'x'), Games::choice('go', [])]]]);

    expect(Commands::read($sent, $game))->toBeNull();
})->with([[['alike' => 'go', 'as' => ['q']]], [['alike' => 'q', 'as' => ['go']]], [['alike' => 'q', 'as' => 'q']],
    [['alike' => 'q', 'as' => array_fill(0, 1001, 'q')]],
]);
