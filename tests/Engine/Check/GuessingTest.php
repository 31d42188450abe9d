<?php

use Fravel\Check\Answers\Guessing;
use Fravel\Thing\Guard;
use Tests\Support\Engine\GuessingCases;
use Tests\Support\Engine\SamplesCases;

it('misses an answer by little, in every way there is', function (): void {
    expect(GuessingCases::missesOf('herring gull'))->toBe([
        'article: the herring gull', 'end-mark: herring gull.', 'parted: herring-gull',
        'typing: herrin ggull', 'missing-letter: herring gul', 'doubled-letter: heerring gull',
        'singular-plural: herring gulls', 'swapped-words: gull herring',
        'extra-word: herring gull and herring gull', 'negation: not herring gull', 'negation: never herring gull',
        'negation: anything but herring gull',
    ])->and(GuessingCases::missesOf('mouettes', language: 'fr'))->toContain('singular-plural: mouette')
        ->toContain('negation: pas mouettes')
        ->and(GuessingCases::missesOf('12.5', ['type' => 'number', 'unit' => 'km']))->toBe([
            'neighbouring-number: 12.6', 'neighbouring-number: 12.4', 'swapped-digits: 21.5', 'decimal-mark: 125',
            'negation: -12.5', 'wrong-unit: 12.5 m',
        ])
        ->and(GuessingCases::missesOf('999', ['type' => 'number']))->toContain('neighbouring-number: 1000')
        ->toContain('counted-noun: 999 steps')
        ->and(GuessingCases::missesOf('0917', ['type' => 'digits', 'length' => 4]))
        ->toBe(['one-step-off: 0918', 'one-step-off: 9917', 'swapped-digits: 0971', 'swapped-digits: 7190'])
        ->and(GuessingCases::missesOf('UD', ['type' => 'arrows', 'length' => 2]))->toContain('one-step-off: UL');
});

it('counts what a guesser faces', function (array $match, array $input, ?float $guesses): void {
    expect(Guessing::at(SamplesCases::lockOf([$match], $input), 'en')?->guesses)->toBe($guesses);
})->with([
    'two digits' => [['equals' => '07'], ['type' => 'digits', 'length' => 2], 50.5],
    'two right codes' => [['equals' => ['07', '70']], ['type' => 'digits', 'length' => 2], 101 / 3],
    'a long code' => [['equals' => ['123456']], ['type' => 'digits', 'length' => 6], 500000.5],
    'one of four' => [
        ['options' => ['a']],
        ['type' => 'options', 'options' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c'], ['id' => 'd']]], 2.5,
    ],
    'an order of three' => [
        ['order' => ['a', 'b', 'c']], ['type' => 'order', 'items' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c']]],
        3.5,
    ],
    'a number stepped up to' => [['number' => 12], ['type' => 'number'], 13.0],
    'the nearest number of a range' => [['between' => [7.5, 100]], ['type' => 'number'], 9.0],
    'a range around nothing' => [['between' => [-3, 3]], ['type' => 'number'], 1.0],
    'a number below nothing' => [['number' => -4, 'within' => 1], ['type' => 'number'], 4.0],
    'a number between the steps' => [['number' => 2.5], ['type' => 'number'], null],
    'a quarter of a picture' => [['inside' => [[0, 0], [0.5, 0], [0.5, 0.5], [0, 0.5]]], ['type' => 'point'], 4.0],
    'yes or no' => [['equals' => 'Yes'], ['type' => 'text'], 1.5],
    'a letter' => [['equals' => ['word', 'k']], ['type' => 'text'], 13.5],
    'a word' => [['equals' => 'word'], ['type' => 'text'], null],
]);

it('waits where a guard makes a guesser wait, and goes back where wrong answers lead away', function (): void {
    $guessing = Guessing::at(SamplesCases::lockOf([['equals' => '7']], ['type' => 'digits', 'length' => 1]), 'en');

    expect($guessing->seconds(null))->toBe(16.5)
        ->and($guessing->seconds(new Guard(2, 30)))->toBe(76.5)
        ->and($guessing->seconds(new Guard(5, 30)))->toBe(16.5);
});

it('finds no secret in a lock that takes any answer', function (array $match, bool $isFound): void {
    $lock = [
        'id' => 'q', 'kind' => 'lock', 'ask' => 'Which?',
        'input' => ['type' => 'options', 'options' => [['id' => 'x', 'md' => 'x'], ['id' => 'y', 'md' => 'y']]],
        'rules' => [['match' => $match, 'verdict' => 'open', 'go' => 'end']], 'otherwise' => [['say' => 'No.']],
    ];
    $game = Tests\Support\Games::of([
        ['id' => 'a', 'things' => [$lock]], ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);
    $codes = array_map(fn ($finding): string => $finding->code, Fravel\Check\Check::of($game)->findings);

    expect(in_array('lock.guessable', $codes, true))->toBe($isFound);
})->with([
    'anything' => [['anything' => true], false],
    'either of two' => [['any' => [['options' => ['x']], ['options' => ['y']]]], false],
    'one of two' => [['options' => ['x']], true],
]);

it('tells that a lock can be guessed that something wants open, not one that effects alone open', function (
    array $beside, bool $isFound,
): void {
    $lock = [
        'id' => 'q', 'kind' => 'lock', 'ask' => 'Which?',
        'input' => ['type' => 'options', 'options' => [['id' => 'x', 'md' => 'x'], ['id' => 'y', 'md' => 'y']]],
        'rules' => [['match' => ['options' => ['x']], 'verdict' => 'open']],
    ];
    $game = Tests\Support\Games::of([
        ['id' => 'a', 'things' => [$lock, ['id' => 'on', 'kind' => 'choice', 'md' => 'On'] + $beside]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(in_array('lock.guessable', array_column(Fravel\Check\Check::of($game)->findings, 'code'), true))
        ->toBe($isFound);
})->with([
    'a choice behind it' => [['if' => ['open' => 'q'], 'react' => [['go' => 'end']]], true],
    'a choice that opens it' => [['react' => [['do' => [['open' => 'q']], 'go' => 'end']]], false],
    'a choice by its first try' => [['react' => [['if' => ['firstTry' => ['q']], 'go' => 'end']]], false],
]);
