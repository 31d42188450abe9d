<?php

use Tests\Support\Browser\StageCases;
use Tests\Support\Builder;

/** A lock of a kind on a stage that is there; actions are counted from the lock on. */
function lockOf(string $title, string $kind): Builder
{
    $builder = StageCases::stageOf($title);
    $builder->actions = 0;
    $builder->click('[data-add="lock"]')->choose('[data-key$=".type"]', $kind);
    $builder->kept();

    return $builder;
}

it('makes a lock of three signs with pictures as keys in at most twelve actions, and plays it', function (): void {
    $builder = lockOf('Signs', 'code of signs');
    $builder->press('keys from pictures');
    foreach (['key', 'candle', 'compass'] as $picture) {
        $builder->click(".picture-choice[title='{$picture}']");
        $builder->kept();
    }
    $builder->click('[data-key="pictures.close"]');
    $lock = $builder->thing();
    expect($lock['input']['keys'])->toHaveCount(3)->and(array_column($lock['input']['keys'], 'md'))->toBe(['', '', '']);
    foreach ([2, 0, 2] as $key) {
        $builder->click("[data-key='{$lock['id']}.rule.0.order.press.{$lock['input']['keys'][$key]['id']}']");
    }
    $builder->type("[data-key='{$lock['id']}.otherwise']", 'The drum turns back.');
    expect($builder->actions)->toBeLessThanOrEqual(12);
    $student = $builder->kept()->click('#rehearse')->click('.stage-lock');
    foreach (['compass', 'compass', 'key', 'candle'] as $key) {
        $student->click("dialog .pad-key[aria-label='{$key}']");
    }
    $student->click('dialog .try')->see('The drum turns back.');
    foreach (['compass', 'key', 'compass'] as $key) {
        $student->click("dialog .pad-key[aria-label='{$key}']");
    }
    expect($student->barriers())->toBe([]);
    $student->click('dialog .try')->see('Open.');
    expect($student->complaints())->toBe([]);
});

it('makes ten pairs of two pasted columns in at most six actions, and plays them by tapping', function (): void {
    $builder = lockOf('Pairs', 'pairs');
    $id = $builder->thing()['id'];
    $rows = array_map(static fn (int $row): string => "light {$row}\trock {$row}", range(1, 10));
    $builder->pasteTable("[data-key^='{$id}.left']", implode("\n", [...$rows, 'alone', "\ta rock too many"]));
    $builder->browser->see('Row 11, “alone”: left out: the row has no right side.');
    expect($builder->actions)->toBeLessThanOrEqual(6);
    $lock = $builder->thing();
    expect($lock['input']['left'])->toHaveCount(10)->and($lock['input']['right'])->toHaveCount(11)
        ->and($lock['rules'][0]['match']['pairs'])->toEqual(array_combine(
            array_column($lock['input']['left'], 'id'),
            array_slice(array_column($lock['input']['right'], 'id'), 0, 10),
        ));
    $student = $builder->kept()->click('#rehearse')->click('.stage-lock');
    foreach (range(1, 10) as $row) {
        $student->script(
            'const of = (kind, words) => [...document.querySelectorAll(`dialog .${kind}`)].find((part) => '
                .'part.textContent.trim() === words || part.getAttribute("aria-label")?.startsWith(`${words}:`));'
                .'of("chip", `rock ${arguments[0]}`).click(); of("slot", `light ${arguments[0]}`).click()',
            $row,
        );
    }
    $student->click('dialog .try')->see('Right.');
});

