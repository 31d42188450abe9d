<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Play\Playing;
use Fravel\Rows\Table;
use Fravel\State\Action;
use Fravel\Worksheet\Builder;
use Fravel\Worksheet\Kind;
use Fravel\Worksheet\Row;
use Fravel\Worksheet\Worksheet;
use Tests\Support\Engine\WorksheetCases;

const BUILD_WORDS = [
    'chapter' => 'Questions', 'scene' => ':room :number', 'ending' => 'The way out', 'said' => 'Done.',
];

it('reads what a spreadsheet program of a semicolon country saves', function (): void {
    $sheet = WorksheetCases::exampleSheet('worksheet.csv');
    $rows = array_column($sheet->rows, null, 'number');

    expect([$sheet->separator, $sheet->hasHeading, $sheet->empty, count($rows)])->toBe([';', true, 1, 14])
        ->and($rows[2]->answers)->toBe(['Fresnel lens', 'Fresnel'])->and($rows[5]->answers)
        ->toBe(['puffin', 'Atlantic puffin'])
        ->and($rows[7]->answers)->toBe(['a storm', 'bad weather', 'rain'])
        ->and([$rows[3]->kind, $rows[3]->notes])->toBe([Kind::Number, ['row.unit']])
        ->and([$rows[6]->kind, $rows[6]->notes])->toBe([Kind::Text, ['row.no-feedback']])
        ->and([$rows[14]->repeats, $rows[14]->isTaken])->toBe([13, false])
        ->and($rows[16]->kind)->toBe(Kind::Sentence)
        ->and($rows[10]->feedback)->toBe('“Ph” at the start!');
});

it('reads what lands on the clipboard', function (): void {
    $sheet = WorksheetCases::exampleSheet('paste.tsv');

    expect([$sheet->separator, $sheet->hasHeading])->toBe(["\t", false])
        ->and(array_map(static fn (Row $row): string => $row->kind->value, $sheet->rows))
        ->toBe(['text', 'text', 'text', 'number', 'number'])
        ->and($sheet->rows[4]->isAbout)->toBeTrue();
});

it('builds a game that plays from the first question to the ending', function (string $name): void {
    $sheet = WorksheetCases::exampleSheet($name);
    $document = Builder::build($sheet->rows, 'Built', 'en', BUILD_WORDS);
    $game = GameDocument::of($document);
    $answers = array_column($sheet->rows, 'answers', 'question');
    $state = Playing::start($game, 1, 0)->state;
    for ($step = 0; $state->ended === null && $step < 30; $step++) {
        $lock = $game->scene($state->scene)->things[0];
        $answer = $answers[$lock->ask][0] ?? 'So that ships see them.';
        $state = Playing::act($game, $state, Action::of(['answer' => $lock->id, 'with' => $answer]), 0)->state;
    }

    expect(Validation::ofShape($document))->toBe([])
        ->and(Validation::ofReferences($document))->toBe([])
        ->and($state->ended)->toBe('won');
})->with(['worksheet.csv', 'paste.tsv']);

it('makes a chapter of each room in the order they come', function (): void {
    $document = Builder::build(WorksheetCases::exampleSheet('worksheet.csv')->rows, 'Built', 'en', BUILD_WORDS);

    expect(array_column($document['chapters'], 'title'))
        ->toBe(['Lantern room', 'Engine room', 'Cliff path', 'Chart room', 'Quay'])
        ->and(array_column($document['scenes'], 'title'))->toContain('Chart room 3');
});

it('reads any encoding and line end', function (string $bytes): void {
    expect(Table::read($bytes)->rows)->toBe([['Où ?', 'là'], ['x', 'y']]);
})->with([
    'UTF-8' => "Où ?\tlà\nx\ty\n",
    'UTF-8 with its mark' => "\xEF\xBB\xBFOù ?\tlà\r\nx\ty",
    'UTF-16 little end first' => "\xFF\xFE".mb_convert_encoding("Où ?\tlà\r\nx\ty", 'UTF-16LE', 'UTF-8'),
    'UTF-16 big end first' => "\xFE\xFF".mb_convert_encoding("Où ?\tlà\nx\ty", 'UTF-16BE', 'UTF-8'),
    'Western Windows' => mb_convert_encoding("Où ?\tlà\rx\ty", 'Windows-1252', 'UTF-8'),
]);

it('survives what is no table at all', function (string $bytes): void {
    expect(Worksheet::read($bytes, 'en')->rows)->toBeArray();
})->with([
    '',
    "\n\n\n",
    '"never closed',
    str_repeat(';', 5000),
    random_bytes(2000),
    "a\0b;c",
]);

it('says that there were more rows than it takes', function (): void {
    $sheet = Worksheet::read(str_repeat("question\tanswer\n", Table::MOST_ROWS + 5), 'en');

    expect($sheet->isCut)->toBeTrue()->and(count($sheet->rows))->toBeLessThanOrEqual(Table::MOST_ROWS);
});

it('builds the lock a row means', function (string $answers, Kind $kind, array $input, array $match): void {
    $lock = Builder::build(
        [Row::corrected(1, 'Q?', $answers, $kind, false, '', '')], 'T', 'en', BUILD_WORDS,
    )['scenes'][0]['things'][0];

    expect($lock['input'])->toBe($input)->and($lock['rules'][0]['match'])->toBe($match);
})->with([
    ['2.5 km', Kind::Number, ['type' => 'number', 'unit' => 'km'], ['number' => 2.5, 'unit' => 'km']],
    [
        "2 km\n2000 m", Kind::Number, ['type' => 'number', 'unit' => 'km'],
        ['number' => 2, 'unit' => 'km'],
    ],
    ['1/3', Kind::Number, ['type' => 'text'], ['equals' => ['1/3']]],
    ['about ten', Kind::Number, ['type' => 'text'], ['equals' => ['about ten']]],
    ['0917', Kind::Digits, ['type' => 'digits', 'length' => 4], ['equals' => ['0917']]],
    ["0917\n12", Kind::Digits, ['type' => 'text'], ['equals' => ['0917', '12']]],
]);
