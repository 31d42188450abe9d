<?php

use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\State\Action;
use Tests\Support\Engine\SkipsCases;
use Tests\Support\Games;
use Tests\Support\Plays;

/** @param  array<string, mixed>  $more */
function lid(string $id, array $more = []): array
{
    return $more + [
        'id' => $id, 'kind' => 'cover', 'opens' => 'tap', 'toggle' => true, 'front' => ['md' => "front {$id}"],
        'back' => ['md' => "secret {$id}", 'size' => 'great'], 'mark' => 'right', 'markWords' => 'So it is.',
    ];
}

it('tells nothing of a back before it is lifted, and its mark with it', function (string $opens): void {
    $game = Games::of([['id' => 'a', 'things' => [lid('one', ['opens' => $opens])]]]);
    $state = Plays::through($game, [])->state;
    $before = View::of($game, $state, 0)->things[0];
    $after = View::of($game, Plays::through($game, [['lift' => 'one']])->state, 0)->things[0];

    expect(json_encode($before))->not->toContain('secret')->not->toContain('So it is')->not->toContain('right')
        ->and($before['front']['md'])->toBe('front one')
        ->and($after['face'])->toMatchArray(['md' => 'secret one', 'size' => 'great'])
        ->and([$after['mark'], $after['markWords'], $after['front']['md']])->toBe(['right', 'So it is.', 'front one']);
})->with(['tap', 'pull', 'slide']);

it('covers again all that may be, and nothing else', function (): void {
    $game = Games::of([['id' => 'a', 'things' => [lid('one'), lid('two'), lid('kept', ['toggle' => false])]]]);
    $state = Plays::through($game, [['lift' => 'one'], ['lift' => 'kept'], ['lower' => 'a']])->state;

    expect(array_map($state->isLifted(...), ['one', 'two', 'kept']))->toBe([false, false, true])
        ->and(Playing::act($game, $state, Action::of(['lower' => 'b']), 0)->events[0]->kind->value)->toBe('refused');
});

it('goes on when all are open', function (): void {
    $on = ['if' => ['liftedOf' => ['one', 'two'], 'atLeast' => 2], 'go' => 'end'];
    $game = Games::of([
        ['id' => 'a', 'things' => [lid('one', ['react' => [$on]]), lid('two', ['react' => [$on]])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(Plays::through($game, [['lift' => 'two']])->state->scene)->toBe('a')
        ->and(Plays::through($game, [['lift' => 'two'], ['lift' => 'one']])->state->scene)->toBe('end');
});

it('knows a board to uncover, which needs no ending and no way on', function (array $scenes, array $codes): void {
    $found = fn (string $code): array => SkipsCases::foundOf($code, Games::of($scenes));

    expect(array_values(array_filter(['ending.none', 'scene.stuck'], fn (string $code): bool => $found($code) !== [])))
        ->toBe($codes);
})->with([
    'a board' => [[['id' => 'a', 'things' => [lid('one')]]], []],
    'a board that asks' => [
        [['id' => 'a', 'things' => [lid('one'), Games::lock('l', 'x')]]], ['ending.none', 'scene.stuck'],
    ],
    'no board' => [[['id' => 'a', 'things' => [Games::choice('c', ['say' => 'x'])]]], ['ending.none', 'scene.stuck']],
    'a board with a way that ends' => [[
        ['id' => 'a', 'things' => [lid('one'), Games::choice('c', ['go' => 'b'])]], ['id' => 'b', 'things' => []],
    ], ['scene.stuck']],
]);

it('takes a guess before it is lifted, and the student’s own word on it', function (): void {
    $game = Games::of([['id' => 'a', 'things' => [lid('one', ['guess' => true])]]]);
    $refused = Playing::act($game, Plays::through($game, [])->state, Action::of(['lift' => 'one', 'with' => ' ']), 0);
    $lifted = Plays::through($game, [['lift' => 'one', 'with' => ' a crab ']])->state;
    $seen = fn ($state): array => View::of($game, $state, 0)->things[0];

    expect($refused->events[0]->arguments[0] ?? json_encode($refused->events[0]))->toContain('cover.guess')
        ->and($seen($lifted)['guess'])->toBe('a crab')->and($seen($lifted)['judged'])->toBe('');
    $acts = [['lift' => 'one', 'with' => 'a crab'], ['judge' => 'one', 'with' => 'right']];
    $judged = Plays::through($game, $acts)->state;
    expect($seen($judged)['judged'])->toBe('right')
        ->and($seen(Playing::act($game, $judged, Action::of(['lower' => 'one']), 0)->state)['guess'])->toBe('')
        ->and(Action::of(['judge' => 'one', 'with' => 'right'])->toArray())->toBe(['judge' => 'one', 'with' => 'right'])
        ->and(SkipsCases::foundOf('ending.none', $game))->toBe([]);
});
