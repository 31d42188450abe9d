<?php

declare(strict_types=1);

use Tests\Support\Browser;
use Tests\Support\Browser\TogetherCases;
use Tests\Support\Builder;
use Tests\Support\Screens;

it('opens a finished game to a class in at most four actions, its code on the wall', function (): void {
    $builder = new Builder(Screens::teacher()->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp'));
    $builder->press('Open a run')->press('Open it')->press('For the projector');
    $code = $builder->browser->find('.run-code')->getText();
    $students = array_map(
        fn (string $name): Browser => TogetherCases::joined($code, ['#name' => $name])->see('The quay'),
        ['Ada', 'Ben', 'Cid'],
    );
    $builder->browser->see('3 have joined');
    expect($builder->actions)->toBeLessThanOrEqual(4)->and($students)->toHaveCount(3);
});

it('shows a team at once what one of it did, and lets another look elsewhere meanwhile', function (): void {
    $code = TogetherCases::opened('teams');
    $mia = TogetherCases::joined($code, ['#name' => 'Team Kelp', '#member' => 'Mia'])->see('The quay');
    $words = $mia->find('.two-words strong')->getText();
    $finn = Screens::open(390, 844)->go("/p/{$code}")->press('My team has begun already');
    expect($finn->barriers())->toBe([]);
    $finn->type('#again-name', 'Team Kelp')->type('#words', $words)->type('#again-member', 'Finn')
        ->press('Go on where I was')->see('You play with Mia');
    $mia->press('Climb the path to the keeper’s door')->see('worn keys');
    $finn->see('worn keys');
    $finn->press('Look at another scene')->press('The quay')->see('Only to look at.');
    expect($finn->barriers())->toBe([])->and($finn->complaints())->toBe([]);
    $finn->press('To your team')->see('worn keys');
    $mia->click('.stage-lock')->enter('0302');
    $finn->see('Mia is at “The keeper’s door”.')->click('.stage-lock')->see('Mia is here too.')->press('Close');
    $mia->press('Try it')->see('Close.');
    $finn->see('Mia tried “0302” at “The keeper’s door”. Close.');
    expect($finn->barriers())->toBe([]);
    $mia->enter('0917')->press('Try it')->see('By the hearth');
    $finn->see('By the hearth');
});

it('lets a class decide: votes on devices, hands that are counted, and a vote that is closed', function (): void {
    $code = TogetherCases::opened('class');
    $front = TogetherCases::$teacher->press('For the projector')->press('Show the scene and the vote')->see('The quay');
    $mia = TogetherCases::joined($code, ['#name' => 'Mia'])->see('what you pick is your vote');
    $mia->press('Climb the path to the keeper’s door')
        ->see('Your vote: Climb the path to the keeper’s door. You may change it');
    expect($mia->barriers())->toBe([]);
    $front->see('One vote');
    $front->click('[aria-label="One hand more for: The notice board"]')->see('2 votes')->see('It is a tie.');
    expect($front->barriers())->toBe([]);
    $front->click('[aria-label="One hand more for: The notice board"]')->press('Close the vote')
        ->see('The paper is damp');
    $mia->see('The paper is damp');
    $front->press('Earlier votes, and the ways not taken')->press('Climb the path to the keeper’s door (1)')
        ->see('This is where the other way would have led.')->see('The keeper’s door');
    expect($front->complaints())->toBe([])->and($mia->complaints())->toBe([]);
});

it('sends what was done without a network in its order, once it is back', function (): void {
    $code = TogetherCases::opened('each');
    $student = TogetherCases::joined($code, ['#name' => 'Ono'])->see('The quay')
        ->press('Climb the path to the keeper’s door')->see('worn keys')->click('.stage-lock')->enter('0302');
    $student->script('window.away = window.fetch; window.fetch = () => Promise.reject(new Error("away"))');
    $student->press('Try it')->see('The connection is gone.');
    $student->script(
        'const form = document.querySelector("form.answer"); form.querySelector("[name=with]").value = "2142";'
            .'delete form.dataset.busy; form.requestSubmit()',
    );
    $student->see('This waits to be sent');
    $student->script('window.fetch = window.away; dispatchEvent(new Event("online"))');
    $student->until(fn (): bool => TogetherCases::answers($code, 'Ono') === ['0302', '2142']);
    $student->until(fn (): bool => $student->script('return sessionStorage.length') === 0);
    expect(TogetherCases::answers($code, 'Ono'))->toBe(['0302', '2142']);
});

it('shows every page of a run whole and without barriers, on a phone and on a laptop', function (): void {
    $teacher = Screens::teacher();
    $run = TogetherCases::pathOf($teacher, '8A');
    $game = (string) $teacher->go("{$run}/settings")
        ->script('return document.querySelector("main nav a").pathname');
    $pages = [
        $run, "{$run}/report", "{$run}/texts", "{$run}/compare", "{$run}/settings", "{$game}/runs", "{$game}/dry-run",
        "{$game}/runs/new", '/certificates', '/receiver',
    ];
    foreach ([390, 1280] as $width) {
        $teacher->resize($width, 900);
        foreach ($pages as $page) {
            $isWhole = $teacher->go($page)->script(
                'for (const part of document.querySelectorAll("main details")) part.open = true;'
                    .'return document.documentElement.scrollWidth <= innerWidth + 1',
            );
            expect([$page, $width, $teacher->barriers(), $isWhole])->toBe([$page, $width, [], true]);
        }
    }
    expect($teacher->complaints())->toBe([]);
});

it('finishes on a phone with a certificate and an emblem, whose line the teacher reads first', function (): void {
    $teacher = Screens::teacher()->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp')->press('Open a run')
        ->press('What students may do');
    $teacher->click('[type=checkbox][name=gives_certificates]')->click('[type=checkbox][name=shows_wall]')
        ->click('[type=checkbox][name=shows_order]')->press('Open it');
    $code = $teacher->find('.run-code')->getText();
    $student = TogetherCases::joined($code, ['#name' => 'Sol'])->see('The quay');
    $teacher->see('1 joined')->press('Sol')->press('Help Sol')->choose('select[name=on]', 'The lamp is lit')
        ->press('Move')->see('Sol stands there now.');
    $student->see('You are number 1 to finish')->press('Certificate')->see('came through');
    expect($student->barriers())->toBe([]);
    $student->press('Back to the game')->press('Your emblem for the wall')->type('#line', 'We saw it first.');
    $student->choose('[name=charge]', 'fish')->until(
        fn (): bool => $student->script('return document.querySelector(".emblem").innerHTML.includes("M24 50C34")'),
    );
    expect($student->barriers())->toBe([]);
    $student->press('Put it on the wall')->see('Sol');
    expect(str_contains($student->text(), 'We saw it first.'))->toBeFalse()->and($student->barriers())->toBe([]);
    $teacher->press('Finishers’ wall')->see('We saw it first.')->press('Let it stand')
        ->until(fn (): bool => ! str_contains($teacher->text(), 'Let it stand'));
    $student->driver->navigate()->refresh();
    $student->see('We saw it first.');
    expect($teacher->barriers())->toBe([])->and($student->complaints())->toBe([]);
});
