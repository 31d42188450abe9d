<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser\FilmCases as Film;

it('makes a film of four parts with eight stops in at most sixty actions, and plays it', function (): void {
    $builder = Film::stops(Film::brought('Lens'), Film::ROWS);
    $builder->click('.film-stop-mark:last-of-type circle')->click('[data-key$=".again"]');
    $builder->click('[data-key="card-back"]')->click('[data-key="card-back"]')
        ->choose('[data-key="scene.next"]', '＋ a new scene');
    expect($builder->actions)->toBeLessThanOrEqual(60)
        ->and($builder->browser->barriers())->toBe([]);
    $student = Film::watched($builder);

    $student->see('Where would you begin?')->press('light');
    Film::runTo($student, 7, 'True of light?');
    foreach (range(1, 3) as $round) {
        $student->see(($round - 1).' of 3 right in a row');
        Film::pick($student, ['straight', 'from a lamp', 'fast', 'seen']);
    }
    $student->until(fn (): bool => Film::isRunning($student));
    Film::runTo($student, 12, 'What stops it?');
    Film::pick($student, ['a card'])->see('Yes');
    Film::runTo($student, 18, 'means from the side.');
    expect(Film::isRunning($student))->toBeTrue();
    $student->until(fn (): bool => ! str_contains($student->text(), 'means from the side.'));
    Film::runTo($student, 28, 'True of glass?');
    foreach (range(1, 3) as $round) {
        $student->see(($round - 1).' of 3 right in a row');
        Film::pick($student, ['it bends light', 'clear', 'hard']);
    }
    Film::runTo($student, 33, 'Where does it bend?');
    Film::pick($student, ['only inside'])->see('Watch the edges.');
    expect(abs(Film::at($student) - 24))->toBeLessThan(2);
    Film::runTo($student, 32, 'Where does it bend?');
    Film::pick($student, ['at both surfaces']);
    Film::runTo($student, 44, 'A lens bends the');
    $student->type('.lock input:not([type=hidden])', 'outer')->click('.lock .try');
    Film::runTo($student, 60, 'Once more.');
    // What went wrong at first is asked again, and only that.
    $student->see('Where does it bend?');
    expect($student->script('return document.querySelectorAll("#scene .lock").length'))->toBe(1)
        ->and($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
    Film::pick($student, ['at both surfaces'])->press('Go on');
    $student->press('Go on')->see('New scene');
});

it('makes a film that leads back, words to place and a text with gaps in at most 26 actions', function (): void {
    $builder = Film::stops(Film::brought('Once'), [
        '0:12; What stops light?; *a card | a song; Look at the card.; 0:07–0:11',
    ]);
    $gapped = static function (string $text) use ($builder): string {
        $builder->click('[data-add="lock"]');
        $lock = $builder->thing();
        $builder->choose("[data-key='{$lock['id']}.type']", 'gaps in a text')
            ->type("[data-key='{$lock['id']}.gapped']", $text);

        return $lock['id'];
    };
    $builder->click('[data-key="card-back"]');
    $gapped('Light goes [straight] on, and a [card] stops it.');
    $typed = $gapped('The [lamp] shines to all sides.');
    $builder->kept();
    $builder->click("[data-key='{$typed}.bank']");
    expect($builder->actions)->toBeLessThanOrEqual(26);
    $student = Film::watched($builder);

    Film::runTo($student, 12, 'What stops light?');
    Film::pick($student, ['a song'])->see('Look at the card.');
    expect(Film::isRunning($student))->toBeTrue();
    Film::runTo($student, 11, 'What stops light?');
    Film::pick($student, ['a card'])->see('Light goes');
    $student->until(fn (): bool => ! str_contains($student->text(), 'What stops light?'));
    Film::place($student, ['straight', 'card']);
    $student->click('.lock .try')->see('Right.');
    $student->type('.lock input:not([type=hidden])', 'lamp')->click('.thing-lock:last-of-type .try');
    $student->until(fn (): bool => $student->script('return document.querySelectorAll("[data-done]").length') === 2);
});

it('opens a stop at its time, and lets nobody past it by dragging, keys or speed', function (): void {
    $builder = Film::stops(Film::brought('Held'), ['0:12; What stops light?; *a card | a song']);
    $student = Film::watched($builder);

    $student->script('document.querySelector("video").playbackRate = 2');
    Film::runTo($student, 12, 'What stops light?');
    expect(abs(Film::at($student) - 12))->toBeLessThan(0.1)->and(Film::isRunning($student))->toBeFalse();
    foreach ([
        'document.querySelector("video").currentTime = 50',
        'const line = document.querySelector("[data-film-line]"); line.value = 50; '
            .'line.dispatchEvent(new Event("input"))',
        'document.querySelector("[data-film-line]").dispatchEvent(new KeyboardEvent("keydown", {key: "PageUp"}))',
        'return document.querySelector("video").play()',
    ] as $trick) {
        $student->script($trick);
        usleep(700_000);
        expect(Film::at($student))->toBeLessThan(12.2);
    }
    $student->see('What stops light?');
    Film::pick($student, ['a card']);
    $student->until(fn (): bool => Film::isRunning($student) && Film::at($student) > 12.1);
});

it('runs a film that was cut as one, and knows nothing of a piece before it is reached', function (): void {
    $builder = Film::cut(Film::stops(Film::brought('Pieces'), [
        '0:04; What stops light?; *a card | a song; Look at the card.; 0:01–0:03', '0:08–0:09; Look closely.',
        '0:12; Where does it bend?; *at both | inside; Watch.; 0:05–0:07',
    ]));
    $student = Film::watched($builder);
    $pieces = fn (): array => $student->script(
        'return JSON.parse(document.querySelector("[data-film]").dataset.pieces).map(({ from }) => from)',
    );
    $fast = 'document.querySelector("video").playbackRate = 2';
    $student->script($fast);
    $student->see('What stops light?');
    expect($pieces())->toBe([0])->and(abs(Film::at($student) - 4))->toBeLessThan(0.1)
        ->and($student->script('return document.body.innerHTML'))->not->toContain('.webm');
    Film::pick($student, ['a song'])->see('Look at the card.');
    expect(Film::at($student))->toBeLessThan(3.1);
    $student->see('What stops light?');
    Film::pick($student, ['a card']);
    $student->until(fn (): bool => Film::isRunning($student) && Film::at($student) > 4.1);
    expect($pieces())->toBe([0, 4])
        ->and($student->script('return document.querySelector("video").playbackRate'))->toBe(2);
    // Asked for twice before a piece is there, the film goes where it was asked for last.
    $student->script('const film = document.querySelector("video"); film.pause(); film.currentTime = 1; '
        .'film.currentTime = 5.5');
    $student->until(fn (): bool => abs(Film::at($student) - 5.5) < 0.1);
    usleep(300_000);
    expect(abs(Film::at($student) - 5.5))->toBeLessThan(0.1);
    $student->script('document.querySelector("video").play()');
    $student->see('Look closely.')->see('Where does it bend?');
    expect(abs(Film::at($student) - 12))->toBeLessThan(0.1)->and($pieces())->toBe([0, 4]);
    // What was seen is seen again, over the cut; what lies ahead is not there.
    $student->script('document.querySelector("video").currentTime = 3.5; document.querySelector("video").play()');
    $student->until(fn (): bool => Film::at($student) > 4.3 && Film::at($student) < 12);
    $student->script('document.querySelector("video").currentTime = 50');
    $student->until(fn (): bool => abs(Film::at($student) - 12) < 0.1);
    Film::pick($student, ['at both']);
    $student->until(fn (): bool => Film::isRunning($student) && Film::at($student) > 12.2);
    expect($student->complaints())->toBe([])
        ->and($student->script('return document.querySelector("video").duration'))->toBeGreaterThan(61);
});

it('waits at the next stop while what goes by before it is not answered yet', function (): void {
    $builder = Film::stops(Film::brought('Late'), [
        '0:05–0:08; Look closely.', '0:09; What stops light?; *a card | a song',
    ]);
    $student = Film::watched($builder);
    Film::runTo($student, 5, 'Look closely.');
    $student->script('window.fetch = () => new Promise(() => {})');
    $student->until(fn (): bool => ! Film::isRunning($student));
    expect(Film::at($student))->toBeGreaterThan(8.9)->toBeLessThan(9.2);
});

it('does the whole job without the film: words, and the stops in their order', function (): void {
    $builder = Film::stops(Film::brought('Read'), [
        '0:05; What shines?; *a lamp | a card', '0:12; And now?; *light | dark',
    ]);
    $student = Film::watched($builder)->press('Read it instead');
    $student->press('On to the next stop');
    Film::pick($student, ['a lamp'])->press('Go on');
    $student->press('On to the next stop')->see('And now?');
    Film::pick($student, ['light'])->press('Go on');
    expect($student->has('[data-film-next]'))->toBeFalse()->and($student->barriers())->toBe([]);
});

it('shows a film beside a stage in the workshop, and below it in play', function (): void {
    $builder = Film::brought('Staged')->click('[data-add="text"]')->click('[data-key="card-back"]')
        ->choose('[data-key="scene.layout"]', 'a stage: things stand where you put them');
    $height = static fn (string $what): int => $builder->browser->find($what)->getSize()->getHeight();

    expect($height('.film-screen'))->toBeGreaterThan(100)->and($height('.stage-holder'))->toBeGreaterThan(100);
    $scene = $builder->document()['scenes'][0];
    expect($scene['layout'])->toBe('stage')
        ->and(array_keys(array_column($scene['things'], 'box', 'kind')))->toBe(['text']);
    $student = Film::watched($builder);
    $student->until(fn (): bool => Film::isRunning($student));
    expect($student->find('.stage')->isDisplayed())->toBeTrue();
});

it('places stops, passages and captions on the line by hand, and takes them back', function (): void {
    $builder = Film::brought('By hand');
    $browser = $builder->browser;
    $browser->script('document.querySelector(`[data-key="film.line"]`).focus()');
    $browser->keys(...array_fill(0, 9, WebDriverKeys::ARROW_RIGHT));
    $browser->keys(WebDriverKeys::ENTER)->see('stop at 0:09');
    $stop = static fn (): array => $builder->document()['scenes'][1]['stop'];
    expect($stop()['at'])->toBe(9);
    [$x, $y, $width] = $browser->script(
        'const box = document.querySelector("[data-stop] circle").getBoundingClientRect(); const line = '
            .'document.querySelector(".film-track").getBoundingClientRect();'
            .'return [box.x + box.width / 2, box.y + box.height / 2, line.width].map(Math.round)',
    );
    Film::drag($browser, [$x, $y], [$x + (int) ($width / 4), $y]);
    expect($stop()['at'])->toBeGreaterThan(20)->toBeLessThan(30);
    $browser->click('#undo')->see('stop at 0:09');
    $lane = $y + 28;
    Film::drag($browser, [$x + 60, $lane], [$x + 160, $lane]);
    $moments = static fn (): array => $builder->document()['scenes'][0]['things'][1]['moments']
        ?? $builder->document()['scenes'][0]['things'][0]['moments'];
    expect($moments())->toHaveCount(1)->and($moments()[0]['until'])->toBeGreaterThan($moments()[0]['at']);
    $browser->click('[data-key="film.card"]');
    $browser->type('[data-key$=".captions.write"]', "A lamp shines.\n");
    $lines = static fn (): array => array_merge(...array_column($builder->document()['scenes'][0]['things'], 'lines'));
    expect(array_column($lines(), 'text'))->toBe(['A lamp shines.'])->and($browser->complaints())->toBe([]);
});
