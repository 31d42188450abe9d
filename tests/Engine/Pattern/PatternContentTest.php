<?php

use Fravel\Pattern\Field;
use Fravel\Pattern\FieldKind;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\PatternBuilder;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Fravel\Rows\Cell;
use Fravel\Worksheet\CodeForm;
use Fravel\Worksheet\Row;
use Tests\Support\Engine\PatternContentCases;

it('reads rows of cells, and tells of each what became of it', function (
    string $text, array $rows, array $left, bool $isOpen = false,
): void {
    $field = Field::table('t', ['front', 'back'], isOpen: $isOpen);
    $heading = ($rows[0][0] ?? '') === 'Front' ? 'row' : '';
    $content = PatternContentCases::contentOf(['t' => $text, 'tHeading' => $heading]);
    $told = array_filter($content->account($field)->cells(), static fn (Cell $cell): bool => ! $cell->isTaken());

    expect($content->table($field))->toBe($rows)
        ->and(array_map(static fn (Cell $cell): array => [$cell->row, $cell->text], array_values($told)))->toBe($left);
})->with([
    'cells' => ["a\tb\nc", [['a', 'b'], ['c', '']], []],
    'one too many' => ["a\tb\tc", [['a', 'b']], [[1, 'c']]],
    'an open column' => ["a\tb\t\tc", [['a', 'b', '', 'c']], [], true],
    'without a first cell' => ["\tb\nc\td", [['c', 'd']], [[1, 'b']]],
    'a heading' => ["Back\tFront\nb\ta", [['a', 'b']], [[1, 'Back'], [1, 'Front']]],
    'a heading that was taken back' => ["Front\tBack\na\tb", [['Front', 'Back'], ['a', 'b']], []],
    'a heading of one' => ["Front\tgull\na\tb", [['Front', 'gull'], ['a', 'b']], []],
    'nothing' => ["\n \n", [], []],
]);

it('takes nothing but text for a field', function (mixed $given, string $text): void {
    expect(PatternContentCases::contentOf(['t' => $given])->text('t'))->toBe($text);
})->with([['  words ', 'words'], [7, '7'], [['a'], ''], [null, ''], [true, '']]);

it('keeps a number within its bounds', function (string $text, int $number): void {
    expect(PatternContentCases::contentOf(['n' => $text])->number('n', 5, 1, 10))->toBe($number);
})->with([['', 5], ['3', 3], ['0', 1], ['99', 10], ['many', 5], ['-2', 5]]);

it('says whether there is enough for a field', function (Field $field, mixed $given, bool $isEnough): void {
    expect(PatternContentCases::contentOf([$field->name => $given])->fills($field))->toBe($isEnough);
})->with([
    'questions with answers' => [Field::questions('q'), "What?\tthat", true],
    'questions without' => [Field::questions('q'), 'What?', false],
    'too few rows' => [Field::table('t', ['way'], 2), 'one', false],
    'enough rows' => [Field::table('t', ['way'], 2), "one\ntwo", true],
    'a heading is no row' => [Field::table('t', ['way', 'back'], 2), "Way\tBack\none", false],
    'one name is a row' => [Field::table('t', ['way', 'back'], 2), "Way\tout\none", true],
    'a line that is needed' => [Field::line('l', true), '', false],
    'a line that is not' => [Field::line('l'), '', true],
    'a picture' => [Field::picture('p'), null, true],
]);

it('gives ids that nobody has', function (): void {
    $site = PatternContentCases::siteOf(taken: ['question' => true]);

    expect($site->ids('question', 2))->each->toMatch('/^question-[b-z2-9]{8}$/')
        ->and($site->id('Täxt!'))->toMatch('/^[a-z][a-z0-9-]*$/');
});

it('makes locks with what is said, and with the teacher’s own words before the usual ones', function (
    TeacherDefaults $usual, string $feedback, array $said,
): void {
    $lock = PatternContentCases::siteOf(usual: $usual)
        ->lock(Row::asked('What bends light?', 'a lens', 'en')->withFeedback($feedback));

    expect([$lock['rules'][0]['say'], $lock['otherwise'][0]['say']])->toBe($said);
})->with([
    'nothing said' => [new TeacherDefaults, '', ['Right.', 'Not yet.']],
    'usual words' => [new TeacherDefaults('Good.', 'Look.'), '', ['Good.', 'Look.']],
    'feedback of the row' => [new TeacherDefaults('Good.', 'Look.'), 'It is glass.', ['Good.', 'It is glass.']],
]);

