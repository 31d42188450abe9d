<?php

use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Tests\Support\Games;
use Tests\Support\Plays;

it('settles arriving before what brought there has its say', function (): void {
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [Games::choice('go', ['do' => [['give' => 'key']], 'go' => 'b', 'say' => 'Off you go.'])],
        ],
        ['id' => 'b', 'arrive' => [['if' => ['has' => 'key'], 'say' => 'A key!', 'go' => 'c'], ['say' => 'No key.']]],
        ['id' => 'c', 'arrive' => ['say' => 'Here at last.']],
    ], ['tokens' => [['id' => 'key', 'name' => 'Key']]]);

    expect(Plays::events($game, [['choose' => 'go']]))->toBe([
        ['entered', 'a'], ['given', 'key'], ['entered', 'b'], ['entered', 'c'], ['said', 'Here at last.'],
        ['said', 'A key!'], ['said', 'Off you go.'],
    ]);
});

it('counts a scene as visited only when arriving there is settled', function (): void {
    $game = Games::of([
        [
            'id' => 'a', 'arrive' => [['if' => ['visited' => 'a'], 'say' => 'Again.'], ['say' => 'First.']],
            'things' => [Games::choice('go', ['go' => 'b'])],
        ],
        ['id' => 'b', 'things' => [Games::choice('back', ['go' => '@start'])]],
    ]);

    expect(Plays::events($game, [['choose' => 'go'], ['choose' => 'back']]))
        ->toBe([['entered', 'a'], ['said', 'First.'], ['entered', 'b'], ['entered', 'a'], ['said', 'Again.']]);
});

it('keeps out those who lack what a scene needs', function (): void {
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [Games::choice('go', ['go' => 'b']), Games::choice('take', ['do' => [['give' => 'key']]])],
        ],
        ['id' => 'b', 'needs' => ['has' => 'key'], 'refused' => [['say' => 'Locked.']]],
    ], ['tokens' => [['id' => 'key', 'name' => 'Key']]]);

    expect(Plays::events($game, [['choose' => 'go'], ['choose' => 'take'], ['choose' => 'take'], ['choose' => 'go']]))
        ->toBe([['entered', 'a'], ['said', 'Locked.'], ['given', 'key'], ['entered', 'b']]);
});

it('stops arrivals that lead on and on', function (): void {
    $game = Games::of([['id' => 'a', 'arrive' => ['go' => 'b']], ['id' => 'b', 'arrive' => ['go' => 'a']]]);

    expect(count(Plays::events($game, [])))->toBe(50);
});

it('goes back to where a scene was entered from, going back not counted', function (): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [Games::choice('ab', ['go' => 'b'])]],
        ['id' => 'b', 'back' => true, 'things' => [Games::choice('bc', ['go' => 'c'])]],
        ['id' => 'c', 'back' => true],
    ]);

    expect(
        Plays::events(
            $game,
            [
                ['back' => true], ['choose' => 'ab'], ['choose' => 'bc'], ['back' => true], ['back' => true],
                ['back' => true],
            ],
        ),
    )
        ->toBe([
            ['entered', 'a'], ['refused'], ['entered', 'b'], ['entered', 'c'], ['entered', 'b'], ['entered', 'a'],
            ['refused'],
        ]);
});

it('goes on where the scene says so', function (): void {
    $game = Games::of([
        ['id' => 'a', 'next' => [['if' => ['minutes' => 1, 'is' => '>='], 'go' => 'c'], ['go' => 'b']]], ['id' => 'b'],
        ['id' => 'c'],
    ]);

    expect(Plays::events($game, [['continue' => true], ['continue' => true]]))
        ->toBe([['entered', 'a'], ['entered', 'b'], ['refused']])
        ->and(Plays::events($game, [['continue' => true, 'after' => 60]])[1])->toBe(['entered', 'c']);
});

it('takes no answer while the guard holds, and counts none', function (): void {
    $game = Fravel\Document\GameDocument::of(Games::twoRooms());
    $wrong = ['answer' => 'door', 'with' => 'gull'];
    $after = Plays::through(
        $game, [$wrong, $wrong, $wrong, ['answer' => 'door', 'with' => 'gannet'], ['after' => 29] + $wrong],
    );

    expect($after->state->triesOn('door'))->toBe(3)
        ->and(array_slice($after->events, -1)[0]->arguments)->toBe(['lock.guarded', ['seconds' => 1]])
        ->and(
            Plays::through(
                $game, [$wrong, $wrong, $wrong, ['after' => 30, 'answer' => 'door', 'with' => 'gannet']],
            )->state->isOpen('door')
        )->toBeTrue();
});

