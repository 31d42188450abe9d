<?php

use Fravel\Check\Answers\NearMiss;
use Fravel\Check\Answers\NearMisses;
use Tests\Support\Engine\SamplesCases;

it('knows the slips that classes make with a term', function (array $match, array $misses): void {
    $lock = SamplesCases::lockOf([$match]);

    expect(array_map(
        static fn (NearMiss $miss): string => "{$miss->slip->value}: {$miss->text}", NearMisses::to($lock, 'en'),
    ))->toBe($misses)->and(NearMisses::openedOn($lock, 'en'))->toBe([]);
})->with([
    'as it is given' => [['mathematics' => '2(x+3)', 'as' => 'given'], [
        'turned-sign: 2(x-3)', 'one-part: 2x+3', 'other-form: 2x+6',
    ]],
    'worked out' => [['mathematics' => '2(x+3)', 'as' => 'simplest'], ['other-form: 2(x+3)', 'turned-sign: 2x-6']],
    'in words of a lock that lists them' => [['equals' => 'a - 2b'], ['turned-sign: a+2b', 'other-form: a-2b']],
    'a square' => [['mathematics' => '(-x)^2'], ['other-form: x^2']],
    'a sign that turns nothing' => [['mathematics' => '2a+0b'], ['other-form: 2a']],
]);

it('takes no word or name for a term', function (string $word): void {
    expect(array_map(
        static fn (NearMiss $miss): string => $miss->slip->value, NearMisses::to(
            SamplesCases::lockOf([['equals' => $word]]), 'en',
        ),
    ))->not->toContain('turned-sign')->not->toContain('other-form');
})->with(['x-ray', 'CO2', 'gannet', 'A4', 'K-9', 'well-to-do', '9-5']);
