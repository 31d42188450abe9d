<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Edit\Edited;
use Fravel\Edit\SetField;
use Tests\Support\Engine\CheckCases;
use Tests\Support\FilmGames;
use Tests\Support\Games;
use Tests\Support\Plays;

/** @return list<Finding> */
function findingsOf(GameDocument $game, string $code): array
{
    return array_values(array_filter(
        Check::of($game)->findings, static fn (Finding $finding): bool => $finding->code === $code,
    ));
}

/** The game with what a finding of this code offers. */
function mendedOf(GameDocument $game, string $code): GameDocument
{
    $edited = findingsOf($game, $code)[0]->mend?->apply($game);

    return $edited instanceof Edited ? $edited->game : throw new RuntimeException("No mend for {$code}.");
}

$end = ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']];

it('tells an ending that asks, and makes one behind it', function () use ($end): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [Games::lock('l', 'x', [], ['go' => 'b'])]],
        ['id' => 'b', 'things' => [Games::lock('m', 'y'), Games::lock('n', 'z')], 'ending' => $end['ending']],
    ]);
    $mended = mendedOf($game, 'ending.asks');
    $way = [['answer' => 'l', 'with' => 'x'], ['answer' => 'm', 'with' => 'y'], ['continue' => true]];

    expect(Check::of($mended)->hasErrors())->toBeFalse()
        ->and(Plays::through($mended, $way)->state->ended)->toBeNull()
        ->and(Plays::through($mended, [$way[0], $way[1], ['answer' => 'n', 'with' => 'z'], $way[2]])->state->ended)
        ->toBe('won');
});

it('makes an ending behind what is there, and never of a scene that asks', function (): void {
    $game = Games::of([['id' => 'a', 'things' => [Games::lock('l', 'x', [], ['go' => ''])]]]);
    $mended = mendedOf($game, 'ending.none');

    expect($mended->scene('a')?->ending)->toBeNull()
        ->and(Plays::through($mended, [['answer' => 'l', 'with' => 'x']])->state->ended)->toBe('won');
});

it('tells a stop that is an ending', function (): void {
    $ended = (new SetField('last', 'ending', ['kind' => 'won', 'md' => '']))->apply(FilmGames::lens());
    $game = $ended instanceof Edited ? $ended->game : FilmGames::lens();

    expect(findingsOf($game, 'ending.stop'))->toHaveCount(1)
        ->and(findingsOf(mendedOf($game, 'ending.stop'), 'ending.stop'))->toBe([]);
});

it('tells a lock that a jump passes, in a stop that must be answered', function (): void {
    $found = findingsOf(FilmGames::lens(), 'lock.passable');
    expect(array_map(static fn (Finding $one): string => $one->where[0], $found))->toBe(['bends']);
});

it('tells a won ending that nobody needs to open anything for', function (array $scene, bool $isFree) use ($end): void {
    $game = Games::of([$scene, ['id' => 'b', 'things' => [Games::lock('m', 'y', [], ['go' => 'end'])]], $end]);
    expect(in_array('ending.free', CheckCases::codesOf(Check::of($game)), true))->toBe($isFree);
})->with([
    'a choice past it' => [
        ['id' => 'a', 'things' => [Games::choice('on', ['go' => 'b']), Games::choice('out', ['go' => 'end'])]], true,
    ],
    'only through it' => [['id' => 'a', 'things' => [Games::choice('on', ['go' => 'b'])]], false],
]);

it('tells a lock that may be left shut, with the way, and shuts that', function (
    array $scene, string $way,
) use ($end): void {
    $game = Games::of([$scene, ['id' => 'b', 'things' => [Games::lock('m', 'y', [], ['go' => 'end'])]], $end]);
    $found = findingsOf($game, 'lock.passable');

    expect(array_map(static fn (Finding $one): array => [$one->where[0], $one->arguments['way']], $found))
        ->toBe([['l', $way]])
        ->and(findingsOf(mendedOf($game, 'lock.passable'), 'lock.passable'))->toBe([]);
})->with([
    'going on' => [['id' => 'a', 'things' => [Games::lock('l', 'x')], 'next' => [['go' => 'b']]], ''],
    'a choice' => [['id' => 'a', 'things' => [Games::lock('l', 'x'), Games::choice('on', ['go' => 'b'])]], 'On'],
]);

