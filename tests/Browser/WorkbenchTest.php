<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser\WorkbenchCases as Bench;
use Tests\Support\Browsers\Kind;

it('plays a lock of each kind by the keyboard alone, on a phone', function (): void {
    $student = Bench::begun('Kay');
    Bench::keyOn($student, 'The tool box')->find('dialog .places');
    $student->keys('1824', WebDriverKeys::ENTER)->see('The lid springs up.');
    expect($student->barriers())->toBe([]);
    Bench::keyOn($student, 'The chest of drawers');
    foreach (['Moon', 'Star', 'Boat'] as $sign) {
        Bench::keyOn($student, $sign);
    }
    Bench::tryByKey($student)->see('The second drawer slides out.');
    Bench::keyOn($student, 'The model boat')->find('dialog .places');
    $student->keys(
        WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_UP,
        WebDriverKeys::ENTER,
    )->see('The boat rings the buoy.');
    Bench::keyOn($student, 'The signal lamps');
    foreach (['red', 'white', 'green'] as $colour) {
        Bench::keyOn($student, $colour);
    }
    Bench::tryByKey($student)->see('a ship under way.');
    Bench::keyOn($student, 'The telescope')->find('dialog [data-number]');
    $student->keys('3,704', WebDriverKeys::ENTER)->see('Sharp as a gull');
    Bench::keyOn($student, 'The picture on the wall');
    Bench::tabTo($student, 'at.matches("dialog .point-frame")');
    $student->keys(...array_fill(0, 13, WebDriverKeys::ARROW_RIGHT))
        ->keys(...array_fill(0, 10, WebDriverKeys::ARROW_UP));
    Bench::tryByKey($student)->see('There it stands, and dark it is.');
    Bench::keyOn($student, 'Go on')->see('The drawer holds');

    Bench::tabTo($student, 'at.matches("input[name=with]")')->keys('fog horn', WebDriverKeys::ENTER)
        ->see('Far over the water it answers.');
    Bench::tabTo($student, 'at.matches("textarea")')->keys(Bench::LOG);
    Bench::tryByKey($student)->see('Signed and dated.');
    foreach (['Eagle', 'Owl'] as $bird) {
        Bench::tabTo($student, "at.closest('.option')?.textContent.trim() === '{$bird}'")->keys(' ');
    }
    Bench::tryByKey($student)->see('Both have claws to hold with.');
    foreach (Bench::WATCH as $place => $deed) {
        Bench::tabTo($student, "at.matches('[data-step]') && at.closest('li').dataset.say === '{$deed}'");
        $up = fn (): int => $student->script(
            'return [...document.querySelectorAll("[data-rows] > li")].findIndex((row) => row.dataset.say === '
                .'arguments[0])',
            $deed,
        ) - $place;
        while ($up() > 0) {
            $student->keys(WebDriverKeys::ARROW_UP);
        }
    }
    Bench::tryByKey($student)->see('So it is done every evening.');
    foreach (Bench::LIGHTS as $short => $meaning) {
        Bench::keyOn($student, $meaning);
        Bench::keyOn($student, $short);
    }
    Bench::tryByKey($student)->see('Now any chart can be read by night.');
    foreach (Bench::TIDE as $gap => $word) {
        Bench::keyOn($student, $word);
        Bench::keyOn($student, 'Gap '.($gap + 1));
    }
    Bench::tryByKey($student)->see('Every word in its place.');
    expect($student->barriers())->toBe([]);
    Bench::keyOn($student, 'Go on')->see('Twelve answers, Kay');
    expect($student->complaints())->toBe([]);
});

