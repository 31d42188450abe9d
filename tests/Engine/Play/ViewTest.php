<?php

use Fravel\Document\GameDocument;
use Fravel\Play\View;
use Fravel\Support\Json;
use Tests\Support\Engine\ViewCases;
use Tests\Support\Games;
use Tests\Support\Plays;

it('shows a lock without its rules, its answer or where it leads', function (): void {
    $shown = Json::write(ViewCases::viewAfter(GameDocument::of(Games::twoRooms()))->toArray());

    expect($shown)->toContain(
        'What opens door?',
    )->not->toContain('gannet')->not->toContain('store')->not->toContain('dives')->not->toContain(
        'It stays shut',
    )->not->toContain('rules');
});

it('keeps the back of a cover until it is lifted', function (): void {
    $game = Games::of([[
        'id' => 'a',
        'things' => [[
            'id' => 'lid', 'kind' => 'cover', 'front' => ['md' => 'Lift me'], 'back' => ['md' => 'A secret'],
        ]],
    ]]);

    expect(Json::write(ViewCases::viewAfter($game)->things))->toContain('Lift me')->not->toContain('A secret')
        ->and(Json::write(ViewCases::viewAfter($game, [['lift' => 'lid']])->things))->toContain('A secret');
});

it('keeps the picture of a mosaic and tells only how much is earned', function (): void {
    $game = Games::of([[
        'id' => 'a',
        'things' => [
            Games::lock('l', 'up'),
            [
                'id' => 'm', 'kind' => 'mosaic', 'asset' => 'whale',
                'by' => [['lock' => 'l', 'share' => 2], ['lock' => 'k']],
            ],
        ],
    ]]);
    $mosaic = ViewCases::viewAfter($game, [['answer' => 'l', 'with' => 'up']])->things[1];

    expect(Json::write($mosaic))->not->toContain('whale')
        ->and([$mosaic['earned'], $mosaic['of']])->toBe([2, 3]);
});

it('offers to go on only where something comes of it', function (array $next, bool $isOffered): void {
    $game = Games::of([['id' => 'a', 'next' => $next], ['id' => 'b']]);

    expect(ViewCases::viewAfter($game)->continues)->toBe($isOffered);
})->with([
    [[['go' => 'b']], true], [[['say' => 'Look again.']], true], [[['go' => '@stay']], false],
    [[['if' => ['visited' => 'b'], 'go' => 'b']], false],
    [[['if' => ['visited' => 'b'], 'go' => 'b'], ['go' => '@again']], true],
]);

it('shows hints only when they were asked for', function (): void {
    $game = GameDocument::of(Games::twoRooms());
    $wrong = ['answer' => 'door', 'with' => 'gull'];
    $lock = static fn (array $actions): array => ViewCases::viewAfter($game, $actions)->things[1];

    expect([
        $lock([])['hint'], $lock([$wrong])['hint'], $lock([$wrong])['hints'],
        $lock([$wrong, ['hint' => 'door']])['hints'],
    ])
        ->toBe([false, true, [], ['It dives for fish.']]);
});

it('never shows a flag, and names chapters only when they were reached', function (): void {
    $game = Games::of([
        ['id' => 'a', 'chapter' => 'one', 'arrive' => ['do' => [['give' => 'key'], ['give' => 'secret']]]],
        ['id' => 'b', 'chapter' => 'two'],
    ], [
        'chapters' => [['id' => 'one', 'title' => 'The quay'], ['id' => 'two', 'title' => 'The vault']],
        'tokens' => [
            ['id' => 'key', 'name' => 'Key', 'kind' => 'item'],
            ['id' => 'secret', 'name' => 'Secret', 'kind' => 'flag'],
        ],
    ]);
    $view = ViewCases::viewAfter($game);

    expect(array_column($view->satchel, 'name'))->toBe(['Key'])
        ->and($view->chapters)
        ->toBe([['title' => 'The quay', 'state' => 'here'], ['title' => null, 'state' => 'ahead']]);
});

it('shuffles options by the seed, and anew after each try', function (): void {
    $options = array_map(static fn (string $letter): array => ['id' => "o{$letter}", 'md' => $letter], range('a', 'h'));
    $lock = [
        'input' => ['type' => 'options', 'shuffle' => true, 'options' => $options],
        'rules' => [['match' => ['options' => ['oa']], 'verdict' => 'open']],
    ] + Games::lock('l', '');
    $game = Games::of([['id' => 'a', 'things' => [$lock]]]);
    $order = static fn (int $seed, array $actions = []): array => array_column(
        View::of($game, Plays::through($game, $actions, $seed)->state, 0)->things[0]['input']['options'], 'id',
    );

    expect($order(1))->toBe($order(1))->not->toBe($order(2))->not->toBe($order(1, [['answer' => 'l', 'with' => 'ob']]))
        ->and(count(array_unique($order(1))))->toBe(8);
});

it('shows how tallies stand, what is decided before what is counted, and what is ruled out last', function (
    string $order, array $bars,
): void {
    $game = Games::of(
        [['id' => 'a', 'things' => [
            ['id' => 'st', 'kind' => 'standing', 'of' => ['low', 'high', 'must', 'never'], 'order' => $order],
            Games::choice('go', ['do' => [['must' => 'must'], ['never' => 'never']]]),
        ]]],
        [
            'tallies' => array_map(
                static fn (string $id, int $start): array => ['id' => $id, 'name' => $id, 'start' => $start],
                ['low', 'high', 'must', 'never'], [1, 3, 0, 9],
            ),
        ],
    );
    $shown = array_column(ViewCases::viewAfter($game, [['choose' => 'go']])->things, null, 'id')['st']['bars'];

    expect(
        array_map(static fn (array $bar): string => "{$bar['name']} {$bar['value']} {$bar['stands']}", $shown),
    )->toBe($bars);
})->with([
    ['highest', ['must 0 must', 'high 3 free', 'low 1 free', 'never 9 never']],
    ['given', ['low 1 free', 'high 3 free', 'must 0 must', 'never 9 never']],
]);

it('tells which ways were taken from here, and not the one back', function (): void {
    $game = Games::of([
        ['id' => 'hall', 'things' => [
            Games::choice('east', ['go' => 'reef']), Games::choice('west', ['go' => 'cave']),
        ]],
        ['id' => 'reef', 'things' => [Games::choice('home', ['go' => 'hall'])]],
        ['id' => 'cave', 'things' => []],
    ]);
    $visited = static fn (array $way): array => array_column(
        ViewCases::viewAfter($game, array_map(static fn (string $on): array => ['choose' => $on], $way))->things,
        'visited', 'id',
    );

    expect($visited([]))->toBe(['east' => false, 'west' => false])
        ->and($visited(['east']))->toBe(['home' => false])
        ->and($visited(['east', 'home']))->toBe(['east' => true, 'west' => false]);
});