it('finds nothing to pass where a lock is needed, or its own rules let by', function (array $scene) use ($end): void {
    expect(findingsOf(Games::of([$scene, $end]), 'lock.passable'))->toBe([]);
})->with([
    'it leads on alone' => [['id' => 'a', 'things' => [Games::lock('l', 'x', [], ['go' => 'end'])]]],
    'going on waits' => [
        ['id' => 'a', 'waits' => true, 'things' => [Games::lock('l', 'x')], 'next' => [['go' => 'end']]],
    ],
    'a choice for those who opened it' => [['id' => 'a', 'things' => [
        Games::lock('l', 'x'), ['if' => ['open' => 'l']] + Games::choice('on', ['go' => 'end']),
    ]]],
    'after three tries its rule leads on' => [['id' => 'a', 'things' => [Games::lock('l', 'x', ['otherwise' => [
        ['if' => ['tries' => 'l', 'is' => '>=', 'value' => 3], 'go' => 'end'], ['say' => 'No.'],
    ]], ['go' => 'end'])]]],
]);

it('goes on from a scene that waits once all that is asked there is done', function () use ($end): void {
    $game = Games::of([
        ['id' => 'a', 'waits' => true, 'next' => [['go' => 'end']], 'things' => [
            Games::lock('l', 'x'), ['if' => ['open' => 'l']] + Games::lock('m', 'y'),
            ['if' => ['has' => 'key']] + Games::lock('n', 'z'),
        ]],
        $end,
    ], ['tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]]);
    $open = static fn (string ...$locks): array => array_map(
        static fn (string $lock): array => ['answer' => $lock, 'with' => ['l' => 'x', 'm' => 'y'][$lock]], $locks,
    );
    $refused = Plays::through($game, [...$open('l'), ['continue' => true]]);

    expect($refused->state->scene)->toBe('a')
        ->and(json_encode($refused->events))->toContain('continue.waits')
        ->and(Plays::through($game, [...$open('l', 'm'), ['continue' => true]])->state->ended)->toBe('won')
        ->and(Check::of($game)->isProved)->toBeTrue();
});

it('tells a hidden picture that nobody sees', function (array $more, array $locks, bool $isSeen) use ($end): void {
    $mosaic = $more + [
        'id' => 'm', 'kind' => 'mosaic', 'columns' => 2, 'rows' => 1, 'palette' => ['#000000'], 'cells' => 'aa',
        'by' => [['lock' => 'l', 'share' => 1]],
    ];
    $game = Games::of([['id' => 'a', 'things' => [$mosaic, ...$locks]], $end]);
    expect(in_array('mosaic.unseen', CheckCases::codesOf(Check::of($game)), true))->toBe(! $isSeen);
})->with([
    'whole' => [[], [Games::lock('l', 'x', [], ['go' => 'end'])], true],
    'no cells' => [['cells' => ''], [Games::lock('l', 'x', [], ['go' => 'end'])], false],
    'no lock' => [['by' => []], [Games::lock('l', 'x', [], ['go' => 'end'])], false],
    'a lock that is never asked' => [[], [
        ['needs' => ['visited' => 'end']] + Games::lock('l', 'x'), Games::choice('on', ['go' => 'end']),
    ], false],
]);

it('tells a question without a right answer that calls all of them right', function (
    array $rules, string $tells, bool $isSaid,
) use ($end): void {
    $lock = Games::lock('l', '', ['tells' => $tells, 'rules' => $rules, 'input' => [
        'type' => 'options', 'options' => [['id' => 'o', 'md' => 'Stay'], ['id' => 'p', 'md' => 'Go']],
    ]]);
    expect(findingsOf(Games::of([['id' => 'a', 'things' => [$lock]], $end]), 'lock.judges'))
        ->toHaveCount($isSaid ? 1 : 0);
})->with([
    'any' => [[['match' => ['anything' => true], 'verdict' => 'open', 'go' => 'end']], 'right', true],
    'one by one' => [[
        ['match' => ['options' => ['o']], 'verdict' => 'open', 'go' => 'end'],
        ['match' => ['options' => ['p']], 'verdict' => 'open', 'go' => 'end'],
    ], 'right', true],
    'noted' => [[['match' => ['anything' => true], 'verdict' => 'open', 'go' => 'end']], 'noted', false],
    'one right' => [[['match' => ['options' => ['o']], 'verdict' => 'open', 'go' => 'end']], 'right', false],
]);
