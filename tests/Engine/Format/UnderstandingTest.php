<?php

use Fravel\Worksheet\Columns;
use Fravel\Worksheet\Row;
use Fravel\Worksheet\Table;
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
    'a slash without room parts nothing' => ['and/or', '', ['and/or'], 'text'],
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

it('finds the columns by their headings in several languages', function (array $first, array $places): void {
    $columns = Columns::guess($first);

    expect([$columns->question, $columns->answer, $columns->feedback, $columns->room, $columns->hasHeader])
        ->toBe($places);
})->with([
    'English' => [['Question', 'Answer', 'If wrong', 'Room'], [0, 1, 2, 3, true]],
    'in another order' => [['Room', 'Answer:', 'QUESTION'], [2, 1, null, 0, true]],
    'German' => [['Frage', 'Antwort', 'Rückmeldung', 'Raum'], [0, 1, 2, 3, true]],
    'French' => [['Question', 'Réponse', 'Si faux', 'Salle'], [0, 1, 2, 3, true]],
    'Spanish' => [['Pregunta', 'Respuesta', 'Si es incorrecto', 'Sala'], [0, 1, 2, 3, true]],
    'none' => [['Which bird dives?', 'gannet'], [0, 1, 2, 3, false]],
    'an empty first row' => [[], [0, 1, 2, 3, false]],
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
]);

it('keeps quotes, line ends and separators inside quoted fields', function (): void {
    expect(Table::read("\"He said \"\"ebb\"\"\";\"a; b\"\n\"two\nlines\";c")->rows)
        ->toBe([['He said "ebb"', 'a; b'], ["two\nlines", 'c']]);
});

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
