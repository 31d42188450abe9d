<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;
use Tests\Support\Browser\PlayerCases;
use Tests\Support\Browsers\Kind;
use Tests\Support\Games;
use Tests\Support\Screens;

it('plays on a phone and on a small laptop without barriers', function (int $width, int $height): void {
    $student = Screens::open($width, $height);
    $code = PlayerCases::openDemo();
    expect($student->go("/p/{$code}")->barriers())->toBe([]);
    PlayerCases::joined($student, $code, 'Mia');
    expect($student->barriers())->toBe([])
        ->and($student->script('return document.documentElement.scrollWidth <= window.innerWidth'))->toBeTrue();
    $student->press('Climb the path to the keeper’s door')
        ->see('worn keys')
        ->click('.stage-lock');
    // What is asked lies over none of the picture on a phone, and beside the lock elsewhere.
    expect($student->script(
        'const [panel, lock, stage] = ["dialog.panel", ".stage-lock", ".stage"].map((one) => '
            .'document.querySelector(one).getBoundingClientRect()); '
            .'const isBeside = panel.left >= lock.right || panel.right <= lock.left; '
            .'return innerWidth < 720 ? panel.top >= stage.bottom - 1 : isBeside',
    ))->toBeTrue();
    $student->press('A hint, please')
        ->see('leave out the dots');
    foreach (['2142', '1111', '2222', '3333'] as $wrong) {
        $student->enter($wrong)
            ->press('Try it')
            ->see($wrong === '2142' ? 'time of day' : 'The bolt does not move');
    }
    $student->see('Next try in');
    expect($student->barriers())->toBe([])->and($student->find('.try')->isEnabled())->toBeFalse();
    if ($width > 390) {
        return;
    }
    $student->driver
        ->wait(25, 500)
        ->until(fn (): bool => $student->find('.try')->isEnabled(), 'The pause never ended.');
    $student->enter('0917')->press('Try it')->see('warm air meets you')->see('Sparks 1');
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
})->with([[390, 844], [1280, 800]]);

it('takes a double tap for one, and the same answer twice', function (): void {
    $way = static fn (string $id, string $to): array => [
        'id' => $id, 'title' => "Room {$id}", 'layout' => 'stage', 'backdrop' => ['colour' => '#cccccc'],
        'things' => [
            ['box' => [100, 100, 1400, 700], 'look' => 'clear'] + Games::choice("to-{$to}", ['go' => $to]),
        ],
    ];
    $student = PlayerCases::rehearsed([
        $way('a', 'b'), $way('b', 'c'), $way('c', 'd'), ['id' => 'd', 'title' => 'The end', 'things' => [
            Games::lock('q', 'gull'), ['id' => 'note', 'kind' => 'text', 'md' => 'Twice wrong.'] + [
                'if' => ['tries' => 'q', 'is' => '>=', 'value' => 2],
            ],
        ]],
    ])->see('Room a');
    [$x, $y] = $student->script(
        'const box = document.querySelector(".stage-clear").getBoundingClientRect(); '
            .'return [Math.round(box.x + box.width / 2), Math.round(box.y + box.height / 2)]',
    );
    $tap = [['type' => 'pointerDown', 'button' => 0], ['type' => 'pointerUp', 'button' => 0]];
    $there = ['type' => 'pointerMove', 'duration' => 0, 'x' => $x, 'y' => $y];
    foreach (['b', 'c'] as $room) {
        $student->perform(Browser::mouse([$there, ...$tap, ['type' => 'pause', 'duration' => 200], ...$tap]));
        $student->see("Room {$room}")->until(fn (): bool => ! $student->has('#play[data-resting]'));
    }
    $student->pressDrawn('.stage-clear')->see('The end');
    $student->type('.lock input:not([type=hidden])', 'tern')->press('Try it')->see('stays shut')->press('Try it')
        ->see('it was not counted again');
    $seen = fn (): string => (string) $student->script('return document.getElementById("scene").innerText');
    expect($seen())->not->toContain('Twice wrong.');
    $student->type('.lock input:not([type=hidden])', 'auk')->press('Try it')
        ->until(fn (): bool => str_contains($seen(), 'Twice wrong.'));
});