it('makes a paragraph with six gaps and a word bank in at most ten actions, and plays it', function (): void {
    $builder = lockOf('Gaps', 'gaps in a text');
    $id = $builder->thing()['id'];
    $builder->type("[data-key='{$id}.gapped']", 'The keeper climbs the stairs, trims the wick and lights the lamp.');
    $builder->kept();
    foreach (['keeper', 'climbs', 'stairs', 'trims', 'wick', 'lamp'] as $word) {
        $builder->press($word);
        $builder->kept();
    }
    expect($builder->actions)->toBeLessThanOrEqual(10)
        ->and($builder->thing()['input']['bank'])->toBe(['keeper', 'climbs', 'stairs', 'trims', 'wick', 'lamp']);
    $student = $builder->kept()->click('#rehearse')->click('.stage-lock');
    expect($student->script('return document.querySelector("dialog .gap-text").innerText'))->not->toContain('keeper');
    foreach (['keeper', 'climbs', 'stairs', 'trims', 'wick', 'lamp'] as $place => $word) {
        $student->script('document.querySelectorAll("dialog .slot")[arguments[0]].click()', $place);
        $student->press($word);
    }
    expect($student->barriers())->toBe([]);
    $student->click('dialog .try')->see('Right.');
});

it('makes a question of four pasted options with words for two wrong ones in at most eight actions', function (): void {
    $builder = lockOf('Question', 'options');
    $lock = $builder->thing();
    $first = $lock['input']['options'][0]['id'];
    $builder->type("[data-key='{$lock['id']}.card-ask']", 'Which bird nests in a burrow?')
        ->pasteTable("[data-key='{$lock['id']}.{$first}']", "puffin\ngannet\nkittiwake\neider");
    $options = $builder->thing()['input']['options'];
    expect(array_column($options, 'md'))->toBe(['puffin', 'gannet', 'kittiwake', 'eider']);
    $builder->type("[data-key='{$lock['id']}.{$options[1]['id']}.say']", 'That one needs a cliff.')
        ->type("[data-key='{$lock['id']}.{$options[2]['id']}.say']", 'Hear its name: it calls from a ledge.');
    expect($builder->actions)->toBeLessThanOrEqual(8);
    $student = $builder->kept()->click('#rehearse')->click('.stage-lock');
    $student->find('dialog .option');
    $pick = static fn (string $words) => $student->script(
        '[...document.querySelectorAll("dialog .option")].find((one) => one.textContent.trim() === arguments[0])'
            .'.querySelector("input").click()',
        $words,
    );
    $pick('gannet');
    $student->click('dialog .try')->see('That one needs a cliff.');
    $pick('eider');
    $student->click('dialog .try')->see('Not yet.');
    $pick('puffin');
    $student->click('dialog .try')->see('Right.');
});

it('makes directions, colours, an order and a place on a picture, each played as it was recorded', function (): void {
    $builder = lockOf('Ways', 'directions');
    $id = $builder->thing()['id'];
    foreach (['up', 'up', 'right', 'down'] as $way) {
        $builder->click("[data-key^='{$id}.rule.0.equals.press'][aria-label='{$way}']");
    }
    expect($builder->thing()['rules'][0]['match'])->toBe(['equals' => ['UURD']]);
    $builder->choose("[data-key='{$id}.type']", 'colours');
    $builder->browser->see('This kind of answer can’t say');
    $builder->type("[data-key='{$id}.length']", '2')->click("[data-key='{$id}.palette.violet']");
    foreach (['violet', 'red'] as $colour) {
        $builder->click("[data-key='{$id}.rule.0.order.press.{$colour}']");
    }
    expect($builder->thing()['rules'][0]['match'])->toBe(['order' => ['violet', 'red']]);
    $student = $builder->kept()->click('#rehearse')->click('.stage-lock');
    $student->click('dialog [data-say="violet"]')->click('dialog [data-say="red"]')->click('dialog .try')->see('Open.');
});

