<?php

use Tests\Support\Browser\FilmCases as Film;
use Tests\Support\Browser\RevealCases as Board;
use Tests\Support\Builder;
use Tests\Support\Screens;

afterEach(fn () => Screens::closeAll());

it('builds a door of signs that opens on these signs alone, in at most fourteen actions', function (): void {
    $builder = new Builder(Screens::teacher()->go('/games/new'));
    $builder->offer('keypad')->type('[data-key="pattern.field.ask"]', 'Which planets, from the wall?')
        ->type('[data-key="pattern.field.code"]', '♀ ☿ ♂')->press('Build it');
    $builder->built()->kept()->click('#rehearse')->see('Which planets');
    expect($builder->actions)->toBeLessThanOrEqual(14);
    $student = $builder->browser->resize(390, 844);
    foreach (['♂', '☿', '♀'] as $sign) {
        $student->click(".pad-key[aria-label=\"{$sign}\"]");
    }
    $student->press('Try it')->see('Not yet.');
    foreach (['♀', '☿', '♂'] as $sign) {
        $student->click(".pad-key[aria-label=\"{$sign}\"]");
    }
    $student->press('Try it')->see('You made it');
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
});

it('builds a hidden picture of five questions in at most eight actions, and all of it is seen', function (): void {
    $builder = Board::begun('mosaic');
    $rows = array_map(static fn (int $at): string => "Question {$at}?\tanswer {$at}", range(1, 5));
    $builder->paste('[data-key="pattern.field.questions"]', implode("\n", $rows))
        ->click('[data-key="pattern.field.hidden"]')->click(".picture-choice[title='key']")->press('Build it');
    $builder->built()->kept()->click('#rehearse')->find('.stage-mosaic');
    expect($builder->actions)->toBeLessThanOrEqual(8);
    $student = $builder->browser->resize(390, 844);
    foreach (range(1, 5) as $at) {
        $student->script('document.querySelectorAll(".flow-row")[arguments[0]].click()', $at - 1);
        $student->type('dialog input[name=with]', "answer {$at}")->click('dialog .try');
        $student->until(fn (): bool => Board::cellsSeen($student) >= intdiv($at * 32 * 24, 5));
        $student->has('dialog .panel-close') && $student->click('dialog .panel-close');
    }
    expect(Board::cellsSeen($student))->toBe(32 * 24)->and($student->barriers())->toBe([]);
});

it('builds a quiz of four outcomes with pictures and a ranking in at most forty actions', function (): void {
    $builder = new Builder(Screens::teacher()->go('/games/new'));
    $names = ['Owl', 'Fox', 'Bear', 'Hare'];
    $rows = array_map(
        static fn (int $at): string => "Question {$at}?\t".implode("\t", array_map(
            static fn (string $name): string => "{$name} {$at}", $names,
        )),
        range(1, 6),
    );
    $builder->offer('quiz')
        ->paste('[data-key="pattern.field.outcomes"]', implode("\n", array_map(
            static fn (string $name): string => "{$name}\tYou are like the {$name}.", $names,
        )))
        ->paste('[data-key="pattern.field.quizQuestions"]', implode("\n", $rows))
        ->chooseFiles('[data-key="pattern.field.pictures"]', Board::called($names))
        ->choose('[data-key="pattern.field.ranking"]', 'with it')->press('Build it');
    $builder->built()->kept()->click('#rehearse')->see('Question 1?');
    expect($builder->actions)->toBeLessThanOrEqual(40);
    $student = $builder->browser->resize(390, 844);
    foreach (['Bear 1', 'Bear 2', 'Fox 3', 'Bear 4', 'Owl 5', 'Fox 6'] as $picked) {
        Film::pick($student, [$picked]);
    }
    $student->see('You are like the Bear.');
    expect($student->text())->not->toContain('Right')
        ->and($student->script('return document.querySelectorAll(".standing meter").length'))->toBe(4)
        ->and($student->script('return [...document.querySelectorAll("main img")].map((one) => one.alt)'))
        ->toBe(['Bear'])
        ->and($student->barriers())->toBe([]);
});
