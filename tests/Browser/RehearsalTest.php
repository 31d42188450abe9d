<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser\RehearsalCases;
use Tests\Support\Builder;
use Tests\Support\Screens;

afterEach(fn () => Screens::closeAll());

it('shows which rule catches an answer while it is rehearsed, and goes on after an edit', function (): void {
    $builder = RehearsalCases::builtFrom('ladder', ['questions' => "Which bird dives?\tgannet\tIt dives.\tCliff\n"
        ."Which bird burrows?\tpuffin\t\tCliff"]);
    $teacher = $builder->browser->click('#rehearse')->see('Which bird dives?');
    $teacher->type('.lock .answer-field input', 'gull')->press('Try it')->see('It dives.')
        ->see('No rule of “Which bird dives?” fits');
    $teacher->type('.lock .answer-field input', 'gannet')->press('Try it')->see('Which bird burrows?')
        ->see('Rule 1 of “Which bird dives?”: opens');
    expect($teacher->barriers())->toBe([]);

    $teacher->click('#edit-this-scene')->type('[data-key$=".ask"]', 'Which bird sleeps under the ground?');
    $builder->kept();
    $teacher->click('#go-on-rehearsing')->see('Which bird sleeps under the ground?');
});

it('keeps a walkthrough, walks it step by step, and says in the workshop where it parts', function (): void {
    $builder = RehearsalCases::builtFrom('ladder', ['questions' => "One?\tred\nTwo?\tblue"]);
    $teacher = $builder->browser->click('#rehearse')->type('.lock .answer-field input', 'red')->press('Try it')
        ->see('Two?')->type('.lock .answer-field input', 'blue')->press('Try it')->see('You made it');
    $teacher->type('.backstage-keep input[name=name]', 'straight on')->press('Keep it')
        ->see('Kept “straight on”, 2 steps');
    $teacher->press('Walk “straight on”')->see('answer “red” to “One?”')->press('Go this step')->see('Two?')
        ->see('answer “blue” to “Two?”')->press('Go this step')->see('You made it');

    $teacher->click('#edit-this-scene')->find('[data-face][aria-current="page"]');
    $teacher->click('[data-face="sheet"]')->click('[data-cell="0,4"]')
        ->keys('g', 'r', 'e', 'e', 'n')->keys(WebDriverKeys::ENTER);
    $builder->kept()->find('#findings-count[data-state="warnings"], #findings-count[data-state="errors"]');
    $teacher->click('#findings-count')->find('.findings-list:not([data-stale])');
    $teacher->see('The walkthrough “straight on” no longer holds: step 1')->press('walk into it')
        ->see('answer “red” to “One?”')->press('Go this step')->see('No rule of “One?” fits');
    expect($teacher->complaints())->toBe([]);
});

it('begins with chosen tokens, and says why a thing is hidden', function (): void {
    $builder = RehearsalCases::builtFrom('hub', ['questions' => "One?\tred\t\tBirds\nTwo?\tblue\t\tTides"]);
    $teacher = $builder->browser->click('#rehearse')->press('To the gate')->see('a stamp is missing')
        ->press('Begin with …');
    foreach (['Birds', 'Tides'] as $topic) {
        $teacher->script("[...document.querySelectorAll('.backstage-begin label')].find((label) => "
            ."label.textContent.includes('{$topic}')).querySelector('input').click()");
    }
    $teacher->press('Begin here with these')->see('Stamp: Birds, Stamp: Tides')->press('To the gate')
        ->see('The gate stands open');
    expect(RehearsalCases::backstage($teacher))->toContain('Stamp: Tides')->and($teacher->complaints())->toBe([]);
});

