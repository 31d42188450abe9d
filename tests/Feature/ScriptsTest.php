<?php

use Tests\Support\Feature\ScriptsCases;
use Tests\Support\Games;
use Tests\Support\Scripts;

it('finds every way from one scene to another with its reason', function (array $things, array $more, array $ways): void {
    $found = Scripts::run('workshop/editor/ways.js', 'module.routesIn(input).map(({ to, why, kind }) => [to, kind, why])', ScriptsCases::roomWith($things, $more));

    expect($found)->toBe($ways);
})->with([
    'a choice' => [
        [Games::choice('go', [['go' => 'b']])],
        [],
        [['b', 'choice', 'tap “Go”']],
    ],
    'a single reaction for a list' => [
        [Games::choice('go', ['go' => 'b'])],
        [],
        [['b', 'choice', 'tap “Go”']],
    ],
    'a lock by its answer' => [
        [Games::lock('l', 'gannet', [], ['go' => 'b'])],
        [],
        [['b', 'lock', '“gannet”']],
    ],
    'a wrong answer' => [
        [['otherwise' => [['go' => 'b']]] + Games::lock('l', 'x')],
        [],
        [['b', 'wrong', 'any other answer']],
    ],
    'going on and arriving' => [
        [],
        ['next' => [['go' => 'b']], 'arrive' => ['go' => 'b']],
        [['b', 'arrive', 'on arriving'], ['b', 'next', 'going on']],
    ],
    'open ends and staying are no ways' => [
        [Games::choice('go', [['go' => '']]), Games::choice('stay', [['go' => '@stay']]), Games::choice('none', [])],
        [],
        [],
    ],
]);

it('says a right answer in a few words', function (array $match, string $words): void {
    expect(Scripts::run('workshop/editor/ways.js', 'module.shortAnswer(input)', $match))->toBe($words);
})->with([
    [['equals' => 'one'], '“one”'],
    [['equals' => ['one', 'two']], '“one” …'],
    [['equals' => []], 'no answer yet'],
    [['number' => 2, 'unit' => 'km'], '2 km'],
    [['number' => 0], '0'],
    [['has' => ['tide']], 'says “tide”'],
    [['length' => ['min' => 3]], 'a full sentence'],
    [['anything' => true], 'any answer'],
    [['options' => ['a']], 'the right options'],
    [['inside' => []], 'a right answer'],
]);

it('knows which scenes some chain of ways leads to', function (): void {
    $game = Games::document([
        ['id' => 'a', 'next' => ['go' => 'b']],
        ['id' => 'b', 'things' => [Games::choice('again', ['go' => '@start'])]],
        ['id' => 'lost', 'next' => ['go' => 'a']],
    ]);

    expect(Scripts::run('workshop/editor/ways.js', '[...module.reached(input, module.routesIn(input))].sort()', $game))->toBe(['a', 'b']);
});

it('tells the tokens that a scene gives and wants', function (): void {
    $scene = [
        'id' => 'a',
        'needs' => ['all' => [['has' => 'key'], ['has' => 'map']]],
        'things' => [Games::choice('take', ['do' => [['give' => 'lamp'], ['give' => 'lamp']]])],
    ];

    expect(Scripts::run('workshop/editor/ways.js', 'module.tokensOf(input)', $scene))->toBe(['gives' => ['lamp'], 'wants' => ['key', 'map']]);
});

it('draws one track for each pair of scenes, with both directions and its gate', function (): void {
    $game = Games::document([
        ['id' => 'a', 'things' => [Games::lock('l', 'x', [], ['go' => 'b']), Games::choice('round', ['go' => 'a'])]],
        ['id' => 'b', 'things' => [Games::choice('back', ['go' => 'a']), Games::choice('gone', ['go' => 'attic'])]],
        ['id' => 'c', 'title' => 'A long way round the island', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['tokens' => []]);
    $plan = Scripts::run('workshop/chart/plan.js', 'module.plan(input)', $game);

    expect($plan['tracks'])->toHaveCount(1)
        ->and($plan['tracks'][0])->toMatchArray(['from' => 'a', 'to' => 'b', 'both' => true, 'gate' => true])
        ->and(array_column($plan['stations'], 'reached'))->toBe([true, true, false])
        ->and(array_column($plan['stations'], 'note'))->toBe(['start', '', 'won'])
        ->and($plan['stations'][2]['titleLines'])->toBe(['A long way round', 'the island']);
});

it('cuts the corners of a track and rests signs on its longest part', function (): void {
    $points = [[0, 0], [100, 0], [100, 40]];

    expect(Scripts::run('workshop/chart/track.js', 'module.path(input)', $points))->toBe('M0 0L86 0L100 14L100 40')
        ->and(Scripts::run('workshop/chart/track.js', 'module.path(input)', []))->toBe('')
        ->and(Scripts::run('workshop/chart/track.js', 'module.restOn(input)', $points))->toBe(['x' => 50, 'y' => 0, 'turn' => 0]);
});

it('gives ids that the format takes', function (): void {
    $ids = Scripts::run('workshop/editor/document.js', 'Array.from({ length: 200 }, () => module.freshId("scene"))');

    expect(array_unique($ids))->toHaveCount(200);
    foreach ($ids as $id) {
        expect($id)->toMatch('/^[a-z][a-z0-9_-]{0,39}$/');
    }
});
