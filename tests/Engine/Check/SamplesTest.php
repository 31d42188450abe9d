<?php

use Fravel\Check\Answers\Hiding;
use Fravel\Check\Answers\Samples;
use Fravel\Check\Search\Monotony;
use Fravel\Document\Answer\Answer;
use Fravel\Document\Thing\Lock;
use Tests\Support\Games;

/** @param  list<array<string, mixed>>  $matches  one rule for each */
function lockOf(array $matches, array $input = ['type' => 'text']): Lock
{
    $rules = array_map(static fn (array $match): array => ['match' => $match, 'verdict' => 'open'], $matches);

    return Games::of([['id' => 'a', 'things' => [['input' => $input, 'rules' => $rules] + Games::lock('l', '')]]])->lock('l');
}

it('finds an answer that a rule catches', function (array $match, array $input = ['type' => 'text']): void {
    $lock = lockOf([$match], $input);
    $answer = $lock->accept(Samples::caughtBy($lock, 0, 'en'), 'en');

    expect($answer)->toBeInstanceOf(Answer::class)->and($lock->ruleFor($answer))->toBe(0);
})->with([
    'equals' => [['equals' => ['ebb', 'flow']]],
    'has' => [['has' => ['spring tide']]],
    'hasAll' => [['hasAll' => ['high', 'low']]],
    'like' => [['like' => 'light*ho?se']],
    'close' => [['close' => 'gannet', 'edits' => 1]],
    'number' => [['number' => 2.5], ['type' => 'number']],
    'a number with a unit' => [['number' => 2, 'unit' => 'km'], ['type' => 'number', 'unit' => 'km']],
    'a negative number' => [['number' => -40], ['type' => 'number']],
    'between' => [['between' => [1.5, 3]], ['type' => 'number']],
    'length in words' => [['length' => ['min' => 5, 'of' => 'words']], ['type' => 'long']],
    'length in characters' => [['length' => ['min' => 150]], ['type' => 'long']],
    'digits' => [['equals' => '0917'], ['type' => 'digits', 'length' => 4]],
    'one option' => [['options' => ['b']], ['type' => 'options', 'options' => [['id' => 'a'], ['id' => 'b']]]],
    'several options' => [['options' => ['a', 'b']], ['type' => 'options', 'many' => true, 'options' => [['id' => 'a'], ['id' => 'b']]]],
    'an order' => [['order' => ['q', 'p']], ['type' => 'order', 'items' => [['id' => 'p'], ['id' => 'q']]]],
    'pairs' => [['pairs' => ['x' => 'y']], ['type' => 'pairs', 'left' => [['id' => 'x']], 'right' => [['id' => 'y']]]],
    'any' => [['any' => [['equals' => 'a'], ['equals' => 'b']]]],
    'all' => [['all' => [['has' => ['far']], ['length' => ['min' => 4, 'of' => 'words']]]], ['type' => 'long']],
    'anything' => [['anything' => true]],
]);

it('finds an answer that no rule catches, where there is one', function (): void {
    $lock = lockOf([['equals' => 'ebb']]);
    $all = lockOf([['anything' => true]]);

    expect($lock->ruleFor($lock->accept(Samples::caughtBy($lock, null, 'en'), 'en')))->toBeNull()
        ->and(Samples::caughtBy($all, null, 'en'))->toBeNull();
});

it('decides whether an earlier rule takes all that a later one would', function (array $earlier, array $later, bool $isHidden, array $input = ['type' => 'text']): void {
    expect(Hiding::isHidden(lockOf([$earlier, $later], $input), 1, 'en'))->toBe($isHidden)
        ->and(Hiding::isHidden(lockOf([$earlier, $later], $input), 0, 'en'))->toBeFalse();
})->with([
    'the same' => [['has' => ['gull']], ['has' => ['gull']], true],
    'anything before' => [['anything' => true], ['pattern' => 'x+'], true],
    'a word of the answer' => [['has' => ['gull']], ['equals' => 'herring gull'], true],
    'a word of one of the answers' => [['has' => ['gull']], ['equals' => ['herring gull', 'tern']], false],
    'the same after cleaning' => [['equals' => 'Ebb'], ['equals' => 'ebb!'], true],
    'close enough' => [['close' => 'gannet', 'edits' => 1], ['equals' => 'gannets'], true],
    'not close enough' => [['close' => 'gannet', 'edits' => 1], ['equals' => 'gannetries'], false],
    'a range around the number' => [['between' => [1, 5]], ['number' => 3], true, ['type' => 'number']],
    'a range beside the number' => [['between' => [1, 5]], ['number' => 7], false, ['type' => 'number']],
    'a range around a number with room' => [['between' => [1, 5]], ['number' => 3, 'within' => 9], false, ['type' => 'number']],
    'the same unit in other words' => [['number' => 2, 'unit' => 'km'], ['number' => 2000, 'unit' => 'm'], false, ['type' => 'number', 'unit' => 'km']],
    'any length' => [['length' => ['min' => 0]], ['equals' => 'x'], true, ['type' => 'long']],
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
    'exactly so many points' => [['needs' => ['any' => [['has' => 't'], ['tally' => 'n', 'is' => '=', 'value' => 3]]]], false],
    'leading' => [['needs' => ['leads' => 'n', 'among' => ['n', 'm']]], false],
    'opened at first try' => [['needs' => ['firstTry' => ['l'], 'atLeast' => 1]], false],
    'after some minutes' => [['needs' => ['minutes' => 3, 'is' => '>']], true],
    'before some minutes' => [['needs' => ['minutes' => 3, 'is' => '<']], false],
    'several words, one way' => [['refused' => [['if' => ['not' => ['has' => 't']], 'say' => 'x'], ['say' => 'y']]], true],
    'several ways by what is held' => [['next' => [['if' => ['has' => 't'], 'go' => 'b'], ['go' => 'a']]], false],
    'an arrival that leads on' => [['arrive' => ['go' => 'b']], false],
    'an arrival that gives' => [['arrive' => ['do' => [['give' => 't']]]], true],
    'a lock that opens in two ways' => [['things' => [['rules' => [['match' => ['equals' => 'x'], 'verdict' => 'open', 'go' => 'a'], ['match' => ['equals' => 'y'], 'verdict' => 'open', 'go' => 'b']]] + Games::lock('l', '')]], false],
    'a wrong answer that costs' => [['things' => [['otherwise' => [['do' => [['add' => 'n', 'by' => -1]]]]] + Games::lock('l', 'x')]], false],
    'a wrong answer that leads away' => [['things' => [['otherwise' => [['go' => 'b']]] + Games::lock('l', 'x')]], true],
    'options that count' => [['things' => [['input' => ['type' => 'options', 'options' => [['id' => 'o', 'do' => [['add' => 'n']]]]]] + Games::lock('l', 'x')]], false],
]);