it('returns to any moment from the list of changes', function (): void {
    $builder = Builder::ofNewGame('Moments');
    $before = $builder->document();
    $builder->type('[data-key="scene.title"]', 'The quay');
    $builder->kept();
    $builder->click('[data-add="choice"]')->click('[data-add="lock"]');
    $after = $builder->document();
    $browser = $builder->browser->click('[data-key="page-head"]')->click('#history')->see('as it began');
    expect($browser->barriers())->toBe([]);
    $browser->script('document.querySelector("[data-key=\"history.0\"] button").click()');
    expect($builder->document())->toBe($before);
    // The list says where one stands as soon as it has asked.
    $browser->find('[data-key="history.0"] [aria-current=true]');
    $browser->script('document.querySelectorAll(".history-moment")[0].click()');
    expect($builder->document())->toBe($after);
    $browser->click('#history');
    expect($browser->has('#history-list[hidden]'))->toBeTrue();
});

it('decides by conditions made of parts who goes where', function (): void {
    $builder = RehearsalCases::builtFrom('ladder', ['questions' => "One?\tred\nTwo?\tblue"]);
    $browser = $builder->browser->click('[data-face="scene"]');
    $ids = array_column($builder->document()['scenes'], 'id');
    $browser->click("[data-key='{$ids[0]}.arrive.add']")
        ->type("[data-key='{$ids[0]}.arrive.0.say']", 'You have been here before.')
        ->choose("[data-key='{$ids[0]}.arrive.0.if.kind']", 'those who were at …')
        ->choose("[data-key='{$ids[0]}.arrive.0.if.of']", $builder->document()['scenes'][1]['title']);
    $builder->kept();
    $browser->click("[data-key='{$ids[0]}.arrive.0.if.more']");
    $builder->kept();
    $browser->choose("[data-key='{$ids[0]}.arrive.0.if.1.kind']", 'those who have not opened …');
    $lock = $builder->document()['scenes'][0]['things'][0]['id'];

    expect($builder->document()['scenes'][0]['arrive'])
        ->toBe([[
            'if' => ['all' => [['visited' => $ids[1]], ['not' => ['open' => $lock]]]],
            'say' => 'You have been here before.',
        ]])
        ->and($browser->barriers())->toBe([]);
    $browser->click("[data-key='{$ids[0]}.arrive.0.if.without.0']");
    expect($builder->document()['scenes'][0]['arrive'][0]['if'])->toBe(['not' => ['open' => $lock]]);
});

it('splits a scene where a thing stands, and keeps the way on', function (): void {
    $builder = RehearsalCases::builtFrom('ladder', ['questions' => "One?\tred\nTwo?\tblue"]);
    $browser = $builder->browser->click('[data-face="scene"]')->click('[data-add="text"]');
    $builder->kept();
    $before = $builder->document();
    $text = $before['scenes'][0]['things'][1]['id'];
    $browser->click("[data-key='{$text}.split']");
    $after = $builder->document();

    expect($after['scenes'])->toHaveCount(4)->and(array_column($after['scenes'][0]['things'], 'kind'))->toBe(['lock'])
        ->and($after['scenes'][1]['things'][0]['id'])->toBe($text)
        ->and($after['scenes'][0]['next'][0]['go'])->toBe($after['scenes'][1]['id'])
        ->and($after['scenes'][0]['things'][0]['rules'])->toBe($before['scenes'][0]['things'][0]['rules']);
});

it('does what a choice was told in sentences, and names what it counts in the sheet', function (): void {
    $builder = RehearsalCases::builtFrom('ladder', ['questions' => "One?\tred\nTwo?\tblue"]);
    $teacher = $builder->browser->click('[data-face="scene"]')->click('[data-add="choice"]');
    $builder->kept();
    $choice = $builder->thing()['id'];
    foreach (['takes away …', 'adds to …', 'opens …', 'rules out …'] as $effect) {
        $teacher->choose("[data-key='{$choice}.also']", $effect);
    }
    $teacher->see('There is no token yet.');
    $builder->type("[data-key='{$choice}.do.0.number']", '3');
    $builder->kept();
    $words = $builder->thing()['md'];
    [$points, $lock] = [$builder->document()['tallies'][0]['id'], $builder->document()['scenes'][0]['things'][0]['id']];
    expect($builder->thing()['react'])
        ->toBe([['do' => [['add' => $points, 'by' => 3], ['open' => $lock], ['never' => $points]]]])
        ->and($teacher->barriers())->toBe([]);

    $teacher->click('[data-face="sheet"]')->click('[data-key="sheet.named"]')->click('[data-cell="0,0"]')
        ->keys('S', 'e', 'a')->keys(WebDriverKeys::ENTER);
    $builder->kept()->click('#rehearse')->press($words)->see('Sea 3, ruled out');
    expect($teacher->has('.lock .answer-field input'))->toBeFalse()->and($teacher->complaints())->toBe([]);
});

