<?php

use Fravel\Check\Check;
use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Fravel\Worksheet\Row;
use Fravel\Worksheet\Worksheet;
use Tests\Support\Engine\PatternCases;
use Tests\Support\Lies\Campaign;

function rowsOf(string $name): string
{
    return (string) file_get_contents(dirname(__DIR__, 2)."/Examples/rows/{$name}.tsv");
}

it('builds what was meant, however it was written', function (int $from): void {
    $lies = [];
    foreach (range($from, $from + 29) as $seed) {
        array_push($lies, ...Campaign::draw($seed));
    }
    expect($lies)->toBe([]);
})->with([1, 31, 61, 91, 121]);

it('reads a first row without headings as a row', function (): void {
    $rows = Worksheet::read(rowsOf('odd-first-row'), 'en')->rows;

    expect(array_map(static fn (Row $row): array => [$row->question, $row->answers, $row->room], $rows))->toBe([
        ['Which vitamin is made in sunlight?', ['D'], 'A'],
        ['Which vitamin is in carrots?', ['A'], 'A'],
        ['What is a coxswain?', ['a steersman', 'a helmsman'], 'B'],
    ]);
});

it('builds a game of odd signs that is won on a phone, with a pad for what no key types', function (): void {
    $built = Build::alone(
        Patterns::named('ladder'), new Content(['questions' => rowsOf('odd-signs')], 'en'),
        PatternCases::patternWords('words'), new TeacherDefaults(),
    );
    $report = Check::of(GameDocument::of($built ?? []));
    $inputs = array_map(
        static fn (array $scene): mixed => $scene['things'][0]['input']['type'] ?? '', $built['scenes'],
    );

    expect($report->hasErrors())->toBeFalse()->and($report->isProved)->toBeTrue()->and($inputs[6])->toBe('keys');
});

it('keeps boxes that nobody asks for, and both of two alike', function (): void {
    $built = Build::alone(
        Patterns::named('find'), new Content(['finds' => rowsOf('odd-boxes')], 'en'),
        PatternCases::patternWords('words'), new TeacherDefaults(),
    );
    $boxes = $built['scenes'][0]['things'][0]['boxes'];

    expect(array_column($boxes, 'md'))->toBe([
        'Lisbon', 'Porto', 'Faro', 'Oslo', 'Oslo', 'Budapest', 'Reykjavík', 'Vaduz',
    ])->and(array_column($boxes, 'ask')[1])->toBe('');
});
