<?php

declare(strict_types=1);

use Tests\Support\Browser\TogetherCases;
use Tests\Support\Builder;
use Tests\Support\Screens;

it('comes from who is stuck to a given hint in two actions, and the student has it while typing', function (): void {
    $teacher = Screens::teacher()->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp')->press('Open a run');
    $code = $teacher->press('Open it')->find('.run-code')->getText();
    $teacher->press('For the projector')->find('.code-picture path');
    expect($teacher->barriers())->toBe([])->and($teacher->see('nobody has joined yet')->text())->toContain($code);
    $teacher->press('Back to the board');
    $calling = TogetherCases::joined($code, ['#name' => 'Sol'])->see('The quay');
    $student = TogetherCases::joined($code, ['#name' => 'Plover'])->see('The quay');
    // A row says where somebody is without asking for all of them.
    $row = fn (): string => (string) $teacher->script(
        'return [...document.querySelectorAll("tr[data-play]")]'
            .'.find((row) => row.textContent.includes("Plover"))?.innerText',
    );
    $asked = fn (): int => $teacher->script('return performance.getEntriesByType("resource")'
        .'.filter((one) => one.name.endsWith("/standing")).length');
    $first = fn (string $name): bool => str_contains($teacher->find('tr[data-play]')->getText(), $name);
    $pennant = fn (): ?string => $teacher->script('return [...document.querySelectorAll(".pennant")]'
        .'.find((one) => one.textContent.includes("Plover"))?.getAttribute("transform")');
    $teacher->until(fn (): bool => str_contains($row(), 'The quay') && $first('Sol') && $pennant() !== null);
    [$before, $flown] = [$asked(), $pennant()];
    $student->press('Climb the path to the keeper’s door')->see('worn keys');
    $teacher->until(fn (): bool => str_contains($row(), 'The keeper’s door') && $pennant() !== $flown);
    $student->click('.flow-row, .stage-lock')->find('dialog .places');
    foreach (['2142', '0302', '1709', '9170'] as $place => $wrong) {
        $student->enter($wrong)->press('Try it');
        $student->until(fn (): bool => $student->script('return document.querySelector("dialog .said") !== null'));
        // Who needs help more comes first.
        $place === 0 && $teacher->until(fn (): bool => $first('Plover')) && expect($asked())->toBe($before);
        $place < 3 && $student->script('document.querySelector("dialog .feedback").replaceChildren()');
    }
    $student->enter('09');
    // Who is stuck is told of without the page being loaded again.
    $teacher->until(fn (): bool => preg_match('~0 / \d+\s+4\s~', $row()) === 1)->see('Needs you most');
    $board = new Builder($teacher);
    $board->browser->see('Needs you most')->see('4 wrong tries')->see('9170')->find('.pennant-stuck');
    // What one who is stuck does next stands there too, and the rest is not asked for again.
    $before = $asked();
    $student->press('A hint, please')->see('A time makes four digits');
    $teacher->see('Give hint 2');
    expect($asked())->toBe($before)->and($board->browser->barriers())->toBe([]);
    $board->press('Give hint 2');
    expect($board->actions)->toBeLessThanOrEqual(2);
    $board->browser->see('has the hint')
        ->type('.need input[name=words]', 'Look at the table once more.')->click('.need form .button');
    $student->see('The notice board stands on the quay.')->see('Look at the table once more.');
    expect($student->script('return document.querySelector("dialog [name=with]").value'))->toBe('09');
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
    $teacher->press('Pause all')->see('All rest.');
    $student->see('Everything rests for a moment.');
    $teacher->press('Let all go on');
    // Who calls stands first, until somebody has come.
    $calling->press('Call the teacher')->see('Your teacher sees it.')->find('[data-call] [aria-pressed=true]');
    expect($calling->barriers())->toBe([]);
    $teacher->see('calls you, for')->until(fn (): bool => $first('Sol'));
    expect($teacher->barriers())->toBe([]);
    $teacher->press('I have been there')->see('Sol is answered.');
    $calling->see('Your teacher has answered your call.')->press('Call the teacher')->press('Take it back')
        ->until(fn (): bool => ! str_contains($calling->text(), 'Your teacher sees it.'));
    $teacher->press('Open the lock')->see('is open for Plover');
    $student->see('By the hearth');
});

it('turns a frequent wrong answer into words for it in two actions', function (): void {
    $teacher = Screens::teacher()->go('/games?seek=Dark+Lamp')->click('.strip-runs .code')->press('Report')
        ->see('What they answered instead');
    expect($teacher->barriers())->toBe([]);
    $report = new Builder($teacher);
    $report->type('.report-rule input[name=say]', 'Which word did you leave a letter out of?')->press('Say this');
    expect($report->actions)->toBeLessThanOrEqual(2);
    $teacher->see('In the draft they read now: Which word did you')->resize(390, 844);
    expect($teacher->barriers())->toBe([])->and($teacher->complaints())->toBe([]);
    $teacher->resize(1280, 800)->press('To its card')->until(fn (): bool => (bool) $teacher->script(
        'return [...document.querySelectorAll(".rules .rule textarea")].some((area) => area.checkVisibility()'
            .'&& area.value === "Which word did you leave a letter out of?")',
    ));
    // Others play this game as it was.
    $teacher->click('[data-face=map]')->find('.station-place');
    $teacher->click('#undo')->until(fn (): bool => $teacher->script(
        'return document.getElementById("undo").disabled || !document.getElementById("undo").title.includes("answer")',
    ));
    $teacher->see('all changes kept');
});