it('gives a hint when it may be asked for, and no more than there are', function (): void {
    $game = Fravel\Document\GameDocument::of(Games::twoRooms());
    $hint = ['hint' => 'door'];

    expect(Plays::events($game, [$hint, ['answer' => 'door', 'with' => 'gull'], $hint, $hint]))
        ->toBe([
            ['entered', 'hall'], ['refused'], ['answered', 'door', 'wrong', 'otherwise'], ['said', 'It stays shut.'],
            ['hinted', 'door', 0], ['refused'],
        ]);
});

it('lifts the covers a lock holds down, wherever the lock opens', function (): void {
    $cover = [
        'id' => 'lid', 'kind' => 'cover', 'opens' => 'lock', 'lock' => 'l', 'front' => ['md' => 'Shut'],
        'back' => ['md' => 'A star'], 'react' => ['do' => [['give' => 'star']]],
    ];
    $game = Games::of(
        [['id' => 'a', 'things' => [Games::lock('l', 'up'), $cover]]],
        ['tokens' => [['id' => 'star', 'name' => 'Star']]],
    );

    expect(Plays::events($game, [['lift' => 'lid'], ['answer' => 'l', 'with' => 'up']]))
        ->toBe([
            ['entered', 'a'], ['refused'], ['answered', 'l', 'open', 0], ['opened', 'l'], ['lifted', 'lid'],
            ['given', 'star'], ['said', 'It opens.'],
        ]);
});

it('lifts and lowers a cover by hand', function (): void {
    $game = Games::of([[
        'id' => 'a', 'things' => [['id' => 'lid', 'kind' => 'cover', 'opens' => 'tap', 'toggle' => true]],
    ]]);

    expect(Plays::events($game, [['lower' => 'lid'], ['lift' => 'lid'], ['lift' => 'lid'], ['lower' => 'lid']]))
        ->toBe([['entered', 'a'], ['refused'], ['lifted', 'lid'], ['refused'], ['lowered', 'lid']]);
});

it('applies what picking an option does on any verdict', function (): void {
    $lock = [
        'input' => [
            'type' => 'options',
            'options' => [
                ['id' => 'bold', 'md' => 'B', 'do' => [['add' => 'courage', 'by' => 2]]], ['id' => 'calm', 'md' => 'C'],
            ],
        ],
        'rules' => [['match' => ['options' => ['calm']], 'verdict' => 'open']],
    ] + Games::lock('l', '');
    $game = Games::of(
        [['id' => 'a', 'things' => [$lock]]], ['tallies' => [['id' => 'courage', 'name' => 'Courage', 'start' => 1]]],
    );

    expect(Plays::events($game, [['answer' => 'l', 'with' => 'bold']]))
        ->toBe([
            ['entered', 'a'], ['answered', 'l', 'wrong', 'otherwise'], ['tallied', 'courage', 3],
            ['said', 'It stays shut.'],
        ]);
});

it('passes an open lock again by what its place leads to', function (): void {
    $lock = ['opened' => ['go' => 'b']] + Games::lock('l', 'up');
    $game = Games::of([['id' => 'a', 'things' => [$lock]], ['id' => 'b']]);

    expect(Plays::events($game, [['choose' => 'l'], ['answer' => 'l', 'with' => 'up'], ['choose' => 'l']]))
        ->toBe([
            ['entered', 'a'], ['refused'], ['answered', 'l', 'open', 0], ['opened', 'l'], ['said', 'It opens.'],
            ['entered', 'b'],
        ]);
});

it('passes a cue once and shows what it brings', function (): void {
    $clip = [
        'id' => 'film', 'kind' => 'clip',
        'cues' => [[
            'id' => 'mid', 'at' => 12, 'things' => [Games::choice('jump', ['go' => 'b'])], 'react' => ['say' => 'Now!'],
        ]],
    ];
    $game = Games::of([['id' => 'a', 'things' => [$clip]], ['id' => 'b']]);

    expect(Plays::events($game, [['choose' => 'jump'], ['cue' => 'mid'], ['cue' => 'mid'], ['choose' => 'jump']]))
        ->toBe([['entered', 'a'], ['refused'], ['said', 'Now!'], ['refused'], ['entered', 'b']]);
});

it('lets what is hidden, elsewhere or unknown do nothing', function (array $action): void {
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [
                ['if' => ['has' => 'key']] + Games::choice('hidden', ['go' => 'b']),
                ['needs' => ['has' => 'key']] + Games::lock('later', 'up'),
            ],
        ],
        ['id' => 'b', 'things' => [Games::choice('elsewhere', ['go' => 'a'])]],
    ], ['tokens' => [['id' => 'key', 'name' => 'Key']]]);
    $before = Playing::start($game, 1, 0)->state;
    $outcome = Playing::act($game, $before, Action::of($action), 0);

    expect($outcome->isRefused())->toBeTrue()->and($outcome->state)->toBe($before);
})->with([
    [['choose' => 'hidden']],
    [['choose' => 'elsewhere']],
    [['choose' => 'nothing']],
    [['answer' => 'later', 'with' => 'up']],
    [['answer' => 'hidden', 'with' => 'x']],
    [['lift' => 'later']],
    [['cue' => 'later']],
    [['continue' => true]],
]);

