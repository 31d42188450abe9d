<?php

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Answer\Typing\Keyboard;
use Fravel\Answer\Typing\NumberWords;
use Fravel\Support\Node;
use Fravel\Thing\Lock;

/** @param  array<string, mixed>  $clean */
function meant(string $given, mixed $match, array $clean = [], string $language = 'en', string $asked = ''): bool
{
    $cleaning = Cleaning::read(Node::root($clean + ['fair' => true, 'typed' => true]))->in($language, $asked);

    return Matchers::read(Node::root(is_array($match) ? $match : ['equals' => [$match]]))
        ->matches(new Answer($given, $cleaning));
}

it('takes what keys give for what was meant', function (
    string $given, mixed $wanted, string $language = 'en', string $asked = '',
): void {
    expect(meant($given, $wanted, [], $language, $asked))->toBeTrue();
})->with([
    'a hyphen for minus' => ['5y - 10', '5y − 10'],
    'a dash for minus, without blanks' => ['5y–10', '5y − 10'],
    'no blanks' => ['2x+6', '2x + 6'],
    'blanks' => ['2 x + 6', '2x+6'],
    'blanks at brackets' => ['2 ( x + 3 )', '2(x+3)'],
    'a hat for a power' => ['x^2 + 4x + 4', 'x² + 4x + 4'],
    'a power in brackets' => ['10^(-3)', '10⁻³'],
    'a star' => ['3*4', '3 × 4'],
    'a star between letters' => ['a*b', 'a·b'],
    'a power of ten' => ['3x10^4', '3 × 10⁴'],
    'a unit with a power and no blank' => ['5cm2', '5 cm²'],
    'a true minus in the text' => ['minus six', '−6'],
    'a point' => ['( 2,3 )', '(2, 3)'],
    'another dash in a word' => ['well–known', 'well-known'],
    'a dot' => ['3·4', '3 × 4'],
    'the letter x between figures' => ['3x4', '3 × 4'],
    'a slash' => ['12/4', '12 ÷ 4'],
    'a fraction' => ['3/4', '¾'],
    'a whole and a fraction' => ['1 1/2', '1½'],
    'a formula' => ['co 2', 'CO2'],
    'a formula with a low figure' => ['h2o', 'H₂O'],
    'an apostrophe' => ["don't", 'don’t'],
    'ss for ß' => ['Fussweg', 'Fußweg', 'de'],
    'ae for ä' => ['Baer', 'Bär', 'de'],
    'no marks at all' => ['Bar', 'Bär', 'de'],
    'oe for œ' => ['oeuf', 'œuf', 'fr'],
    'minus in words' => ['minus 6', ['number' => -6]],
    'a minus sign for a number' => ['−6', ['number' => -6]],
    'a dash for a number' => ['— 6', ['number' => -6]],
    'a number in words' => ['thirty', ['number' => 30]],
    'a number in words with its unit' => ['thirty km', ['number' => 30, 'unit' => 'km']],
    'a number in words in between' => ['twenty-one', ['between' => [20, 22]]],
    'a number in words for a text of figures' => ['eighteen', '18'],
    'one divided by two' => ['1÷2', ['number' => 0.5]],
    'many for one in the last word' => ['cell walls', 'cell wall'],
    'one for many in the last word' => ['light house', 'light houses'],
    'a noun after a number' => ['48 steps', ['number' => 48]],
    'the name of a unit after a number' => ['24 hours', ['number' => 24]],
    'a unit that the question speaks of' => ['2 km', ['number' => 2], 'en', 'How many kilometres is 8 cm?'],
    'a share in hundredths' => ['50%', ['number' => 50, 'unit' => '%']],
    'a share in words' => ['50 percent', ['number' => 50, 'unit' => '%']],
    'a share without its sign' => ['50', ['number' => 50, 'unit' => '%']],
    'a share where none is asked' => ['50%', ['number' => 0.5]],
    'a hyphen in a code' => ['12AB', '12-AB'],
    'a dash between figures' => ['1914 – 1918', '1914-1918'],
    'a number of many figures' => ['5551234', '555-1234'],
]);

it('keeps apart what says something else', function (string $given, mixed $wanted, string $asked = ''): void {
    expect(meant($given, $wanted, [], 'en', $asked))->toBeFalse();
})->with([
    'another sign' => ['2x-6', '2x + 6'], 'no sign' => ['7', '-7'], 'a sign' => ['-7', '7'],
    'a power for a figure' => ['2^3', '23'], 'no minus between' => ['5y 10', '5y − 10'],
    'another power' => ['x^3', 'x²'], 'brackets' => ['2x+3', '2(x+3)'],
    'another fraction' => ['1/4', '¾'], 'a letter x in a word' => ['axb', 'a×b'],
    'many in the first word' => ['cells wall', 'cell wall'],
    'four words' => ['a red and white flags', 'a red and white flag'],
    'another number in words' => ['thirteen', ['number' => 30]],
    'the symbol of a unit nobody speaks of' => ['30 km', ['number' => 30], 'How many turns?'],
    'a share for a number' => ['0.5', ['number' => 50, 'unit' => '%']],
    'a length for a share' => ['50 km', ['number' => 50, 'unit' => '%']],
]);