it('plays a lock of each kind by fingers alone, on a phone', function (): void {
    $student = Bench::begun('Tam');
    $open = static function (string $name, array $keys) use ($student): void {
        Bench::tap($student, "document.querySelector('.stage [aria-label=\"{$name}\"]')")->find('dialog .lock');
        foreach ($keys as $key) {
            Bench::tapOn($student, $key);
        }
    };
    $open('The tool box', ['1', '8', '2', '5']);
    Bench::tryByTap($student)->see('The wheels do not move.');
    foreach (['1', '8', '2', '4'] as $key) {
        Bench::tapOn($student, $key);
    }
    Bench::tryByTap($student)->see('The lid springs up.');
    $open('The chest of drawers', ['Moon', 'Star', 'Boat']);
    Bench::tryByTap($student)->see('The second drawer slides out.');
    $open('The model boat', ['up', 'up', 'right', 'up']);
    Bench::tryByTap($student)->see('The boat rings the buoy.');
    $open('The signal lamps', ['red', 'white', 'green']);
    Bench::tryByTap($student)->see('a ship under way.');
    $open('The telescope', []);
    Bench::tap($student, Bench::within('', '[data-number]'))->keys('3704');
    Bench::tryByTap($student)->see('Sharp as a gull');
    $open('The picture on the wall', []);
    Bench::tap($student, Bench::within('', '[data-sheet] img'), 0.755, 0.3);
    Bench::tryByTap($student)->see('There it stands, and dark it is.');
    Bench::tapOn($student, 'Go on')->see('The drawer holds');

    Bench::tap($student, Bench::within('Sheet one', 'input[name=with]'))->keys('foghorn');
    Bench::tryByTap($student, 'Sheet one')->see('Far over the water it answers.');
    Bench::tap($student, Bench::within('Sheet two', 'textarea'))->keys(Bench::LOG);
    Bench::tryByTap($student, 'Sheet two')->see('Signed and dated.');
    Bench::tapOn($student, 'Eagle');
    Bench::tryByTap($student, 'Sheet three')->see('One more, and it flies by night.');
    Bench::tapOn($student, 'Owl');
    Bench::tryByTap($student, 'Sheet three')->see('Both have claws to hold with.');
    foreach (Bench::WATCH as $place => $deed) {
        $at = fn (): array => $student->script(
            'const rows = [...document.querySelectorAll("[data-rows] > li")]; rows[0].scrollIntoView({block: "start"});'
                .'const box = (part) => part.getBoundingClientRect(); const grip = box(rows.find((row) => '
                .'row.dataset.say === arguments[0]).querySelector("[data-grip]")); const goal = '
                .'box(rows[arguments[1]]); return [grip.x + 20, grip.y + 20, goal.y + 2].map(Math.round)',
            $deed, $place,
        );
        [$x, $from, $to] = $at();
        $student->touch(array_map(
            static fn (int $y): array => [[$x, $y]], [$from, $from - 8, intdiv($from + $to, 2), $to, $to - 1],
        ));
    }
    Bench::tryByTap($student, 'Sheet four')->see('So it is done every evening.');
    foreach (Bench::LIGHTS as $short => $meaning) {
        Bench::tapOn($student, $meaning);
        Bench::tapOn($student, $short);
    }
    Bench::tryByTap($student, 'Sheet five')->see('Now any chart can be read by night.');
    foreach (Bench::TIDE as $gap => $word) {
        Bench::tapOn($student, 'Gap '.($gap + 1));
        Bench::tapOn($student, $word);
    }
    Bench::tryByTap($student, 'Sheet six')->see('Every word in its place.');
    Bench::tapOn($student, 'Go on')->see('Twelve answers, Tam');
    expect($student->complaints())->toBe([]);
})->skip(fn (): bool => Kind::chosen() !== Kind::Chromium, 'only Chromium is told where fingers are');

it('leaves no barrier at any kind of answer, before one and after a wrong one', function (): void {
    $student = Bench::begun('Rey');
    foreach (Bench::ON_STAGE as $name) {
        $student->script("document.querySelector('.stage [aria-label=\"{$name}\"]').dispatchEvent("
            .'new MouseEvent("click", {bubbles: true, cancelable: true}))');
        $student->find('dialog form.answer');
        expect($student->barriers())->toBe([]);
        Bench::answerWrongly($student, 'dialog form.answer')->find('dialog .said');
        expect($student->barriers())->toBe([]);
        $student->click('dialog .panel-close');
    }
});
