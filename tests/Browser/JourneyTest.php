<?php

use Tests\Support\Screens;

/**
 * The first evening: a worksheet becomes a game, one feedback is changed, it is rehearsed, opened, played in a second
 * window with one wrong answer, and the result is read.
 */
it('makes a game from a worksheet and plays it with a class', function (): void {
    $teacher = Screens::teacher();
    $teacher->press('New game')->press('Take a worksheet');
    $teacher->find('#file')->sendKeys(dirname(__DIR__).'/Examples/worksheets/worksheet.csv');
    $teacher->see('14 rows')->type('#title', 'Lights and tides')->press('Build the game');

    $teacher->see('Lantern room 1')->click('[data-face="scene"]');
    $teacher->click('[data-key^="lock-"][data-key$=".page-otherwise"]')
        ->type('[data-key^="lock-"][data-key$=".page-otherwise"]', 'Think of steps of glass.');
    $teacher->click('.page-head')->see('all changes kept');

    $teacher->press('Rehearse')->see('nothing here is counted')->see('stepped glass lens');
    $teacher->type('input[name="with"]', 'mirror')->press('Try it')->see('Think of steps of glass.');
    $teacher->type('input[name="with"]', 'fresnel')
        ->press('Try it')
        ->see('Right.')
        ->see('Spell the name');
    $teacher->press('Edit this scene')->see('Lantern room 2');

    $teacher->press('Open a run')
        ->see('frozen as it stands')
        ->type('#field-label', '7B')
        ->press('Open it')
        ->see('Nobody has joined yet');
    $code = $teacher->find('.run-code')->getText();

    $student = Screens::open(390, 844);
    $student->go('/')
        ->type('#code', strtolower($code))
        ->press('Join')
        ->type('#name', 'Mia')
        ->press('Begin')
        ->see('stepped glass lens');
    $student->type('input[name="with"]', 'mirror')
        ->press('Try it')
        ->see('Not yet.')
        ->see('Think of steps of glass.');
    foreach (
        [
            'Fresnel', 'Pharos', '30 000 km', '0.75 l', '300', 'puffin', '12', '16:35', 'rain', '2000 m', 'green',
            'spring tide',
        ] as $answer
    ) {
        $ask = fn (): mixed => $student->script('return document.querySelector(".ask")?.innerText');
        $asked = $ask();
        $student->type('input[name="with"]', $answer)->press('Try it');
        $student->driver
            ->wait(10, 50)
            ->until(fn (): bool => $ask() !== $asked, "{$answer} did not open: {$asked}");
    }
    $student->type('textarea[name="with"]', 'So that ships can see them.')
        ->press('Try it')
        ->see('You made it, Mia.');

    $teacher->see('Won')->see('13 / 13');
    expect($teacher->find('.ledger tbody tr')->getText())->toContain('Mia')->toContain('The way out')
        ->and([...$teacher->complaints(), ...$student->complaints()])->toBe([]);
});