it('judges as before where typed is not named', function (string $given, mixed $wanted): void {
    $cleaning = Cleaning::read(Node::root(['fair' => true]))->in('en');
    $matcher = Matchers::read(Node::root(is_array($wanted) ? $wanted : ['equals' => [$wanted]]));
    expect($matcher->matches(new Answer($given, $cleaning)))->toBeFalse();
})->with([
    ['2x+6', '2x + 6'], ['x^2', 'x²'], ['cell walls', 'cell wall'], ['thirty', ['number' => 30]], ['co 2', 'CO2'],
]);

it('switches each part off by its own name', function (string $part, string $given, mixed $wanted): void {
    expect(meant($given, $wanted))->toBeTrue()
        ->and(meant($given, $wanted, [$part => false]))->toBeFalse()
        ->and(meant($given, $wanted, ['strict' => true]))->toBeFalse()
        ->and(meant($given, $wanted, ['typed' => false, $part => true]))->toBeTrue();
})->with([
    ['dashes', '5y-x', '5y−x'], ['blanks', '2x+6', '2x + 6'], ['powers', 'x^2', 'x²'], ['times', '3*y', '3×y'],
    ['fractions', '3/4', '¾'], ['formulas', 'co 2', 'CO2'], ['letters', 'Baer', 'Bär'],
    ['numerals', 'thirty', ['number' => 30]], ['endings', 'cell walls', 'cell wall'],
]);

it('says in figures every whole number that a language says', function (string $language, array $said): void {
    foreach ($said as $words => $number) {
        expect(NumberWords::of($language)->inFigures($words))->toBe((string) $number);
    }
})->with([
    ['en', ['zero' => 0, 'forty-two' => 42, 'a hundred and five' => 105, 'Nine Hundred Ninety Nine' => 999,
        'one thousand' => 1000, 'minus six' => -6]],
    ['de', ['dreißig' => 30, 'einundzwanzig' => 21, 'hundertfünf' => 105, 'fuenf' => 5, 'zweihundert' => 200,
        'tausend' => 1000]],
    ['fr', ['soixante-dix' => 70, 'quatre-vingt-onze' => 91, 'vingt et un' => 21, 'deux cents' => 200,
        'septante' => 70, 'moins six' => -6]],
    ['es', ['veintidós' => 22, 'treinta y uno' => 31, 'cien' => 100, 'quinientas' => 500, 'mil' => 1000]],
]);

it('lets the rule win that names just what was typed, where two would meet', function (): void {
    $lock = Lock::read(Node::root([
        'id' => 'l', 'kind' => 'lock', 'input' => ['type' => 'text'], 'clean' => ['fair' => true, 'typed' => true],
        'rules' => [
            ['match' => ['equals' => 'cell wall'], 'verdict' => 'open'],
            ['match' => ['equals' => 'cell walls'], 'verdict' => 'almost'],
            ['match' => ['anything' => true], 'verdict' => 'wrong'],
        ],
    ]));
    $rule = static fn (string $given): mixed => $lock->ruleFor($lock->accept($given, 'en'));
    expect([$rule('Cell walls'), $rule('cell wall'), $rule('the cell walls'), $rule('cell')])->toBe([1, 0, 0, 2]);
});

it('knows what a phone types', function (string $text, ?string $lacking, string $language = 'en'): void {
    expect(Keyboard::of($language)->lacks($text))->toBe($lacking);
})->with([
    ['Fresnel lens!', null], ['Fußweg', null], ['œuf', null], ['♀', '♀'], ['5 − 3', '−'], ['x²', '²'], ['√2', '√'],
    ['x ≤ 3', '≤'], ['سبعة', 'س'], ['سبعة', null, 'ar'], ['маяк', null, 'ru'], ['½', '½'], ['20 °C', null],
]);

it('finds other ways to type what lacks a key', function (): void {
    expect(Keyboard::of('en')->ways('x² − 10¹²'))->toContain('x^2 - 10^12')
        ->and(Keyboard::of('en')->ways('1½'))->toContain('1 1/2')
        ->and(Keyboard::of('en')->ways('♀'))->toBe([]);
});