it('plays with the keyboard alone, and speaks what happens', function (): void {
    $student = PlayerCases::joined(Screens::open(), PlayerCases::openDemo(), 'Kay');
    $student->script('document.querySelector(".stage-choice").focus()');
    $student->keys(WebDriverKeys::ENTER)->see('worn keys');
    expect($student->script('return document.activeElement.tagName'))->toBe('H1');
    while (! $student->script('return document.activeElement.matches(".stage-lock")')) {
        $student->keys(WebDriverKeys::TAB);
    }
    $student->keys(WebDriverKeys::ENTER)->find('dialog .places');
    expect($student->script('return document.activeElement.className'))->toBe('places');
    $student->keys('9999', WebDriverKeys::ENTER)->see('The bolt does not move');
    expect($student->script('return document.querySelector("dialog.panel > [role=status]").textContent'))
        ->toContain('Not yet.')
        ->and($student->script('return document.activeElement.getAttribute("aria-label")'))->toContain('9, 9, 9, 9');
    $student->keys('0917', WebDriverKeys::ENTER)->see('By the hearth');
});

it('plays with scripts switched off', function (): void {
    $code = PlayerCases::openDemo();
    $student = PlayerCases::joined(Screens::open(scripts: false), $code, 'Noa');
    $student->press('Climb the path to the keeper’s door')
        ->see('worn keys')
        ->type('.digits-input', '2142')
        ->press('Try it')
        ->see('Close.')
        ->see('time of day');
    expect($student->find('.digits-input')->getAttribute('value'))->toBe('2142');
    $student->type('.digits-input', '0917')->press('Try it')->see('By the hearth')->see('Open.');
    $student->go("/p/{$code}")->see('By the hearth');
})->skip(fn (): bool => ! Kind::chosen()->canDoWithoutScripts(), 'only Chromium is driven with its scripts off');

it('goes on after a reload and on another device', function (): void {
    $code = PlayerCases::openDemo();
    $student = PlayerCases::joined(Screens::open(390, 844), $code, 'Rea');
    $student->click('[aria-label="The notice board"]')
        ->see('The paper is damp')
        ->press('Copy the table and walk on to the door')
        ->see('Tide table');
    $words = $student->find('.two-words strong')->getText();
    $student->go("/p/{$code}")->see('worn keys');
    $other = Screens::open()->go("/p/{$code}")->press('I have begun already, on this or another device');
    $other->type('#again-name', 'rea')
        ->type('#words', $words)
        ->press('Go on where I was')
        ->see('worn keys')
        ->see('Tide table');
    $other->click('.stage-lock')->enter('0917')->press('Try it')->see('By the hearth');
    // The first device comes along by itself.
    expect($student->see('By the hearth')->has('.places'))->toBeFalse();
});

it('keeps a typed answer when the device has lost its place, and sends it after', function (): void {
    $code = PlayerCases::openDemo();
    $student = PlayerCases::joined(Screens::open(), $code, 'Lou');
    $words = $student->find('.two-words strong')->getText();
    $student->press('Climb the path to the keeper’s door')->see('worn keys');
    $student->driver->manage()->deleteAllCookies();
    $student->click('.stage-lock')->enter('0917')->press('Try it')->see('lost its place');
    expect($student->script('return document.querySelector(".digits-input").value'))->toBe('0917');
    $student->type('.rejoin input[name="name"]', 'Lou')
        ->type('.rejoin input[name="words"]', $words)
        ->click('.rejoin button')
        ->see('By the hearth');
});

it('sends an answer once however often it is pressed', function (): void {
    $student = PlayerCases::joined(Screens::open(), PlayerCases::openDemo(), 'Zoe');
    $student->press('Climb the path to the keeper’s door')
        ->see('worn keys')
        ->click('.stage-lock')
        ->enter('1234');
    $student->script(
        'const form = document.querySelector("form.answer"); for (let press = 0; press < 5; press++) '
            .'form.requestSubmit()',
    );
    $student->see('The bolt does not move');
    $student->until(
        fn (): bool => $student->script(
            'return Object.keys(sessionStorage).filter((name) => name.startsWith("fravel.pending")).length',
        ) === 0,
    );
    expect($student->has('[data-guard]:not([hidden])'))->toBeFalse();
});

