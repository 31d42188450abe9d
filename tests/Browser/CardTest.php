<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser\WorkshopCases;
use Tests\Support\Builder;

/** A lock on a page that asks for this answer, taken up. */
function askingFor(string $answer, string $title): Builder
{
    $builder = Builder::ofNewGame($title);
    $builder->click('[data-add="lock"]')->type('[data-key$=".rule.0.equals"]', $answer);
    $builder->kept();

    return $builder;
}

it('makes a rule of a near miss in one press, and asks at once what students read then', function (): void {
    $builder = askingFor('gannet', 'Near');
    $lock = $builder->thing()['id'];
    $builder->click("[data-key='{$lock}.bench.near'] summary")->press('A rule for “gannt”');
    $teacher = $builder->browser;
    $teacher->keys('Nearly: one letter is missing.');
    $rules = $builder->thing()['rules'];

    expect(array_column($rules, 'match'))->toBe([['equals' => ['gannet']], ['equals' => ['gannt']]])
        ->and($rules[1])->toMatchArray(['verdict' => 'almost', 'say' => 'Nearly: one letter is missing.']);
    $builder->type("[data-key='{$lock}.bench']", 'The GANNT');
    $teacher->see('read as gannt the rule reads gannt')->see('rule 2 → close')->see('Nearly: one letter');
    $teacher->until(fn (): bool => ! $teacher->has('[aria-label="A rule for “gannt”"]'));
    expect($teacher->barriers())->toBe([]);
});

it('puts values into a text by buttons, written in words and kept as marks', function (): void {
    $builder = askingFor('0917', 'Values');
    $lock = $builder->thing()['id'];
    $builder->type("[data-key='{$lock}.label']", 'The gate')->click('[data-add="text"]');
    $builder->kept();
    $text = $builder->thing()['id'];
    $builder->type("[data-key='{$text}.md']", 'On the wall: ');
    $builder->browser->script('document.querySelector(arguments[0]).open = true', "[data-key='{$text}.md.values']");
    $builder->press('sign 2 of The gate');
    expect($builder->thing()['md'])->toBe("On the wall: {=code:{$lock}:2}")
        ->and($builder->browser->script('return document.querySelector(arguments[0]).value', "[data-key='{$text}.md']"))
        ->toBe('On the wall: {sign 2 of The gate}');
    $student = $builder->kept()->click('#rehearse')->see('On the wall: 9');
    $student->click('#edit-this-scene')->click("[data-thing='{$lock}'] textarea")
        ->type("[data-key='{$lock}.rule.0.equals']", '4321');
    $builder->kept()->click('#rehearse')->see('On the wall: 3');
});

it('joins rules, keeps them in the order they are put in, and judges by it', function (): void {
    $builder = askingFor('red', 'Joined');
    $lock = $builder->thing()['id'];
    $builder->choose("[data-key='{$lock}.rule.0.kind']", 'is any of these:')
        ->type("[data-key='{$lock}.rule.0.any.1.equals']", 'scarlet')->click("[data-key='{$lock}.add-rule']")
        ->choose("[data-key='{$lock}.rule.1.kind']", 'is anything');
    expect(array_column($builder->thing()['rules'], 'match'))->toBe([
        ['any' => [['equals' => ['red']], ['equals' => ['scarlet']]]], ['anything' => true],
    ]);
    $builder->type("[data-key='{$lock}.bench']", 'scarlet');
    $builder->browser->see('rule 1 → opens');
    $builder->browser->script('document.querySelector(arguments[0]).focus()', "[data-key='{$lock}.rule.1.grip']");
    $builder->browser->keys(WebDriverKeys::ARROW_UP);
    WorkshopCases::documentWhere(
        $builder->browser,
        fn (array $kept): bool => isset($kept['scenes'][0]['things'][1]['rules'][0]['match']['anything']),
    );
    $builder->type("[data-key='{$lock}.bench']", 'red');
    $builder->browser->see('rule 1 → close');
});

it('asks for a term, in the form that is wanted', function (): void {
    $builder = askingFor('x', 'Terms');
    $lock = $builder->thing()['id'];
    $builder->choose("[data-key='{$lock}.rule.0.kind']", 'is, as mathematics,')
        ->type("[data-key='{$lock}.rule.0.mathematics']", '2(x+');
    $builder->browser->see('can’t be read as a term');
    $builder->type("[data-key='{$lock}.rule.0.mathematics']", '2(x+3)')
        ->choose("[data-key='{$lock}.rule.0.as']", 'simplified as far as it goes');
    $builder->kept();
    expect($builder->thing()['rules'][0]['match'])->toEqual(['mathematics' => '2(x+3)', 'as' => 'simplest']);
    $builder->type("[data-key='{$lock}.bench']", '3*2+2x');
    $builder->browser->see('anything else → ');
    $builder->type("[data-key='{$lock}.bench']", '6 + 2X');
    $builder->browser->see('the rule → opens');
});

it('shows what is held with its picture', function (): void {
    $builder = askingFor('red', 'Ties');
    $lock = $builder->thing()['id'];
    $builder->choose("[data-key='{$lock}.rule.0.gives']", '＋ a new token');
    $builder->kept();
    $token = $builder->document()['tokens'][0]['id'];
    $builder->type("[data-key='{$token}.name']", 'A torn letter');
    $teacher = $builder->browser;
    $teacher->script('document.querySelector(arguments[0]).open = true', "[data-key='{$token}.held']");
    $builder->choose("[data-key='{$token}.kind']", 'clue')->type("[data-key='{$token}.md']", 'It says: *north*.')
        ->click("[data-key='{$token}.picture']")->click(".picture-choice[title='compass']");
    $builder->kept();
    $student = $teacher->click('#rehearse')->type('input[name=with]', 'red')->click('.try')->press('A torn letter');
    expect($student->see('It says: north.')->find('.token details img')->getSize()->getWidth())->toBeGreaterThan(80);
});
