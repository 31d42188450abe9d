<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser\SheetCases;
use Tests\Support\Builder;
use Tests\Support\Screens;

afterEach(fn () => Screens::closeAll());

it('makes a game of twenty pasted rows, and changes it like a spreadsheet', function (): void {
    $builder = SheetCases::sheetOf('Pasted');
    $browser = $builder->browser;
    $browser->click('[data-cell="0,0"]');
    SheetCases::pasteBlock(
        $builder,
        implode(
            "\n",
            array_map(
                fn (int $number): string => "What is {$number} and one?\t".($number + 1)."\tCount once more.",
                range(1, 20),
            ),
        ),
    );
    $browser->find('[data-cell="9,3"]');
    $locks = fn (): array => array_merge(
        ...array_map(
            fn (array $scene): array => array_values(
                array_filter($scene['things'], fn (array $thing): bool => $thing['kind'] === 'lock'),
            ),
            $builder->document()['scenes'],
        ),
    );
    expect($locks())->toHaveCount(20)->and($locks()[4]['rules'][0]['match']['number'])->toBe(6);

    $browser->click('[data-cell="0,5"]')->keys('S', 'o', 'o', 'n')->keys(WebDriverKeys::ENTER);
    expect($locks()[0]['otherwise'][0]['say'])->toBe('Soon');
    $browser->click('[data-cell="0,5"]')
        ->keys(WebDriverKeys::SHIFT, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN)
        ->keys(WebDriverKeys::CONTROL, 'd');
    expect(array_column(array_merge(...array_column(array_slice($locks(), 0, 4), 'otherwise')), 'say'))
        ->toBe(['Soon', 'Soon', 'Soon', 'Count once more.']);

    $browser->click('[data-cell="1,4"]');
    SheetCases::pasteBlock($builder, "7\nnot a number\n9");
    $browser->see('“not a number” is no number; what was there before is kept');
    expect(array_map(fn (array $lock): int => $lock['rules'][0]['match']['number'], array_slice($locks(), 0, 4)))
        ->toBe([2, 7, 4, 9]);
    $browser->click('[data-cell="0,9"]')->keys('5')->keys(WebDriverKeys::ENTER);
    expect($builder->document()['tallies'][0]['name'])->toBe('Points')->and($locks()[0]['rules'][0]['do'][0]['by'])
        ->toBe(5)
        ->and($browser->barriers())->toBe([])->and($browser->complaints())->toBe([]);
});

it('names a row that it leaves out, and changes a question and its copy in one press', function (): void {
    $builder = SheetCases::sheetOf('Recap');
    $browser = $builder->browser;
    $browser->click('[data-cell="0,0"]');
    SheetCases::pasteBlock($builder, "Where do terns nest?\tshingle\nWhere do puffins nest?\tburrows\n"
        ."Where do terns nest?\tshingle");
    $browser->see('Row 3, “Where do terns nest? · shingle”, left out: the same as row 1.')->find('[data-cell="1,3"]');
    $browser->click('.grid-beyond');
    SheetCases::pasteBlock($builder, "Where do terns nest?\tshingle");
    $browser->find('[data-cell="2,4"]');
    $answers = fn (): array => array_map(
        fn (array $scene): ?array => $scene['things'][0]['rules'][0]['match']['equals'] ?? null,
        array_slice($builder->document()['scenes'], 0, 3),
    );
    expect($answers())->toBe([['shingle'], ['burrows'], ['shingle']]);

    $browser->click('[data-cell="0,4"]')->keys('s', 'a', 'n', 'd')->keys(WebDriverKeys::ENTER);
    $browser->see('asked the same until now');
    expect($answers())->toBe([['sand'], ['burrows'], ['shingle']]);
    $browser->click('#alert button')->until(fn (): bool => $answers() === [['sand'], ['burrows'], ['sand']]);
    $browser->click('[data-cell="1,4"]')->keys('♀', WebDriverKeys::ENTER);
    $browser->see('“♀” does not open “Where do puffins nest?” yet');
    expect($browser->barriers())->toBe([])->and($browser->complaints())->toBe([]);
});