it('keeps an answer that could not be sent over a reload, says so, and sends it once', function (): void {
    $student = PlayerCases::joined(Screens::open(390, 844), PlayerCases::openDemo(), 'Ono');
    $student->press('Climb the path to the keeper’s door')->see('worn keys')->click('.stage-lock')
        ->enter('0917');
    $student->script('window.fetch = () => Promise.reject(new Error("no connection"))');
    $student->press('Try it')->see('The connection is gone. Your answer stays here')->see('Next try in');
    $student->driver->navigate()->refresh();
    $student->see('By the hearth')->see('warm air meets you');
    $student->driver->navigate()->refresh();
    expect($student->see('By the hearth')->has('.said'))->toBeFalse()
        ->and(
            $student->script('return Object.keys(sessionStorage).filter((name) => name.startsWith("fravel.pending"))')
        )
        ->toBe([]);
});

it('brings a stage nearer by two fingers and two taps, and leaves it there when something is done', function (): void {
    $student = PlayerCases::joined(Screens::open(390, 844), PlayerCases::openDemo(), 'Nea');
    $wide = static fn (): float => (float) $student->script(
        'const frame = document.querySelector(".stage-frame"); return document.querySelector(".stage")'
            .'.getBoundingClientRect().width / frame.clientWidth',
    );
    expect($wide())->toEqualWithDelta(1, 0.01);
    $student->touch([[[100, 140]], [[100, 140], [160, 140]], [[80, 140], [180, 140]], [[60, 140], [200, 140]]]);
    $near = $wide();
    expect($near)->toBeGreaterThan(1.6)
        ->and($student->find('.near-where')->isDisplayed())->toBeTrue();
    $student->script('document.querySelector("[data-drawn] [aria-label=\'The notice board\']").click()');
    $student->see('The paper is damp')->press('Go back')->see('The quay');
    $student->until(fn (): bool => abs($wide() - $near) < 0.01);
    $student->press('See it whole');
    expect($wide())->toEqualWithDelta(1, 0.01);
    $student->touch([[[60, 90]]])->touch([[[60, 90]]]);
    expect($wide())->toEqualWithDelta(2.5, 0.01)->and($student->complaints())->toBe([]);
})->skip(fn (): bool => Kind::chosen() !== Kind::Chromium, 'only Chromium is told where fingers are');

it('moves and, once they are wanted, sounds when a lock opens, a cover turns and a scene comes', function (): void {
    $student = PlayerCases::rehearsed([
        ['id' => 'a', 'title' => 'Here', 'things' => [
            Games::lock('door', 'up', ['label' => 'Door']),
            [
                'id' => 'lid', 'kind' => 'cover', 'front' => ['md' => 'Lid'], 'back' => ['md' => 'It is'],
                'opens' => 'tap',
            ],
            Games::choice('on', ['go' => 'b']) + ['md' => 'On'],
        ]],
        ['id' => 'b', 'title' => 'There', 'ending' => ['kind' => 'won', 'md' => 'Done.']],
    ]);
    // Two swings to each note.
    $student->script('window.rang = 0; const make = AudioContext.prototype.createOscillator;'
        .'AudioContext.prototype.createOscillator = function () { window.rang += 0.5; return make.call(this); }');
    $notes = fn (): int => (int) $student->script('const rang = window.rang; window.rang = 0; return rang');
    $student->type('[data-answer=door] [name=with]', 'no')->press('Try it')->see('Not yet');
    expect($notes())->toBe(0);
    $student->press('Sounds off')->find('[aria-pressed=true][data-sounds]');
    expect($notes())->toBe(2)->and($student->barriers())->toBe([]);
    $student->type('[data-answer=door] [name=with]', 'up')->press('Try it')->find('.thing.just-opened [data-done]');
    expect($notes())->toBe(2);
    $student->click('#thing-lid button')->see('It is');
    $student->until(fn (): bool => $student->script('return window.rang') > 0);
    expect($notes())->toBe(1);
    $student->press('On')->see('Done.')->find('.just-come');
    expect($notes())->toBe(4)->and($student->complaints())->toBe([]);
});
