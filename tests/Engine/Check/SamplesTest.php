<?php

use Fravel\Answer\Answer;
use Fravel\Check\Answers\Hiding;
use Fravel\Check\Answers\Samples;
use Fravel\Check\Search\Monotony;
use Tests\Support\Engine\SamplesCases;
use Tests\Support\Games;

it('finds an answer that a rule catches', function (array $match, array $input = ['type' => 'text']): void {
    $lock = SamplesCases::lockOf([$match], $input);
    $answer = $lock->accept(Samples::caughtBy($lock, 0, 'en'), 'en');

    expect($answer)->toBeInstanceOf(Answer::class)->and($lock->ruleFor($answer))->toBe(0);
})->with([
    'equals' => [['equals' => ['ebb', 'flow']]],
    'has' => [['has' => ['spring tide']]],
    'hasAll' => [['hasAll' => ['high', 'low']]],
    'like' => [['like' => 'light*ho?se']],
    'close' => [['close' => 'gannet', 'edits' => 1]],
    'a term worked out' => [['mathematics' => '2(x+3)', 'as' => 'simplest']],
    'a term' => [['mathematics' => '2(x+3)', 'as' => 'given']],
    'number' => [['number' => 2.5], ['type' => 'number']],
    'a number with a unit' => [['number' => 2, 'unit' => 'km'], ['type' => 'number', 'unit' => 'km']],
    'a negative number' => [['number' => -40], ['type' => 'number']],
    'between' => [['between' => [1.5, 3]], ['type' => 'number']],
    'length in words' => [['length' => ['min' => 5, 'of' => 'words']], ['type' => 'long']],
    'length in characters' => [['length' => ['min' => 150]], ['type' => 'long']],
    'digits' => [['equals' => '0917'], ['type' => 'digits', 'length' => 4]],
    'one option' => [['options' => ['b']], ['type' => 'options', 'options' => [['id' => 'a'], ['id' => 'b']]]],
    'several options' => [
        ['options' => ['a', 'b']], ['type' => 'options', 'many' => true, 'options' => [['id' => 'a'], ['id' => 'b']]],
    ],
    'an order' => [['order' => ['q', 'p']], ['type' => 'order', 'items' => [['id' => 'p'], ['id' => 'q']]]],
    'pairs' => [['pairs' => ['x' => 'y']], ['type' => 'pairs', 'left' => [['id' => 'x']], 'right' => [['id' => 'y']]]],
    'any' => [['any' => [['equals' => 'a'], ['equals' => 'b']]]],
    'all' => [['all' => [['has' => ['far']], ['length' => ['min' => 4, 'of' => 'words']]]], ['type' => 'long']],
    'anything' => [['anything' => true]],
]);

it('finds an answer that no rule catches, where there is one', function (): void {
    $lock = SamplesCases::lockOf([['equals' => 'ebb']]);
    $all = SamplesCases::lockOf([['anything' => true]]);

    expect($lock->ruleFor($lock->accept(Samples::caughtBy($lock, null, 'en'), 'en')))->toBeNull()
        ->and(Samples::caughtBy($all, null, 'en'))->toBeNull();
});

