<?php

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser\WorkshopCases;
use Tests\Support\Screens;

it('builds a lock with rules, feedback, hints and a guard, and tries it on the bench', function (): void {
    $teacher = WorkshopCases::freshGame('A lock');
    $teacher->click('[data-add="lock"]');
    $teacher->driver->getKeyboard()->sendKeys('Which bird dives?');
    $lock = $teacher->script('return document.querySelector(".on-page-lock").dataset.thing');
    $teacher->type("[data-key='{$lock}.rule.0.equals']", "gannet\nsolan goose");
    $teacher->choose("[data-key='{$lock}.rule.0.go']", '＋ a new scene');
    $teacher->press('a rule for another answer')->choose("[data-key='{$lock}.rule.1.kind']", 'says');
    $teacher->type("[data-key='{$lock}.rule.1.has']", 'gull')
        ->type("[data-key='{$lock}.rule.1.say']", 'Which one?');
    $teacher->type("[data-key='{$lock}.otherwise']", 'It is white.')
        ->press('a hint')
        ->type("[data-key='{$lock}.hint.0']", 'It has a yellow head.');
    $teacher->click("[data-key='{$lock}.guard']");
    WorkshopCases::kept($teacher);
    $teacher->type("[data-key='{$lock}.bench']", 'herring gull')
        ->see('rule 2 → close')
        ->see('Which one?');
    $teacher->type("[data-key='{$lock}.bench']", 'Solan  Goose')->see('opens → New scene');
    $teacher->type("[data-key='{$lock}.bench']", 'tern')->see('anything else → stays shut');
    $kept = WorkshopCases::document($teacher);
    $thing = $kept['scenes'][0]['things'][1];
    expect([
        $thing['ask'], $thing['rules'][0]['match'], $thing['rules'][0]['go'], $thing['rules'][1]['verdict'],
        $thing['otherwise'][0]['say'], $thing['hints'][0]['md'], $thing['guard'],
    ])
        ->toBe([
            'Which bird dives?', ['equals' => ['gannet', 'solan goose']], $kept['scenes'][1]['id'], 'almost',
            'It is white.', 'It has a yellow head.', ['tries' => 3, 'wait' => 20],
        ])
        ->and($teacher->complaints())->toBe([]);
});

it('changes the kind of answer with its rules, and keeps units and options', function (): void {
    $teacher = WorkshopCases::freshGame('Kinds');
    $teacher->click('[data-add="lock"]');
    $lock = $teacher->script('return document.querySelector(".on-page-lock").dataset.thing');
    $teacher->type("[data-key='{$lock}.rule.0.equals']", '2')
        ->choose("[data-key='{$lock}.type']", 'number')
        ->type("[data-key='{$lock}.unit']", 'km');
    $teacher->type("[data-key='{$lock}.bench']", '2000 m')->see('opens');
    $teacher->choose("[data-key='{$lock}.type']", 'options')->see('several may be picked');
    $thing = WorkshopCases::document(WorkshopCases::kept($teacher))['scenes'][0]['things'][1];
    expect($thing['rules'][0]['match']['options'])->toBe([$thing['input']['options'][0]['id']]);
});

it('undoes and does again across a reload, down to the document it began with', function (): void {
    $teacher = WorkshopCases::freshGame('Undo');
    $before = WorkshopCases::document($teacher);
    $teacher->click('[data-add="choice"]')->press('+ make a new way');
    WorkshopCases::kept($teacher)->go($teacher->path())->see('Students come from');
    foreach ([1, 2] as $step) {
        $teacher->click('#undo');
        $teacher->until(fn (): bool => WorkshopCases::document($teacher) !== ($last ?? null));
        $last = WorkshopCases::document($teacher);
    }
    expect(WorkshopCases::documentWhere($teacher, fn (array $kept): bool => $kept === $before))->toBe($before);
    $teacher->click('#redo');
    WorkshopCases::documentWhere($teacher, fn (array $kept): bool => count($kept['scenes'][0]['things']) === 2);
});

it('makes a scene and its route by dragging to open water, and leads to another by dragging there', function (): void {
    $teacher = WorkshopCases::freshGame('Drag');
    $teacher->click('[data-face="map"]');
    $station = $teacher->find('.station-place .station-grip');
    (new WebDriverActions($teacher->driver))->moveToElement($station)
        ->clickAndHold()
        ->moveByOffset(160, 120)
        ->moveByOffset(20, 20)
        ->release()
        ->perform();
    $teacher->see('New scene');
    $kept = WorkshopCases::document(WorkshopCases::kept($teacher));
    expect($kept['scenes'])->toHaveCount(2)
        ->and($kept['scenes'][0]['things'][1]['react'][0]['go'])->toBe($kept['scenes'][1]['id']);
    $teacher->driver
        ->wait(10, 50)
        ->until(
            fn () => count(
                $teacher->driver->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('.station-place')),
            ) === 2,
        );
    [$from, $to] = array_reverse(
        $teacher->driver->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('.station-grip')),
    );
    (new WebDriverActions($teacher->driver))->moveToElement($from)
        ->clickAndHold()
        ->moveByOffset(10, 10)
        ->moveToElement($to)
        ->release()
        ->perform();
    $kept = WorkshopCases::documentWhere(
        $teacher, fn (array $now): bool => isset($now['scenes'][1]['things'][0]['react'][0]['go']),
    );
    expect($kept['scenes'][1]['things'][0]['react'][0]['go'])->toBe($kept['scenes'][0]['id'])
        ->and($kept['scenes'])->toHaveCount(2);
});

