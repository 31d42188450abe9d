<?php

use Fravel\Rows\Headings;
use Fravel\Rows\Table;
use Fravel\Worksheet\Row;
use Fravel\Worksheet\Understanding;
use Fravel\Worksheet\Worksheet;

it('understands the cell of an answer', function (
    string $cell, string $question, array $answers, string $kind, string $language = 'en',
): void {
    $meant = Understanding::of($cell, $question, $language);

    expect([$meant->answers, $meant->kind->value])->toBe([$answers, $kind]);
})->with([
    'a word' => ['puffin', '', ['puffin'], 'text'],
    'bars between answers' => ['puffin|Atlantic puffin', '', ['puffin', 'Atlantic puffin'], 'text'],
    'semicolons between answers' => ['rain; wind ;storm', '', ['rain', 'wind', 'storm'], 'text'],
    'a slash with room around it' => ['lens / glass', '', ['lens', 'glass'], 'text'],
    'a slash without room' => ['a/b', '', ['a', 'b'], 'text'],
    'a slash that is a word' => ['and/or', '', ['and/or'], 'text'],
    'two spellings of a number' => ['0.75/0,75', '', ['0.75', '0,75'], 'number'],
    'a unit' => ['km/h', '', ['km/h'], 'text'],
    'a date' => ['12/05/2024', '', ['12/05/2024'], 'text'],
    'a term' => ['(x+1)/2', '', ['(x+1)/2'], 'text'],
    'a number with room' => ['12.5 ± 0.5', '', ['12.5 ± 0.5'], 'number'],
    'a text of a length' => ['at least 40 words', '', ['at least 40 words'], 'length'],
    'a length in German' => ['mindestens 40 Wörter', '', ['mindestens 40 Wörter'], 'length', 'de'],
    'options' => ['*lens | rope | bell', '', ['*lens', 'rope', 'bell'], 'options'],
    'true or false' => ['false', 'True or false: it bends.', ['True', '*False'], 'options'],
    'true alone' => ['true', 'Is it so?', ['true'], 'text'],
    'gaps' => ['', 'The [lens|glass] bends light.', [], 'gaps'],
    'a fraction' => ['3/4', '', ['3/4'], 'number'],
    'a speed keeps its slash' => ['36 km/h', '', ['36 km/h'], 'number'],
    'a whole number' => ['300', '', ['300'], 'number'],
    'a grouped number with its unit' => ['30 000 km', '', ['30 000 km'], 'number'],
    'a decimal comma' => ['2,5 l', '', ['2,5 l'], 'number', 'de'],
    'degrees' => ['360°', '', ['360°'], 'number'],
    'per cent' => ['25%', '', ['25%'], 'number'],
    'two numbers' => ['12 | 13', '', ['12', '13'], 'number'],
    'a number and a word' => ['12 | twelve', '', ['12', 'twelve'], 'text'],
    'a clock time' => ['16:35', '', ['16:35'], 'text'],
    'a code' => ['0917', '', ['0917'], 'digits'],
    'a decimal that begins with nought' => ['0.5', '', ['0.5'], 'number'],
    'signs' => ['...', '', ['...'], 'text'],
    'any sentence' => ['*', '', [], 'sentence'],
    'the same twice' => ['ebb | ebb', '', ['ebb'], 'text'],
    'nothing' => ['', '', [], 'text'],
    'nothing between bars' => ['| |', '', [], 'text'],
]);

it('notices a question that asks for no exact number', function (string $question, bool $isAbout): void {
    expect(Understanding::of('18.5', $question, 'en')->isAbout)->toBe($isAbout)
        ->and(Understanding::of('eighteen', $question, 'en')->isAbout)->toBeFalse();
})->with([
    ['10 knots is about how many km/h?', true],
    ['Roughly how far?', true],
    ['Wie weit ist es ungefähr?', true],
    ['Environ combien de marches ?', true],
    ['How far exactly?', false],
    ['What is the roundabout way?', false],
]);

