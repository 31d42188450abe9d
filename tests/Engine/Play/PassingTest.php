<?php

use Fravel\Play\View;
use Tests\Support\Games;
use Tests\Support\Plays;

it('passes an open lock again by where the rule that opened it led', function (): void {
    $rules = [
        [
            'match' => ['equals' => 'left'], 'verdict' => 'open', 'say' => 'Left.', 'do' => [['add' => 'n', 'by' => 1]],
            'go' => 'l',
        ],
        ['match' => ['equals' => 'right'], 'verdict' => 'open', 'go' => 'r'],
    ];
    $game = Games::of([
        ['id' => 'a', 'things' => [['rules' => $rules] + Games::lock('fork', '')]],
        ['id' => 'l', 'back' => true],
        ['id' => 'r', 'back' => true],
    ], ['tallies' => [['id' => 'n', 'name' => 'N', 'start' => 0]]]);
    $after = static fn (string $answer): array => Plays::events(
        $game, [['answer' => 'fork', 'with' => $answer], ['back' => true], ['choose' => 'fork']],
    );

    expect(array_slice($after('left'), -2))->toBe([['entered', 'a'], ['entered', 'l']])
        ->and(array_slice($after('right'), -1))->toBe([['entered', 'r']])
        ->and(
            Plays::through(
                $game, [['answer' => 'fork', 'with' => 'left'], ['back' => true], ['choose' => 'fork']],
            )->state->tally('n')
        )->toBe(1);
});

it('shows that an open lock leads on, and not where', function (): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [Games::lock('door', 'x', [], ['go' => 'secret']), Games::lock('box', 'x')]],
        ['id' => 'secret', 'back' => true],
    ]);
    $actions = [['answer' => 'box', 'with' => 'x'], ['answer' => 'door', 'with' => 'x'], ['back' => true]];
    $view = View::of($game, Plays::through($game, $actions)->state, 0);

    expect(array_column($view->things, 'leads'))->toBe([true, false])
        ->and(json_encode($view->toArray()))->not->toContain('secret');
});

it('forgets how a lock opened when it is closed', function (): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [Games::lock('door', 'x', [], ['go' => 'b'])]],
        ['id' => 'b', 'things' => [Games::choice('shut', ['do' => [['close' => 'door']], 'go' => 'a'])]],
    ]);
    $events = Plays::events(
        $game,
        [
            ['answer' => 'door', 'with' => 'x'], ['choose' => 'shut'], ['choose' => 'door'],
            ['answer' => 'door', 'with' => 'x'],
        ],
    );

    expect(array_slice($events, -5))
        ->toBe([
            ['refused'], ['answered', 'door', 'open', 0], ['opened', 'door'], ['entered', 'b'], ['said', 'It opens.'],
        ]);
});

it('leads nowhere from a lock that an effect opened', function (): void {
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [
                Games::lock('door', 'x', [], ['go' => 'b']), Games::choice('lever', ['do' => [['open' => 'door']]]),
            ],
        ],
        ['id' => 'b'],
    ]);

    expect(Plays::events($game, [['choose' => 'lever'], ['choose' => 'door']]))
        ->toBe([['entered', 'a'], ['opened', 'door'], ['refused']]);
});

it('follows no route once the play has ended', function (): void {
    $game = Games::of([
        ['id' => 'a', 'next' => ['go' => 'end']],
        ['id' => 'end', 'ending' => ['kind' => 'open', 'md' => ''], 'arrive' => ['say' => 'Farewell.', 'go' => 'a']],
    ]);

    expect(Plays::events($game, [['continue' => true], ['continue' => true]]))
        ->toBe([['entered', 'a'], ['entered', 'end'], ['ended', 'open'], ['said', 'Farewell.'], ['refused']]);
});

it('goes to the first scene of the chapter, or of the game', function (): void {
    $game = Games::of([
        ['id' => 'a', 'next' => ['go' => 'c']],
        ['id' => 'b', 'chapter' => 'ch'],
        [
            'id' => 'c', 'chapter' => 'ch',
            'things' => [Games::choice('chapter', ['go' => '@chapter']), Games::choice('start', ['go' => '@start'])],
        ],
    ], ['chapters' => [['id' => 'ch', 'title' => 'Chapter', 'start' => 'b']]]);

    expect(Plays::through($game, [['continue' => true], ['choose' => 'chapter']])->state->scene)->toBe('b')
        ->and(Plays::through($game, [['continue' => true], ['choose' => 'start']])->state->scene)->toBe('a');
});

it('stays where a route leads to nothing or to here', function (string $go): void {
    $game = Games::of([['id' => 'a', 'things' => [Games::choice('go', ['say' => 'Here.', 'go' => $go])]]]);

    expect(Plays::events($game, [['choose' => 'go']]))->toBe([['entered', 'a'], ['said', 'Here.']]);
})->with([
    'a',
    'gone',
    '@stay',
    '@back',
    '@chapter',
    '@start',
    '',
]);

it('fires only the first reaction that fits', function (): void {
    $reactions = [
        ['if' => ['has' => 'key'], 'say' => 'With the key.'],
        ['if' => ['minutes' => 1, 'is' => '>='], 'say' => 'Late.'],
        ['say' => 'Early.', 'do' => [['give' => 'key']]],
    ];
    $game = Games::of(
        [['id' => 'a', 'things' => [Games::choice('go', $reactions)]]],
        ['tokens' => [['id' => 'key', 'name' => 'Key']]],
    );
    $said = static fn (array $actions): array => array_values(array_filter(
        Plays::events($game, $actions),
        static fn (array $event): bool => $event[0] === 'said',
    ));

    expect($said([['choose' => 'go'], ['choose' => 'go']]))->toBe([['said', 'Early.'], ['said', 'With the key.']])
        ->and($said([['choose' => 'go', 'after' => 60]]))->toBe([['said', 'Late.']]);
});