it('rehearses as on a phone, with the strip around it that follows', function (): void {
    $builder = RehearsalCases::builtFrom('ladder', ['questions' => "One?\tred\t\tCliff\nTwo?\tblue\t\tShore"]);
    $builder->browser->click('[data-face="scene"]')->type('[data-key$=".page-otherwise"]', '')
        ->keys(WebDriverKeys::DELETE, WebDriverKeys::TAB);
    $teacher = $builder->kept()->click('#rehearse')->press('As on a phone');
    $first = $teacher->script('return document.getElementById("edit-this-scene").href');
    $teacher->driver->switchTo()->frame($teacher->find('.phone iframe'));
    expect($teacher->script('return window.innerWidth'))->toBe(390)->and($teacher->has('#backstage'))->toBeFalse();
    $teacher->type('.lock .answer-field input', 'green')->press('Try it')->see('Look again, and try another answer.');
    $teacher->type('.lock .answer-field input', 'red')->press('Try it')->see('Two?');
    $teacher->driver->switchTo()->defaultContent();
    $teacher->see('Rule 1 of “One?”: opens');

    expect($teacher->script('return document.getElementById("edit-this-scene").href'))->not->toBe($first)
        ->and($teacher->barriers())->toBe([])->and($teacher->complaints())->toBe([]);
    expect(
        $teacher->click('#edit-this-scene')->find('textarea[data-key$=".ask"]')->getAttribute('value'),
    )->toBe('Two?');
    $teacher->click('#go-on-rehearsing')->find('.phone iframe');
    $teacher->press('As on a screen')->see('Two?');
    $teacher->driver->get($teacher->driver->getCurrentURL().'?framed=1');
    $teacher->type('.lock .answer-field input', 'blue')->press('Try it')->see('You made it');
    expect($teacher->complaints())->toBe([]);
});

it('lets hints cost, options give, and tells the others what they lack', function (): void {
    $builder = RehearsalCases::builtFrom(
        'practice',
        ['practice' => "Which lamp?\tred\tblue\nWhich tide?\tlow\thigh", 'revise' => 'Look at the tide table.'],
    );
    $teacher = $builder->browser->click('[data-face="scene"]');
    $teacher->click('.on-page-lock textarea');
    $lock = $builder->thing(0);
    $teacher->click("[data-key='{$lock['id']}.add-hint']")
        ->choose("[data-key='{$lock['id']}.hint.0.also']", 'adds to …');
    $builder->type("[data-key='{$lock['id']}.hint.0.do.0.number']", '-1');
    $teacher->script("document.querySelector(\"[data-key='{$lock['id']}.options.do']\").open = true");
    $option = $lock['input']['options'][0]['id'];
    $teacher->choose("[data-key='{$option}.also']", 'gives …');
    $builder->kept();
    $document = $builder->document();
    $made = $document['scenes'][0]['things'][0];

    expect($made['hints'][0]['do'])->toBe([['add' => $document['tallies'][0]['id'], 'by' => -1]])
        ->and($made['input']['options'][0]['do'])->toBe([['give' => $document['tokens'][0]['id']]]);

    $teacher->click('[data-key="card-back"]')->choose('[data-key="scene.needs.kind"]', 'those who hold …');
    $builder->type('[data-key="scene.refused"]', 'Fetch it first.');
    $builder->kept()->click('[data-key="scene.refused.more"]')->find('[data-key$=".refused.1"]');
    $builder->kept();
    expect($builder->document()['scenes'][0]['refused'])->toHaveCount(2)
        ->and($teacher->barriers())->toBe([])->and($teacher->complaints())->toBe([]);
});