it('finds and replaces, sorts and filters, and shows what a file would change before it is taken', function (): void {
    $builder = SheetCases::sheetOf('Files');
    $browser = $builder->browser;
    $browser->click('[data-cell="0,0"]');
    SheetCases::pasteBlock($builder, "Where do terns nest?\tshingle\tLook at the beach.\tBirds\n"
        ."Where do puffins nest?\tburrows\tLook at the cliff.\tBirds\n"
        ."What is high water?\tspring tide\tLook at the moon.\tTides");
    $browser->find('[data-cell="2,3"]');
    $browser->type('[data-key="sheet.find"]', 'look at')->type('[data-key="sheet.replace"]', 'Think of')
        ->click('[data-key="sheet.replace.all"]');
    $says = fn (): array => array_map(
        fn (array $scene): ?string => $scene['things'][0]['otherwise'][0]['say'] ?? null,
        $builder->document()['scenes'],
    );
    expect(array_slice($says(), 0, 3))->toBe(['Think of the beach.', 'Think of the cliff.', 'Think of the moon.']);
    $browser->type('[data-key="sheet.find"]', ' ')
        ->script(
            'const find = document.querySelector("[data-key=\'sheet.find\']"); find.value = ""; '
                .'find.dispatchEvent(new Event("input"))',
        );
    $asks = fn (): array => $browser->script(
        'return [...document.querySelectorAll(".grid-row[data-row] [aria-colindex=\"4\"]")].map((cell) => '
            .'cell.textContent)',
    );
    $browser->script('document.querySelectorAll(".grid-title")[3].click()');
    expect($asks())->toBe(['What is high water?', 'Where do puffins nest?', 'Where do terns nest?']);
    $browser->choose('[data-key="sheet.chapter"]', 'Tides');
    expect($asks())->toBe(['What is high water?']);
    $browser->choose('[data-key="sheet.chapter"]', 'all chapters');

    $lock = $builder->document()['scenes'][0]['things'][0]['id'];
    file_put_contents($file = sys_get_temp_dir().'/fravel-sheet.csv', "id,Asks,Right answers\n{$lock},Where do terns "
        ."nest?,shingle | beach\ngone,What?,nothing\n");
    $browser->script('document.querySelector(".face-sheet input[type=file]").hidden = false');
    $browser->find('.face-sheet input[type=file]')->sendKeys($file);
    $browser->see('1 cells would change')->see('1 of its rows are not in this game');
    expect($builder->document()['scenes'][0]['things'][0]['rules'][0]['match']['equals'])->toBe(['shingle']);
    $browser->click('[data-key="sheet.take"]');
    expect($builder->document()['scenes'][0]['things'][0]['rules'][0]['match']['equals'])->toBe(['shingle', 'beach']);
});

it('fills a grid of answers and outcomes, and says which outcome can never win', function (): void {
    $builder = new Builder(Screens::teacher()->go('/games/new'));
    $builder->offer('quiz')->paste('[data-key="pattern.field.outcomes"]', "Keeper\nPilot")
        ->paste('[data-key="pattern.field.quizQuestions"]', "First?\ta\tb\nSecond?\ta\nThird?\ta")
        ->click('[data-key="patterns.build"]');
    $builder->kept();
    $browser = $builder->browser->click('[data-face="sheet"]')->click('[data-key="sheet.option"]')
        ->see('can never win');
    $browser->click('[data-cell="1,3"]')->keys('x')->keys(WebDriverKeys::ENTER)->see('for instance: b · a · a');
    $browser->click('[data-cell="1,3"]')->keys(WebDriverKeys::DELETE)->click('[data-cell="1,5"]')
        ->keys('m', 'u', 's', 't')->keys(WebDriverKeys::ENTER);
    $browser->see('wins 50 %');
    $option = $builder->document()['scenes'][0]['things'][0]['input']['options'][1];
    expect($option['do'])->toContain(['must' => $builder->document()['tallies'][1]['id']])
        ->and($browser->find('[data-cell="1,5"]')->getText())->toBe('must')
        ->and($browser->barriers())->toBe([])->and($browser->complaints())->toBe([]);
});
