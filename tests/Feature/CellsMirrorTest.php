<?php

use Fravel\Rows\Alternatives;
use Fravel\Rows\LeastLength;
use Fravel\Rows\Table;
use Tests\Support\Scripts;

const CELLS = [
    'gannet', 'a | b', 'a|b; c', 'a / b', 'a/b', 'and/or', '3/4', '1 1/2', '0.75/0,75', '36 km/h', 'km/h', 'kg/m3',
    '12/05/2024',
    '(x+1)/2', 'x/2', 'CO₂/carbon dioxide', '7/سبعة', 'a steersman/a helmsman', 'https://skerrypoint.example/a', '',
    '| |', 'ebb | ebb',
    '*3/4 | x²', 'lens | *a/b', "two\nlines", 'm/s / km/h', '/', 'a/', '0917', '*', 'either / or',
];

const LENGTHS = [
    'at least 40 words', 'mindestens 40 Wörter', 'au moins 40 mots', 'al menos 40 palabras', '40 words or more',
    '40-80 words',
    'at least 200 characters', 'forty words', 'at least words', '40', 'At least 40 words.',
];

it('parts the answers of a cell alike in the sheet and in rows', function (): void {
    $inPhp = array_map(static fn (string $cell): array => Alternatives::in($cell, 'en'), CELLS);

    expect(Scripts::run('lib/cells.js', 'input.map(module.answersIn)', CELLS))->toBe($inPhp);
});

it('reads a length alike in the sheet and in rows', function (): void {
    $inPhp = array_map(static fn (string $cell): ?array => LeastLength::in($cell)?->toArray(), LENGTHS);

    expect(Scripts::run('lib/cells.js', 'input.map(module.lengthIn)', LENGTHS))->toEqual($inPhp);
});

it('parts a table with quotes alike in the sheet and in rows', function (): void {
    $tables = [
        "\"Land!\" cried whom?\tthe captain", "\"open\ty\nlast\tz",
        "5\" pipe\tb \"c\"\n\"two\nlines\"\t\"a \"\"q\"\"\"",
        "\"one\n\"\"two\"\" three\"\tb\n\"x\ty", " \"sp\" \td", "\"\"\tx",
    ];
    $inPhp = array_map(static fn (string $text): array => Table::read($text, "\t")->rows, $tables);
    $trimmed = 'input.map((text) => module.blockOf(text).map((row) => row.map((one) => one.trim())))';

    expect(Scripts::run('workshop/sheet/keys.js', $trimmed, $tables))->toBe($inPhp);
});
