<?php

use Fravel\Condition\Conditions;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Tests\Support\Engine\ConditionCases;

it('holds or not', function (array $condition, bool $holds): void {
    expect(Conditions::read(Node::root($condition))->holds(ConditionCases::somePlay(), 1090))->toBe($holds);
})->with([
    [['has' => 'lens'], true],
    [['has' => 'oil'], false],
    [['hasOf' => ['lens', 'wick', 'oil'], 'atLeast' => 2], true],
    [['hasOf' => ['lens', 'wick', 'oil'], 'atLeast' => 3], false],
    [['all' => []], true],
    [['all' => [['has' => 'lens'], ['has' => 'oil']]], false],
    [['any' => []], false],
    [['any' => [['has' => 'oil'], ['has' => 'lens']]], true],
    [['not' => ['has' => 'oil']], true],
    [['tally' => 'bold', 'is' => '>=', 'value' => 2], true],
    [['tally' => 'bold', 'is' => '>', 'value' => 2], false],
    [['tally' => 'bold', 'is' => '!=', 'value' => 3], true],
    [['tally' => 'bold', 'is' => '<', 'value' => 2], false],
    [['tally' => 'bold', 'is' => '<=', 'value' => 2], true],
    [['tally' => 'bold', 'is' => '=', 'value' => 2.0], true],
    [['leads' => 'bold', 'among' => ['bold', 'calm']], true],
    [['leads' => 'calm', 'among' => ['bold', 'calm']], false],
    [['leads' => 'calm', 'among' => ['none', 'calm']], true],
    [['leads' => 'calm', 'among' => ['bold', 'calm', 'none'], 'ties' => 'all'], true],
    [['leads' => 'none', 'among' => ['bold', 'calm', 'none'], 'ties' => 'all'], false],
    [['leads' => 'bold', 'among' => ['bold', 'calm'], 'ties' => 'none'], false],
    [['leads' => 'bold', 'among' => ['bold', 'none'], 'ties' => 'none'], true],
    [['tied' => ['bold', 'calm', 'none']], true],
    [['tied' => ['bold', 'none']], false],
    [['visited' => 'hall'], true],
    [['visited' => 'store'], false],
    [['open' => 'quick'], true],
    [['open' => 'shut'], false],
    [['openOf' => ['quick', 'late', 'shut'], 'atLeast' => 2], true],
    [['openOf' => ['quick', 'shut'], 'atLeast' => 2], false],
    [['firstTry' => ['quick', 'late', 'shut'], 'atLeast' => 1], true],
    [['firstTry' => ['quick', 'late', 'shut'], 'atLeast' => 2], false],
    [['tries' => 'shut', 'is' => '>=', 'value' => 2], true],
    [['tries' => 'quick', 'is' => '>', 'value' => 0], false],
    [['lifted' => 'lid'], true],
    [['lifted' => 'other'], false],
    [['minutes' => 1.5, 'is' => '>='], true],
    [['minutes' => 1, 'is' => '<'], false],
]);

it('lets what must lead, and never what never may', function (array $decided, array $ruledOut, ?string $leader): void {
    $play = array_reduce(
        $ruledOut, fn (PlayState $state, string $id): PlayState => $state->ruleOut($id),
        array_reduce(
            $decided, fn (PlayState $state, string $id): PlayState => $state->decide($id),
            PlayState::begin(['bold' => 2, 'calm' => 3, 'wise' => -1], 1, 0),
        ),
    );
    $leads = fn (string $tally): bool => Conditions::read(
        Node::root(['leads' => $tally, 'among' => ['bold', 'calm', 'wise']]),
    )
        ->holds($play, 0);

    expect(array_values(array_filter(['bold', 'calm', 'wise'], $leads)))->toBe($leader === null ? [] : [$leader]);
})->with([
    'numbers alone' => [[], [], 'calm'],
    'the one that must' => [['wise'], [], 'wise'],
    'the higher of two that must' => [['wise', 'bold'], [], 'bold'],
    'the next after one ruled out' => [[], ['calm'], 'bold'],
    'never before must' => [['calm'], ['calm'], 'bold'],
    'all ruled out' => [['bold'], ['bold', 'calm', 'wise'], null],
]);