it('reads no action from what is none', function (mixed $sent): void {
    expect(Action::of($sent))->toBeNull();
})->with([
    null,
    'choose',
    [[]],
    [['choose' => 1]],
    [['choose' => 'a', 'hint' => 'b']],
    [['back' => 'yes']],
    [['jump' => 'a']],
]);

it('fills in names, tallies and minutes', function (): void {
    $game = Games::of(
        [[
            'id' => 'a',
            'things' => [
                Games::choice('go', ['say' => '{=player}, {=key}, {=points} after {=minutes}; {=nobody} {x}']),
            ],
        ]],
        [
            'tokens' => [['id' => 'key', 'name' => 'Iron key']],
            'tallies' => [['id' => 'points', 'name' => 'Points', 'start' => 2]],
        ],
    );
    $said = Plays::through($game, [['choose' => 'go', 'after' => 150]], player: 'Mia')->events[1];

    expect($said->arguments)->toBe(['Mia, Iron key, 2 after 2; {=nobody} {x}']);
});

test('a state is the same after it was written and read', function (): void {
    $state = Plays::through(
        Fravel\Document\GameDocument::of(Games::twoRooms()),
        [['answer' => 'door', 'with' => 'gull'], ['hint' => 'door'], ['answer' => 'door', 'with' => 'gannet']],
    )->state;

    expect(PlayState::fromArray(json_decode((string) json_encode($state->toArray()), true)))->toEqual($state);
});

it('makes nobody wait at a guard when the clock was put back by more than it waits', function (): void {
    $game = GameDocument::of(Games::twoRooms());
    $state = Plays::through($game, array_fill(0, 3, ['answer' => 'door', 'with' => 'no']))->state;
    $hourEarlier = Plays::START - 3600;

    expect(View::of($game, $state, $hourEarlier)->things[1]['wait'])->toBe(0)
        ->and(View::of($game, $state, Plays::START - 20)->things[1]['wait'])->toBe(0)
        ->and(View::of($game, $state, Plays::START + 20)->things[1]['wait'])->toBeGreaterThan(0)
        ->and(
            Playing::act($game, $state, Action::of(['answer' => 'door', 'with' => 'gannet']), $hourEarlier)
                ->isRefused()
        )->toBeFalse();
});

it('closes again after each so many tries, and not between', function (): void {
    $game = Games::of([[
        'id' => 'a', 'things' => [['guard' => ['tries' => 2, 'wait' => 30]] + Games::lock('l', 'gull')],
    ]]);
    $refused = [];
    $state = Playing::start($game, 1, 0)->state;
    for ($try = 1, $now = 0; $try <= 6; $try++) {
        $state = Playing::act($game, $state, Action::of(['answer' => 'l', 'with' => 'tern']), $now)->state;
        $refused[$try] = Playing::act(
            $game, $state, Action::of(['answer' => 'l', 'with' => 'gull']), $now,
        )->isRefused();
        $now += 40;
    }

    expect(array_keys(array_filter($refused)))->toBe([2, 4, 6]);
});

it('forgets the hints and the answer of a lock that is closed', function (array $effect): void {
    $game = Games::of(
        [[
            'id' => 'a', 'chapter' => 'c',
            'things' => [
                ['hints' => [['md' => 'One.'], ['md' => 'Two.']]] + Games::lock('l', 'gull'),
                Games::choice('shut', ['do' => [$effect]]),
            ],
        ]],
        ['chapters' => [['id' => 'c', 'title' => 'C']]],
    );
    $state = Plays::through($game, [['hint' => 'l'], ['answer' => 'l', 'with' => 'tern'], ['choose' => 'shut']])->state;

    expect($state->hinted)->toBe([])->and($state->tries)->toBe([])
        ->and(Plays::through($game, [['hint' => 'l'], ['choose' => 'shut'], ['hint' => 'l']])->state->hinted)
        ->toBe(['l' => 1]);
    $opened = Plays::through($game, [['answer' => 'l', 'with' => 'gull']])->state;
    $closed = Plays::through($game, [['answer' => 'l', 'with' => 'gull'], ['choose' => 'shut']])->state;
    expect([$opened->answers, $closed->answers])->toBe([['l' => 'gull'], []]);
})->with([[['close' => 'l']], [['forget' => 'c']]]);
