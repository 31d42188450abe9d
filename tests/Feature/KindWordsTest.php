<?php

use App\Workshop\KindWords;
use Fravel\Answer\Input\Inputs;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Condition\Conditions;
use Fravel\Effect\Effects;
use Fravel\Support\Node;
use Fravel\Thing\Things;
use Tests\Support\Games;

it('has words for every kind', function (): void {
    $missing = [];
    foreach (
        [
            'condition' => Conditions::kinds(), 'effect' => Effects::kinds(), 'matcher' => Matchers::kinds(),
            'input' => Inputs::kinds(),
        ] as $family => $kinds
    ) {
        foreach (array_keys($kinds) as $kind) {
            is_string(trans("kinds.{$family}")[$kind] ?? null) ?: $missing[] = "{$family}.{$kind}";
        }
    }
    array_push($missing, ...array_keys(array_diff_key(Things::kinds(), (array) trans('workshop.kinds'))));

    expect($missing)->toBe([]);
});

it('says of itself what each kind of effect and matcher does', function (
    string $family, array $written, string $words,
): void {
    $game = Games::of(
        [[
            'id' => 'a',
            'things' => [
                [
                    'label' => 'Door', 'input' => ['type' => 'options', 'options' => [['id' => 'o', 'md' => 'Gull']]],
                ] + Games::lock('l', ''),
            ],
        ]],
        [
            'tokens' => [['id' => 'k', 'name' => 'Key', 'kind' => 'item']],
            'tallies' => [['id' => 'n', 'name' => 'Points', 'start' => 0]],
        ],
    );
    $kind = $family === 'effect' ? Effects::listed(
        Node::root(['do' => [$written]]), 'do',
    )[0] : Matchers::read(Node::root($written));

    expect(KindWords::of($game, $kind->said()))->toBe($words);
})->with([
    ['effect', ['give' => 'k'], 'gives Key'],
    ['effect', ['add' => 'n', 'by' => 3], 'Points counts 3 more'],
    ['effect', ['close' => 'l'], 'closes Door'],
    ['matcher', ['equals' => ['ebb', 'flow']], 'exactly ebb, flow'],
    [
        'matcher', ['all' => [['between' => [10, 20.5]], ['not' => ['number' => 12]]]],
        'from 10 to 20.5 and not: the number 12',
    ],
    ['matcher', ['close' => 'gannet', 'edits' => 1], 'gannet with one slip'],
    ['matcher', ['mathematics' => '2x', 'as' => 'simplest'], 'what comes to 2x, worked out as far as it goes'],
    ['matcher', ['mathematics' => '2^n'], 'what comes to 2^n at every number that is tried'],
    ['matcher', ['options' => ['o']], 'Gull, and nothing else'],
]);