it('walks the map and the waybill by keys', function (): void {
    $teacher = Screens::teacher()->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp')->see('The keeper’s door');
    $teacher->find('.station-place');
    $teacher->script('document.querySelector("[data-scene=quay]").focus()');
    $teacher->keys(WebDriverKeys::ARROW_RIGHT);
    expect($teacher->script('return document.activeElement.dataset.scene'))->toBe('keepers-door');
    $teacher->keys(WebDriverKeys::ENTER)->see('Students come from')->keys('1');
    expect($teacher->find('#face-map')->isDisplayed())->toBeTrue();
});

it('asks where ways shall lead when a scene is deleted, and brings it back', function (): void {
    $teacher = Screens::teacher()->go('/games/new/worksheet?sample=1');
    $teacher->press('Read it')
        ->type('#title', 'To delete from')
        ->press('Build the game')
        ->see('Quay 1')
        ->click('[data-face="scene"]');
    $teacher->click('.bill-side:last-child .bill-stop');
    $teacher->see('Quay 2')
        ->press('Delete this scene')
        ->see('One way leads here, from Quay 1')
        ->see('lead to Tower 1, where this one led')
        ->click('[data-key="scene.delete"]');
    WorkshopCases::documentWhere($teacher, fn (array $now): bool => count($now['scenes']) === 4);
    expect(WorkshopCases::document($teacher)['scenes'][0]['things'][0]['rules'][0]['go'])
        ->toBe(array_column(WorkshopCases::document($teacher)['scenes'], 'id', 'title')['Tower 1'])
        ->and(WorkshopCases::document($teacher)['scenes'])->toHaveCount(4);
    $teacher->click('#undo');
    WorkshopCases::documentWhere($teacher, fn (array $now): bool => count($now['scenes']) === 5);
    expect(WorkshopCases::document(WorkshopCases::kept($teacher))['scenes'])->toHaveCount(5);
});

it('keeps two tabs on one game together', function (): void {
    $one = WorkshopCases::freshGame('Two tabs');
    $two = Screens::teacher()->go($one->path())->see('This scene');
    $one->type('[data-key="scene.title"]', 'By tab one')->click('[data-add="text"]');
    WorkshopCases::documentWhere(
        $one,
        fn (array $kept): bool => $kept['scenes'][0]['title'] === 'By tab one' && count(
            $kept['scenes'][0]['things'],
        ) === 2,
    );
    $two->type('[data-key="scene.title"]', 'By tab two')
        ->click('.caps')
        ->see('Another tab changed the same thing');
    expect($two->find('[data-key="scene.title"]')->getAttribute('value'))->toBe('By tab one');
    $two->see('Yours was: By tab two');
    expect($two->barriers())->toBe([]);
    $two->press('Put it in again');
    WorkshopCases::documentWhere($two, fn (array $kept): bool => $kept['scenes'][0]['title'] === 'By tab two');
    expect($two->has('.lost'))->toBeFalse();
    $two->click('[data-key="scene.back"]');
    WorkshopCases::documentWhere($two, fn (array $kept): bool => ($kept['scenes'][0]['back'] ?? false) === true);
    expect(WorkshopCases::document(WorkshopCases::kept($two))['scenes'][0])
        ->toMatchArray(['title' => 'By tab two', 'back' => true]);
});

it('keeps in reach what was typed for something that another tab deleted, and goes on', function (): void {
    $one = WorkshopCases::freshGame('Deleted meanwhile');
    WorkshopCases::documentWhere(
        $one->click('[data-add="text"]'), fn (array $kept): bool => count($kept['scenes'][0]['things']) === 2,
    );
    $two = Screens::teacher()->go($one->path())->see('This scene');
    $text = WorkshopCases::document($one)['scenes'][0]['things'][1]['id'];
    $two->script(
        'return fetch(location.pathname + "/edits", {method: "POST", headers: {"Content-Type": "application/json", '
            .'"X-XSRF-TOKEN": decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1])}, body: '
            .'JSON.stringify({base: 99, label: "gone", command: {remove: arguments[0]}})}).then((reply) => '
            .'reply.status)',
        $text,
    );
    $one->type("[data-key='{$text}.md']", 'A long thought about tides')->click('.caps')
        ->see('Another tab changed the same thing')->see('Yours was: A long thought about tides');
    expect($one->has('.lost .button + .button'))->toBeFalse();
    $one->press('Leave it out')->type('[data-key="scene.title"]', 'Afterwards')->click('.caps');
    WorkshopCases::documentWhere($one, fn (array $kept): bool => $kept['scenes'][0]['title'] === 'Afterwards');
});