it('guards a code always, and other locks as is usual', function (): void {
    $site = PatternContentCases::siteOf(usual: new TeacherDefaults(tries: 0));

    expect($site->code('The code?', CodeForm::of('0917', 'en'), ''))->toHaveKey('guard')
        ->and($site->code('The code?', CodeForm::of('0917', 'en'), '')['input'])
        ->toBe(['type' => 'digits', 'length' => 4])
        ->and($site->lock(Row::asked('Who?', 'gull', 'en')))->not->toHaveKey('guard')
        ->and(
            PatternContentCases::siteOf(usual: new TeacherDefaults(tries: 2, wait: 9))
                ->lock(Row::asked('Who?', 'gull', 'en'))['guard']
        )
        ->toBe(['tries' => 2, 'wait' => 9]);
});

it('shuffles options, the first of them right', function (): void {
    $lock = PatternContentCases::siteOf()->options('Who?', ['gull', 'tern', 'auk']);

    expect($lock['input']['shuffle'])->toBeTrue()->and(array_column($lock['input']['options'], 'md'))
        ->toBe(['gull', 'tern', 'auk'])
        ->and($lock['rules'][0]['match'])->toBe(['options' => [$lock['input']['options'][0]['id']]]);
});

it('lines scenes up, each leading to the next and the last onward', function (): void {
    $site = PatternContentCases::siteOf();
    $rows = array_map(fn (string $ask): Row => Row::asked($ask, 'x', 'en'), ['One?', 'Two?']);
    $site->line(
        ['a', 'b'], $rows, 'Birds', PatternBuilder::ONWARD,
        fn (Row $row, string $go): array => $site->lock($row, ['go' => $go]), ['chapter' => 'c'],
    );

    expect(array_column($site->scenes, 'title'))->toBe(['Birds 1', 'Birds 2'])
        ->and(array_column($site->scenes, 'chapter'))->toBe(['c', 'c'])
        ->and($site->scenes[0]['things'][0]['rules'][0]['go'])->toBe('b')
        ->and($site->scenes[1]['things'][0]['rules'][0]['go'])->toBe(PatternBuilder::ONWARD);
});

it('sorts rows into rooms in the order in which they come', function (): void {
    $row = fn (string $room): Row => Row::corrected(1, 'Who?', 'gull', Fravel\Worksheet\Kind::Text, false, '', $room);

    expect(
        array_map(
            count(...), PatternContentCases::siteOf()->byRoom([$row('Quay'), $row(''), $row('Quay')], 'Questions'),
        ),
    )
        ->toBe(['Quay' => 2, 'Questions' => 1]);
});

it('has a name, a field that is needed and a sample for each pattern', function (Pattern $pattern): void {
    $words = require dirname(__DIR__, 3).'/lang/en/patterns.php';
    $needed = array_filter($pattern->fields(), fn (Field $field): bool => $field->isNeeded);

    expect($words['all'][$pattern->name()])->toHaveKeys(['name', 'for'])
        ->and($needed)->not->toBe([])->and(Patterns::named($pattern->name()))->toEqual($pattern);
    foreach ($pattern->fields() as $field) {
        expect($words['fields'])->toHaveKey($field->name);
        foreach ($field->kind === FieldKind::Choice ? [] : $field->columns as $column) {
            expect($words['columns'])->toHaveKey($column);
        }
    }
    foreach ($needed as $field) {
        expect($words['sample'])->toHaveKey($field->name);
    }
})->with(fn () => array_map(fn (Pattern $pattern): array => [$pattern], Patterns::all()));

it('knows no pattern of another name', function (): void {
    expect(Patterns::named('maze'))->toBeNull()->and(count(Patterns::all()))->toBeGreaterThanOrEqual(10);
});