it('shows what is new, covers nothing that can be pressed, and keeps what is done over a reload', function (): void {
    $builder = StageCases::stageOf('New things');
    $builder->click('[data-add="lock"]');
    $lock = $builder->thing();
    $builder->drag(800, 430, 300, 300)->type("[data-key='{$lock['id']}.rule.0.equals']", 'lamp')
        ->type("[data-key='{$lock['id']}.rule.0.say']", 'It lights up.')
        ->choose("[data-key='{$lock['id']}.rule.0.go']", 'stays here')
        ->click('[data-add="choice"]')->drag(800, 430, 1200, 700);
    $choice = $builder->thing()['id'];
    $builder->type("[data-key='{$choice}.card-md']", 'Through the door')
        ->choose("[data-key='{$choice}.if.kind']", 'those who opened …');
    $student = $builder->kept()->click('#rehearse')->click('.stage-lock');
    $student->type('dialog input[name=with]', 'the Lamp')->click('dialog .try')->see('New here: Through the door');
    expect($student->find('.new-ring')->isDisplayed())->toBeTrue()
        ->and($student->script('return document.activeElement.closest("[data-drawn]") !== null'))->toBeTrue()
        ->and($student->script(
            'const box = (part) => part.getBoundingClientRect(); const said = box(document.querySelector(".said"));'
                .'return [...document.querySelectorAll(".stage button, .stage a")].map(box).some((one) => one.left < '
                .'said.right && said.left < one.right && one.top < said.bottom && said.top < one.bottom)',
        ))->toBeFalse();
    $student->driver->navigate()->refresh();
    $student->click('.stage-lock')->see('the Lamp')->see('It lights up.');
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
});

it('names nothing where finding is the task, helps in steps, and marks what was found', function (): void {
    $builder = StageCases::stageOf('Seek');
    $builder->click('[data-add="area"]')->drag(1250, 620, 1400, 760);
    $area = $builder->thing()['id'];
    $builder->type("[data-key='{$area}.say']", 'The anchor, full of rust.')
        ->choose("[data-key='{$area}.mark']", 'right: it is marked then')
        ->choose("[data-key='{$area}.go']", 'stays here')->click('[data-key="card-back"]')
        ->click('[data-key="scene.finding"]');
    $student = $builder->kept()->click('#rehearse')->press('Everything here as a list')
        ->see('Finding is the task here');
    foreach (['There is one place to find.', 'lower right of the picture', 'with a ring around it'] as $words) {
        $student->press('Help me find')->see($words);
    }
    expect($student->find('.found-ring')->isDisplayed())->toBeTrue()->and($student->barriers())->toBe([]);
    $student->pressDrawn(".stage-areas [data-drawn='{$area}'], [data-drawn='{$area}']");
    $student->see('The anchor, full of rust.')->press('Help me find')->see('Every place was shown.');
    expect($student->has("[data-drawn='{$area}'] .mark, #thing-{$area} .mark"))->toBeTrue();
});

it('keeps the satchel in reach while a code is typed, and what was typed with it', function (): void {
    $builder = StageCases::stageOf('Reach');
    $builder->click('[data-add="lock"]');
    $lock = $builder->thing();
    $builder->drag($lock['box'][0] + 20, $lock['box'][1] + 20, 200, 300)
        ->type("[data-key='{$lock['id']}.rule.0.equals']", 'lamp')
        ->choose("[data-key='{$lock['id']}.rule.0.gives']", '＋ a new token');
    $builder->kept();
    $token = $builder->document()['tokens'][0]['id'];
    $builder->type("[data-key='{$token}.name']", 'Clue 1: the tide is 9')->click('[data-add="lock"]');
    $second = $builder->thing()['id'];
    $builder->choose("[data-key='{$second}.type']", 'code of digits')
        ->type("[data-key='{$second}.rule.0.equals']", '9041');
    $student = $builder->kept()->click('#rehearse')->click('.stage-lock')->type('dialog input[name=with]', 'lamp');
    $student->click('dialog .try')->see('Clue 1: the tide is 9');
    $student->script('document.querySelectorAll(".stage-lock")[1].click()');
    $student->enter('90');
    expect($student->find('dialog .beside')->getText())->toContain('Clue 1: the tide is 9');
    $student->resize(390, 844)->click('dialog .beside summary')->click('dialog .beside summary');
    expect($student->script('return document.querySelectorAll("dialog .place:not(:empty)").length'))
        ->toBe(2)
        ->and($student->script(
            'const pad = document.querySelector("dialog .pad"); pad.style.setProperty("--columns", 12);'
                .'const right = (part) => part.getBoundingClientRect().right;'
                .'return right(pad) <= right(pad.closest("dialog"))',
        ))->toBeTrue()
        ->and($student->barriers())->toBe([]);
    $student->enter('41')->click('dialog .try')->see('Open.');
});