it('decides whether an earlier rule takes all that a later one would', function (
    array $earlier, array $later, bool $isHidden, array $input = ['type' => 'text'],
): void {
    expect(Hiding::isHidden(SamplesCases::lockOf([$earlier, $later], $input), 1, 'en'))->toBe($isHidden)
        ->and(Hiding::isHidden(SamplesCases::lockOf([$earlier, $later], $input), 0, 'en'))->toBeFalse();
})->with([
    'the same' => [['has' => ['gull']], ['has' => ['gull']], true],
    'anything before' => [['anything' => true], ['pattern' => 'x+'], true],
    'a word of the answer' => [['has' => ['gull']], ['equals' => 'herring gull'], true],
    'a word of one of the answers' => [['has' => ['gull']], ['equals' => ['herring gull', 'tern']], false],
    'no answer at all' => [['has' => ['gull']], ['equals' => []], false],
    'the same after cleaning' => [['equals' => 'Ebb'], ['equals' => 'ebb!'], true],
    'close enough' => [['close' => 'gannet', 'edits' => 1], ['equals' => 'gannets'], true],
    'not close enough' => [['close' => 'gannet', 'edits' => 1], ['equals' => 'gannetries'], false],
    'a range around the number' => [['between' => [1, 5]], ['number' => 3], true, ['type' => 'number']],
    'a range beside the number' => [['between' => [1, 5]], ['number' => 7], false, ['type' => 'number']],
    'a range around a number with room' => [
        ['between' => [1, 5]], ['number' => 3, 'within' => 9], false, ['type' => 'number'],
    ],
    'the same unit in other words' => [
        ['number' => 2, 'unit' => 'km'], ['number' => 2000, 'unit' => 'm'], false, ['type' => 'number', 'unit' => 'km'],
    ],
    'any length' => [['length' => ['min' => 0]], ['equals' => 'x'], true, ['type' => 'long']],
    'a longer length' => [
        ['length' => ['min' => 5]], ['length' => ['min' => 9, 'max' => 20]], true, ['type' => 'long'],
    ],
    'a length with an end before one without' => [
        ['length' => ['min' => 5, 'max' => 20]], ['length' => ['min' => 9]], false, ['type' => 'long'],
    ],
    'lengths of another kind' => [
        ['length' => ['min' => 5, 'of' => 'words']], ['length' => ['min' => 9]], false, ['type' => 'long'],
    ],
    'a range inside a range' => [['between' => [1, 9]], ['number' => 5, 'within' => 2], true, ['type' => 'number']],
    'a range over the edge' => [['between' => [1, 6]], ['number' => 5, 'within' => 2], false, ['type' => 'number']],
    'two ranges that meet' => [
        ['any' => [['between' => [5, 9]], ['between' => [0, 5]]]], ['between' => [1, 8]], true, ['type' => 'number'],
    ],
    'two ranges that leave a gap' => [
        ['any' => [['between' => [6, 9]], ['between' => [0, 5]]]], ['between' => [1, 8]], false, ['type' => 'number'],
    ],
    'a number without the unit' => [
        ['number' => 2, 'within' => 1], ['number' => 2, 'unit' => 'km'], false, ['type' => 'number'],
    ],
    'whole among decimal' => [['form' => 'decimal'], ['form' => 'whole'], true],
    'decimal among whole' => [['form' => 'whole'], ['form' => 'decimal'], false],
    'a term in any form' => [['mathematics' => '2(x+3)'], ['mathematics' => '2x+6', 'as' => 'given'], true],
    'a term of another value' => [['mathematics' => '2(x+3)'], ['mathematics' => '2x+3', 'as' => 'given'], false],
    'a term of which no answer is known' => [
        ['mathematics' => '2(x+3)'], ['mathematics' => '(x²-1)/(x+1)', 'as' => 'simplest'], false,
    ],
    'a term in one form' => [['mathematics' => '2(x+3)', 'as' => 'given'], ['mathematics' => '2x+6'], false],
    'more slips' => [['close' => 'gannet', 'edits' => 2], ['close' => 'gannet', 'edits' => 1], true],
    'fewer slips' => [['close' => 'gannet', 'edits' => 1], ['close' => 'gannet', 'edits' => 2], false],
    'one phrase of all' => [['has' => ['tide']], ['hasAll' => ['spring tide', 'moon']], true],
    'all phrases of more' => [['hasAll' => ['tide']], ['hasAll' => ['spring tide', 'moon']], true],
    'more phrases than all' => [['hasAll' => ['tide', 'sun']], ['hasAll' => ['spring tide', 'moon']], false],
    'any of which each is taken' => [
        ['has' => ['tide', 'moon']], ['any' => [['has' => ['tide']], ['has' => ['full moon']]]], true,
    ],
    'any of which one is not' => [['has' => ['tide']], ['any' => [['has' => ['tide']], ['has' => ['moon']]]], false],
    'all of which one is taken' => [
        ['has' => ['tide']], ['all' => [['has' => ['tide']], ['length' => ['min' => 30]]]], true,
    ],
    'an all before a part of it' => [
        ['all' => [['has' => ['tide']], ['length' => ['min' => 30]]]], ['has' => ['tide']], false,
    ],
    'not more before not less' => [['not' => ['has' => ['spring tide']]], ['not' => ['has' => ['tide']]], true],
    'a star' => [['like' => '*'], ['pattern' => '.+'], true],
    'all codes of a kind' => [['pattern' => '\\d{2}'], ['has' => ['17']], true, ['type' => 'digits', 'length' => 2]],
    'some codes of a kind' => [
        ['pattern' => '[2-9]\\d'], ['pattern' => '\\d7'], false, ['type' => 'digits', 'length' => 2],
    ],
    'one part right before two' => [
        ['right' => ['of' => ['order' => ['p', 'q', 'r']], 'atLeast' => 1]],
        ['right' => ['of' => ['order' => ['p', 'q', 'r']], 'atLeast' => 2]], true,
        ['type' => 'order', 'items' => [['id' => 'p'], ['id' => 'q'], ['id' => 'r']]],
    ],
    'gaps of which each is taken' => [
        ['gaps' => ['g' => ['has' => ['tide']]]], ['gaps' => ['g' => ['has' => ['spring tide']]]], true,
        ['type' => 'gaps', 'md' => '{g}'],
    ],
    'gaps of which one is not' => [
        ['gaps' => ['g' => ['has' => ['moon']]]], ['gaps' => ['g' => ['has' => ['spring tide']]]], false,
        ['type' => 'gaps', 'md' => '{g}'],
    ],
]);

