<?php

use Fravel\Answer\Cleaning;
use Tests\Support\Engine\CleaningCases;

it('makes alike what should not matter', function (string $text, string $clean): void {
    expect(CleaningCases::cleaned($text))->toBe($clean);
})->with([
    'case' => ['LaMP', 'lamp'],
    'full case folding' => ['Straße', 'strasse'],
    'space around and within' => ["  low \t tide\n", 'low tide'],
    'no-break space' => ["low\u{A0}tide", 'low tide'],
    'accents' => ['Marée', 'maree'],
    'accents written apart' => ["Mare\u{301}e", 'maree'],
    'punctuation at the end' => ['Yes!?', 'yes'],
    'punctuation between words' => ['oil,wick', 'oil wick'],
    'an apostrophe' => ["keeper's", 'keepers'],
    'a curly apostrophe' => ['keeper’s', 'keepers'],
    'a hyphen' => ['sea-bird', 'seabird'],
    'a ligature' => ['ﬁn', 'fin'],
    'full width' => ['ＬＡＭＰ', 'lamp'],
    'signs that are no punctuation' => ['2+2=4', '2+2=4'],
    'nothing but punctuation' => ['...', '...'],
    'nothing' => ['', ''],
]);

it('leaves alone what a switch says matters', function (string $text, array $switches, string $clean): void {
    expect(CleaningCases::cleaned($text, $switches))->toBe($clean);
})->with([
    'case' => ['CaCO3', ['case' => false], 'CaCO3'],
    'accents' => ['Marée', ['accents' => false], 'marée'],
    'punctuation' => ['C#, please', ['punctuation' => false], 'c#, please'],
    'space' => ['a  b', ['space' => false], 'a  b'],
    'no space at all' => ['a  b c', ['space' => 'none'], 'abc'],
    'width' => ['ａ', ['width' => false], 'ａ'],
    'all of them' => [
        '  É-x ', ['case' => false, 'accents' => false, 'punctuation' => false, 'space' => false, 'width' => false],
        'É-x',
    ],
]);

it('drops a leading article of the language, and only when asked', function (
    string $text, string $language, string $clean,
): void {
    expect(CleaningCases::cleaned($text, ['articles' => true], $language))->toBe($clean)
        ->and(CleaningCases::cleaned('the lamp'))->toBe('the lamp');
})->with([
    ['The lamp', 'en', 'lamp'],
    ['an oar', 'en', 'oar'],
    ['theatre', 'en', 'theatre'],
    ['the', 'en', 'the'],
    ['la mer', 'fr', 'mer'],
    ["l'île", 'fr', 'ile'],
    ['das Licht', 'de', 'licht'],
    ['el faro', 'es', 'faro'],
    ['il faro', 'it', 'faro'],
    ['het licht', 'nl', 'licht'],
    ['o farol', 'pt', 'farol'],
    ['the lamp', 'fr', 'the lamp'],
    ['the lamp', 'xx', 'the lamp'],
]);

it('cleans what is clean no further', function (string $text): void {
    expect(CleaningCases::cleaned(CleaningCases::cleaned($text)))->toBe(CleaningCases::cleaned($text));
})->with([
    'Ålesund, Norge',
    'ΣΊΣΥΦΟΣ',
    '“Quoted” – text',
    'naïve—café',
    'İstanbul',
    '½ l',
    "x\u{200B}y",
    'ß',
    'a.b.c',
]);

it('keeps the wildcards of a literal', function (): void {
    expect(Cleaning::usual()->cleanLike('  Light*HO?se! '))->toBe('light*ho?se');
});

it('compares nothing that nobody can see, whatever the switches say', function (string $typed, array $switches): void {
    $cleaning = Cleaning::read(Fravel\Support\Node::root($switches));

    expect($cleaning->clean($typed))->toBe($cleaning->clean('lamp'))->and(Cleaning::trim("{$typed} "))->toBe('lamp');
})->with(["la\u{200B}mp", "\u{FEFF}lamp", "lamp\u{2060}", "\u{202A}lamp\u{202C}", "la\u{AD}mp", "\u{200E} lamp"])
    ->with([[[]], [['case' => false, 'space' => false, 'accents' => false, 'punctuation' => false, 'width' => false]]]);

it('takes an answer of nothing but what nobody can see for blank', function (): void {
    $lock = Fravel\Thing\Lock::read(Fravel\Support\Node::root(Tests\Support\Games::lock('l', 'x')));

    expect($lock->accept("\u{200B}\u{FEFF} ", 'en')->code)->toBe('answer.blank');
});

it('keeps what binds signs where a text stands as it is, and compares without', function (): void {
    $family = "👩\u{200D}🚀";

    expect(Cleaning::trim($family))->toBe($family)->and(Cleaning::usual()->clean($family))
        ->toBe(Cleaning::usual()->clean('👩🚀'));
});
