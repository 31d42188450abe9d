<?php

use Brick\Math\BigRational;
use Fravel\Answer\Term\Reader;
use Fravel\Answer\Term\Simplest;
use Fravel\Answer\Term\Term;
use Fravel\Answer\Term\Terms;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('tells terms apart by what they come to', function (string $one, string $other, bool $areEqual): void {
    $read = static fn (string $text): Term => Reader::read($text) ?? throw new LogicException("Not read: {$text}");

    expect(Terms::areEqual($read($one), $read($other)))->toBe($areEqual)
        ->and(Terms::areEqual($read($other), $read($one)))->toBe($areEqual);
})->with([
    ['2(x+3)', '6 + 2x', true], ['2(x+3)', '2·x+6', true], ['2(x+3)', '2x+3', false], ['x²', 'x2', true],
    ['x^2', 'x*x', true], ['1/2x', 'x : 2', true], ['x/2', '0,5x', true], ['(x+1)²', 'x²+2x+1', true],
    ['(x²-1)/(x+1)', 'x − 1', true], ['a-b', '−b+a', true], ['a-b', 'b-a', false], ['-x^2', '(-x)^2', false],
    ['1/x+1/y', '(x+y)/(xy)', true], ['3½', '7/2', true], ['½x', 'x/2', true], ['2·-3', '-6', true],
    ['x^-1', '1/x', true], ['x⁻²', '1/x^2', true], ['x', 'y', false], ['0', 'x-x', true], ['[2x]', '{x}·2', true],
    // What is no fraction of polynomials, or too much to work out, is compared at numbers.
    ['2·2^n', '2^(n+1)', true], ['2·2^n', '2^(n+2)', false], ['(x+1)^50', '(x+1)(x+1)^49', true],
    ['(x+1)^50', '(x+1)^49', false], ['x/0', 'x/0', false],
    ['(n-n)^(-n)', '(n-n)^(-n)', false],
]);

it('says where the form of two terms does not tell, or would be too much to work out', function (): void {
    $isSure = static fn (string $text): ?bool => Terms::areSurelyEqual(Reader::read($text), Reader::read($text));

    expect(array_map($isSure, ['(a+b)^4', '2^n', '(a+b+c+d)^9']))->toBe([true, null, null]);
});

it('does not read what is no term', function (string $text): void {
    expect(Reader::read($text))->toBeNull();
})->with([
    '', ' ', '2 3', '1 1/2', 'x 2', 'x+', '*x', '2(', '2)', '()', 'x=3', '^2', '2..3', 'sin(x)', 'x!', '1,000,000',
    'deep' => str_repeat('(', 60).'x'.str_repeat(')', 60), 'long' => str_repeat('1+', 100).'1',
]);

it('knows what is worked out as far as it goes', function (string $term, bool $isSimplest): void {
    expect(Simplest::is(Reader::read($term) ?? throw new LogicException($term)))->toBe($isSimplest);
})->with([
    ...array_map(static fn (string $term): array => [$term, true], [
        '2x+6', '6+2x', 'x/2', '1/2x', '3/4', 'x^2', 'x2y', '-x+3', '5', '0', '(x+1)/(x-1)', 'x/y', '3x2-2x+1', '1/x',
        '0,5x', '-3/4', '2x/3', 'xy-yz', '(a+b)/(c+d)',
    ]),
    ...array_map(static fn (string $term): array => [$term, false], [
        '2(x+3)', 'x+x', '2x/4', '4/2', '1x', 'x*x', 'x^1', 'x+0', '(x²-1)/(x+1)', '2x/(4y)', 'xy/y', '2x·3', '-(x+1)',
        'x+3-x', '(2x+2)/(4y)', 'x/1', '3+4', 'x·2', '(a+b)/(a+b)', '(x²+2x+1)/(x²-1)',
    ]),
]);

it('writes a term worked out, as one would type it', function (string $term, ?string $written): void {
    $simplest = Simplest::of(Reader::read($term) ?? throw new LogicException($term));

    expect($simplest)->toBe($written)
        ->and($written === null || Simplest::is(Reader::read($written)))->toBeTrue()
        ->and($written === null || Terms::areEqual(Reader::read($term), Reader::read($written)))->toBeTrue();
})->with([
    ['2(x+3)', '2x+6'], ['x-x', '0'], ['(x-1)(x+1)', 'x^2-1'], ['xy·y/2', 'x*y^2/2'], ['-x(y-2/3)', '-x*y+2x/3'],
    ['1/x', null], ['2^n', null], ['6/4', '3/2'], ['-5', '-5'],
]);

it('finds a term equal to what it becomes by rules that change no value, and to nothing else', function (): void {
    $dice = new Randomizer(new Mt19937(27));
    $number = static fn (): BigRational => BigRational::of($dice->getInt(-9, 9));
    for ($round = 0; $round < 60; $round++) {
        [$a, $b, $c] = [$dice->getInt(1, 9), $dice->getInt(1, 9), $dice->getInt(2, 9)];
        $given = "{$a}(x+{$b}y)-{$c}xy";
        $changed = ["-{$c}*y*x+{$a}x+".$a * $b.'y', "({$a}(x+{$b}y)z-{$c}xyz)/z", "{$a}·x−{$c}x·y+{$b}·({$a}y)"];
        $else = ["{$a}(x+{$b}y)+{$c}xy", ($a + 1)."x+{$b}y-{$c}xy", "{$a}(x+{$b})-{$c}xy"];
        $term = Reader::read($given);
        $isEqual = static fn (string $other): bool => Terms::areEqual($term, Reader::read($other));
        expect(array_map($isEqual, $changed))->toBe([true, true, true], $given)
            ->and(array_map($isEqual, $else))->toBe([false, false, false], $given);
        $at = ['x' => $number(), 'y' => $number(), 'z' => BigRational::of(3)];
        expect($term->at($at)->isEqualTo(Reader::read($changed[1])->at($at)))->toBeTrue();
    }
});