it('knows what makes more less', function (array $scene, bool $isMonotone): void {
    $game = Games::of([['id' => 'a'] + $scene, ['id' => 'b', 'next' => ['go' => 'a']]]);

    expect(Monotony::holdsIn($game))->toBe($isMonotone);
})->with([
    'nothing' => [[], true],
    'giving' => [['things' => [Games::choice('c', ['do' => [['give' => 't']]])]], true],
    'taking' => [['things' => [Games::choice('c', ['do' => [['take' => 't']]])]], false],
    'adding' => [['things' => [Games::choice('c', ['do' => [['add' => 'n', 'by' => 2]]])]], true],
    'taking off' => [['things' => [Games::choice('c', ['do' => [['add' => 'n', 'by' => -2]]])]], false],
    'setting' => [['things' => [Games::choice('c', ['do' => [['set' => 'n', 'to' => 2]]])]], false],
    'opening by an effect' => [['things' => [Games::choice('c', ['do' => [['open' => 'l']]])]], false],
    'forgetting' => [['next' => ['do' => [['forget' => 'ch']]]], false],
    'holding' => [['needs' => ['has' => 't']], true],
    'not holding' => [['needs' => ['not' => ['has' => 't']]], false],
    'at least so many points' => [['needs' => ['tally' => 'n', 'is' => '>=', 'value' => 3]], true],
    'at most so many points' => [['needs' => ['tally' => 'n', 'is' => '<=', 'value' => 3]], false],
    'exactly so many points' => [
        ['needs' => ['any' => [['has' => 't'], ['tally' => 'n', 'is' => '=', 'value' => 3]]]], false,
    ],
    'leading' => [['needs' => ['leads' => 'n', 'among' => ['n', 'm']]], false],
    'opened at first try' => [['needs' => ['firstTry' => ['l'], 'atLeast' => 1]], false],
    'after some minutes' => [['needs' => ['minutes' => 3, 'is' => '>']], true],
    'before some minutes' => [['needs' => ['minutes' => 3, 'is' => '<']], false],
    'several words, one way' => [
        ['refused' => [['if' => ['not' => ['has' => 't']], 'say' => 'x'], ['say' => 'y']]], true,
    ],
    'several ways by what is held' => [['next' => [['if' => ['has' => 't'], 'go' => 'b'], ['go' => 'a']]], false],
    'an arrival that leads on' => [['arrive' => ['go' => 'b']], false],
    'an arrival that gives' => [['arrive' => ['do' => [['give' => 't']]]], true],
    'a lock that opens in two ways' => [
        [
            'things' => [
                [
                    'rules' => [
                        ['match' => ['equals' => 'x'], 'verdict' => 'open', 'go' => 'a'],
                        ['match' => ['equals' => 'y'], 'verdict' => 'open', 'go' => 'b'],
                    ],
                ] + Games::lock('l', ''),
            ],
        ],
        false,
    ],
    'a wrong answer that costs' => [
        ['things' => [['otherwise' => [['do' => [['add' => 'n', 'by' => -1]]]]] + Games::lock('l', 'x')]], false,
    ],
    'a wrong answer that leads away' => [
        ['things' => [['otherwise' => [['go' => 'b']]] + Games::lock('l', 'x')]], true,
    ],
    'options that count' => [
        [
            'things' => [
                [
                    'input' => ['type' => 'options', 'options' => [['id' => 'o', 'do' => [['add' => 'n']]]]],
                ] + Games::lock('l', 'x'),
            ],
        ],
        false,
    ],
]);