it('finds the columns by their headings in several languages', function (array $first, ?array $places): void {
    expect(Headings::in($first, Worksheet::COLUMNS))->toBe($places);
})->with([
    'English' => [['Question', 'Answer', 'If wrong', 'Room'], ['question', 'answer', 'wrong', 'room']],
    'in another order' => [['Room', 'Answer:', 'QUESTION'], ['room', 'answer', 'question']],
    'German' => [['Frage', 'Antwort', 'Rückmeldung', 'Raum'], ['question', 'answer', 'wrong', 'room']],
    'French' => [['Question', 'Réponse', 'Si faux', 'Salle'], ['question', 'answer', 'wrong', 'room']],
    'Spanish' => [['Pregunta', 'Respuesta', 'Si es incorrecto', 'Sala'], ['question', 'answer', 'wrong', 'room']],
    'one that nobody knows between' => [['Question', 'No.', 'Answer'], [0 => 'question', 2 => 'answer']],
    'none' => [['Which bird dives?', 'gannet'], null],
    'one name is none' => [['Which vitamin is it?', 'D', 'Think of bones', 'A'], null],
    'an empty first row' => [[], null],
]);

it('guesses what parts the fields', function (string $text, string $separator): void {
    expect(Table::read($text)->separator)->toBe($separator);
})->with([
    'tabs' => ["a\tb\nc\td", "\t"],
    'semicolons' => ["a;b\nc;d", ';'],
    'commas' => ["a,b\nc,d", ','],
    'bars' => ["a|b\nc|d", '|'],
    'semicolons with commas in the text' => ["What, then?;this\nAnd, now?;that", ';'],
    'tabs with semicolons in the answers' => ["Q\ta; b\nR\tc; d", "\t"],
    'quoted fields with line ends' => ["\"one\ntwo\";x\n\"three\";y", ';'],
    'one column' => ["alone\nstill alone", "\t"],
    'clauses' => ['12 eggs, 5 are gone. How many are left? 7', "\t"],
    'figures' => ["What is half of 7? 3,5\nAnd of 9? 4,5", "\t"],
]);

it('keeps quotes, line ends and separators inside quoted fields', function (): void {
    expect(Table::read("\"He said \"\"ebb\"\"\";\"a; b\"\n\"two\nlines\";c")->rows)
        ->toBe([['He said "ebb"', 'a; b'], ["two\nlines", 'c']]);
});

it('takes quotes that stand around no cell for words', function (string $text, array $rows): void {
    expect(Table::read($text)->rows)->toBe($rows);
})->with([
    'at its beginning' => ["\"Stop!\" cried whom?\tthe captain", [['"Stop!" cried whom?', 'the captain']]],
    'never closed' => ["\"open\ty\nlast\tz", [['"open', 'y'], ['last', 'z']]],
    'inches' => ["5\" or 6\"?;5\"\n\"5\" or 6?;b", [['5" or 6"?', '5"'], ['"5" or 6?', 'b']]],
]);

it('notices a question that stands twice, however it is written', function (): void {
    $rows = Worksheet::read("Which bird dives?\tgannet\nwhich  bird dives\tGannet\n"
        ."Which bird sings?\tlark", 'en')->rows;

    expect(array_map(static fn (Row $row): ?int => $row->repeats, $rows))->toBe([null, 1, null])
        ->and(array_map(static fn (Row $row): bool => $row->isTaken, $rows))->toBe([true, false, true]);
});

it('says what a row lacks', function (string $line, array $notes, bool $isBuildable): void {
    $row = Worksheet::read("Question\tAnswer\tIf wrong\n{$line}", 'en')->rows[0];

    expect($row->notes)->toBe($notes)->and($row->isBuildable())->toBe($isBuildable);
})->with([
    'nothing' => ["Q?\ta\tNo.", [], true],
    'feedback' => ["Q?\ta\t", ['row.no-feedback'], true],
    'an answer' => ["Q?\t\tNo.", ['row.no-answer'], false],
    'a question' => ["\ta\tNo.", [], false],
]);

it('parts a question from what follows it where nothing else does', function (string $line, array $row): void {
    $read = Worksheet::read($line, 'en')->rows[0];
    expect([$read->question, $read->answers])->toBe($row);
})->with([
    ['12 eggs, 5 are gone. How many are left? 7', ['12 eggs, 5 are gone. How many are left?', ['7']]],
    ['Which bird dives?', ['Which bird dives?', []]],
]);

it('tells cells that no column is for, and lets a heading be a row', function (): void {
    $text = "Question\tAnswer\tNo.\nWho?\ta gull\t7";
    expect(Worksheet::read($text, 'en')->rows[0]->beyond)->toBe(['7'])
        ->and(array_column(Worksheet::read($text, 'en', mayHead: false)->rows, 'question'))->toBe(['Question', 'Who?']);
});