it('keeps what was done while the session was gone, and sends it after signing in again', function (): void {
    $teacher = WorkshopCases::freshGame('Signed out');
    $address = $teacher->path();
    $teacher->driver->manage()->deleteAllCookies();
    $teacher->type('[data-key="scene.title"]', 'Typed while away')
        ->click('.caps')
        ->see('You were signed out. Nothing is lost.');
    $workshop = $teacher->driver->getWindowHandle();
    $teacher->driver->switchTo()->newWindow();
    $teacher->signIn(Database\Seeders\DemoSeeder::EMAIL, Database\Seeders\DemoSeeder::PASSWORD);
    $teacher->driver->switchTo()->window($workshop);
    WorkshopCases::kept($teacher);
    expect($teacher->go($address)->see('This scene')->find('[data-key="scene.title"]')->getAttribute('value'))
        ->toBe('Typed while away');
});

it('lets no more be pasted than a worksheet holds, and keeps what was there', function (): void {
    $teacher = Screens::teacher()->go('/games/new/worksheet')->type('#text', 'Which bird dives? gannet');
    $teacher->script(<<<'JS'
        const clipboard = new DataTransfer();
        clipboard.setData('text/plain', 'question and answer\n'.repeat(250000));
        document.getElementById('text').dispatchEvent(
            new ClipboardEvent('paste', { clipboardData: clipboard, bubbles: true, cancelable: true }),
        );
        JS);
    $teacher->see('so it was not pasted');
    expect($teacher->find('#text')->getAttribute('value'))->toBe('Which bird dives? gannet');
});

it('has no barriers on any teacher’s page', function (): void {
    $teacher = Screens::teacher();
    foreach (['/games', '/games/new', '/games/new/worksheet?sample=1', '/outbox'] as $page) {
        expect($teacher->go($page)->barriers())->toBe([], $page);
    }
    $teacher->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp')->find('.station-place');
    expect($teacher->barriers())->toBe([]);
    $teacher->click('[data-scene="keepers-door"]')->click('.placed-lock')->see('Bench');
    expect($teacher->barriers())->toBe([]);
    $teacher->go('/games?seek=The+Dark+Lamp')->click('.strip-runs .code')->see('joined');
    expect($teacher->barriers())->toBe([])->and($teacher->complaints())->toBe([]);
});

it('begins a game with a pattern and a title, and builds the next one into the way that was chosen', function (): void {
    $teacher = Screens::teacher()->go('/games/new')->press('Begin')->see('This scene');
    $teacher->click('[data-key="bill-pattern"]')->click('[data-key="pattern.rooms"]')
        ->type('[data-key="pattern.field.gameTitle"]', 'The brass lens');
    $teacher->script(
        'const rows = document.querySelector("[data-key=\'pattern.field.questions\']"); rows.value = "1 + '
            .'1\\t2\\t\\tHall\\n2 + 2\\t4\\t\\tHall"; rows.dispatchEvent(new Event("input"))',
    );
    $teacher->type('[data-key="pattern.field.codes"]', '5')->see('A code needs at least one figure')
        ->type('[data-key="pattern.field.codes"]', '31');
    $teacher->see('It becomes this game')->click('[data-key="patterns.build"]');
    $built = WorkshopCases::documentWhere(
        $teacher, fn (array $now): bool => count($now['scenes']) === 2 && $now['title'] === 'The brass lens',
    );
    [$hall, $end] = $built['scenes'];
    expect(end($hall['things'])['rules'][0])->toMatchArray(['match' => ['equals' => ['31']], 'go' => $end['id']]);

    $teacher->go($teacher->path())->click('[data-face="scene"]')->see('Hall')->click('[data-add="choice"]')
        ->see('leads to');
    $choice = end(
        WorkshopCases::documentWhere(
            $teacher, fn (array $now): bool => count($now['scenes'][0]['things']) === 4,
        )['scenes'][0]['things'],
    );
    $teacher->choose("[data-key='{$choice['id']}.go']", $end['title'].' · Hall')->click('[data-key="card-back"]')
        ->click('[data-key="bill-pattern"]')->click('[data-key="pattern.keypad"]');
    $teacher->see('Which way it takes over')->choose('[data-key="pattern.field.way"]', '“Go on” → The way out')
        ->type('[data-key="pattern.field.ask"]', 'Code?')->type('[data-key="pattern.field.code"]', '42');
    $teacher->see('It goes behind')->click('[data-key="patterns.build"]');
    $after = WorkshopCases::documentWhere($teacher, fn (array $now): bool => count($now['scenes']) === 3);
    expect(end($after['scenes'][0]['things'])['react'][0]['go'])->toBe($after['scenes'][1]['id'])
        ->and($after['scenes'][0]['things'][2]['rules'][0]['go'])->toBe($end['id'])
        ->and($teacher->barriers())->toBe([])->and($teacher->complaints())->toBe([]);
});
