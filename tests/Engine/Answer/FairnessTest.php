<?php

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Support\Node;

/** @param  array<string, mixed>  $clean */
function judged(string $given, mixed $match, array $clean, string $language = 'en'): bool
{
    $cleaning = Cleaning::read(Node::root($clean))->in($language);

    return Matchers::read(Node::root(is_array($match) ? $match : ['equals' => [$match]]))
        ->matches(new Answer($given, $cleaning));
}

it('takes what is right but for how it is written, where a lock is fair', function (
    string $given, mixed $wanted, bool $isRight, string $language = 'en',
): void {
    expect(judged($given, $wanted, ['fair' => true], $language))->toBe($isRight);
})->with([
    'a hyphen' => ['fog-horn', 'foghorn', true],
    'a space' => ['fog horn', 'foghorn', true],
    'neither' => ['foghorn', 'fog-horn', true],
    'an end mark' => ['Foghorn.', 'foghorn', true],
    'an article' => ['the foghorn', 'foghorn', true],
    'an article of German' => ['das Nebelhorn', 'Nebelhorn', true, 'de'],
    'what a paste brings' => ["fog\u{200B}horn\u{FEFF}", 'foghorn', true],
    'many for one' => ['foghorns', 'foghorn', true],
    'one for many' => ['gull', 'gulls', true],
    'berries' => ['berries', 'berry', true],
    'boxes' => ['boxes', 'box', true],
    'bateaux' => ['bateaux', 'bateau', true, 'fr'],
    'Lampen' => ['Lampen', 'Lampe', true, 'de'],
    'faros' => ['faros', 'faro', true, 'es'],
    'a counted noun' => ['48 steps', '48', true],
    'a unit' => ['745 minutes', '745', true],
    'a unit after a number' => ['745 minutes', ['number' => 745], true],
    'a noun after a number in between' => ['7 seals', ['between' => [5, 9]], true],
    'letters that are spelt' => ['o-c-k', 'ock', false],
    'letters with spaces' => ['o c k', 'ock', false],
    'letters as they are spelt' => ['o c k', 'o-c-k', true],
    'a letter beside a word' => ['vitaminc', 'vitamin c', false],
    'another word' => ['foghorm', 'foghorn', false],
    'another number' => ['49 steps', '48', false],
    'two nouns' => ['48 steps down', '48', false],
    'many of two words' => ['red flags', 'red flag', false],
    'an ending that makes many' => ['lenses', 'lens', true],
    'a short word' => ['as', 'a', false],
    'a number for a word' => ['steps', '48', false],
]);

it('judges documents of before as before', function (string $given, string $wanted, bool $isRight): void {
    expect(judged($given, $wanted, []))->toBe($isRight);
})->with([
    ['fog-horn', 'foghorn', true], ['fog horn', 'foghorn', false], ['the foghorn', 'foghorn', false],
    ['foghorns', 'foghorn', false], ['48 steps', '48', false], ['o-c-k', 'ock', true], ['FOGHORN!', 'foghorn', true],
]);

it('switches each of them off alone, and all of them by being strict', function (string $given, string $switch): void {
    $wanted = ctype_digit($given[0]) ? '48' : 'foghorn';
    expect(judged($given, $wanted, ['fair' => true]))->toBeTrue()
        ->and(judged($given, $wanted, ['fair' => true, $switch => false]))->toBeFalse()
        ->and(judged($given, $wanted, ['fair' => true, 'strict' => true]))->toBeFalse()
        ->and(judged($given, $wanted, ['strict' => true, $switch => true]))->toBeTrue();
})->with([
    ['fog horn', 'joins'], ['foghorns', 'plural'], ['the foghorn', 'articles'], ['48 steps', 'counted'],
    ['Foghorn', 'case'], ['föghorn', 'accents'], ['foghorn.', 'punctuation'],
]);
