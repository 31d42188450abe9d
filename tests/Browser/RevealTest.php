<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser\RevealCases as Board;
use Tests\Support\Builder;
use Tests\Support\Screens;

it('makes twenty-four cards with marks of one paste in at most eight actions, and turns them', function (): void {
    $builder = Board::begun();
    $mark = static fn (int $at): string => $at % 2 === 1 ? 'right' : 'wrong';
    $rows = array_map(static fn (int $at): string => "card {$at}\tback {$at}\t{$mark($at)}", range(1, 24));
    $builder->paste('[data-key="pattern.field.cards"]', implode("\n", $rows));
    $student = Board::built($builder);
    expect($builder->actions)->toBeLessThanOrEqual(8);
    $student->until(fn (): bool => count(Board::covers($student)) === 24);
    expect($student->script('return document.body.innerHTML.includes("back 7")'))->toBeFalse();
    $student->click('[data-drawn] .stage-cover[aria-label="card 7"]')->see('back 7');
    expect($student->script('return document.activeElement.getAttribute("aria-label")'))->toBe('card 7: back 7')
        ->and($student->find('[aria-label="card 7: back 7"] .mark')->isDisplayed())->toBeTrue();
    $student->keys(WebDriverKeys::ENTER)->find('[data-drawn] .stage-cover[aria-label="card 7"]');
    $student->click('[data-drawn] .stage-cover[aria-label="card 3"]')->see('back 3')->press('Cover all again');
    $student->until(fn (): bool => ! $student->script('return document.body.innerHTML.includes("back 3")'));
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
});

it('makes twelve strips of one paste in at most nine actions, and slides them there and back', function (): void {
    $builder = Board::begun();
    $builder->choose('[data-key="pattern.field.opens"]', 'sliding it across');
    $rows = array_map(static fn (int $at): string => "word {$at}\tmeaning {$at}", range(1, 12));
    $builder->paste('[data-key="pattern.field.cards"]', implode("\n", $rows));
    $student = Board::built($builder);
    expect($builder->actions)->toBeLessThanOrEqual(9);
    Board::slide($student, 'word 2', 1.2)->see('meaning 2');
    Board::slide($student, 'word 2: meaning 2', 1.2);
    $student->until(fn (): bool => ! $student->script('return document.body.innerHTML.includes("meaning 2")'));
    Board::slide($student, 'word 5', 0.2);
    expect(Board::rests($student, 'word 5'))->toBeTrue()
        ->and($student->script('return document.body.innerHTML.includes("meaning 5")'))->toBeFalse();
});

it('makes a cover to pull out in at most seven actions: it follows, springs home, and settles', function (): void {
    $builder = Board::begun();
    $builder->choose('[data-key="pattern.field.opens"]', 'pulling it out')
        ->paste('[data-key="pattern.field.cards"]', "Limpet\tholds on");
    $student = Board::built($builder);
    expect($builder->actions)->toBeLessThanOrEqual(7);
    Board::slide($student, 'Limpet', 0.3);
    expect(Board::rests($student, 'Limpet'))->toBeTrue();
    Board::slide($student, 'Limpet', 1.3)->see('holds on');
    $student->until(fn (): bool => $student->script(
        'return document.querySelector("[data-moved]").transform.baseVal[0].matrix.e === '
            .'Number(document.querySelector(".drawer").dataset.way.split(" ")[0])',
    ));
    $student->script('document.querySelector(".drawer-handle").focus()');
    $student->keys(' ')->until(fn (): bool => ! str_contains($student->text(), 'holds on'));
});

it('slides under a finger on a phone, where the page can still be moved across it', function (): void {
    $builder = Board::begun();
    $builder->choose('[data-key="pattern.field.opens"]', 'sliding it across')->paste(
        '[data-key="pattern.field.cards"]',
        implode("\n", array_map(static fn (int $at): string => "word {$at}\tmeaning {$at}", range(1, 9))),
    );
    $student = Board::built($builder)->resize(390, 844);
    [$x, $y, $width] = $student->script(
        'const part = document.querySelector(`.things [aria-label="word 2"]`); part.scrollIntoView({block: "center"});'
            .'const box = part.getBoundingClientRect();'
            .'return [box.x + box.width / 2, box.y + box.height / 2, box.width].map(Math.round)',
    );
    $student->touch(array_map(
        static fn (float $far): array => [[(int) ($x - $far * $width), $y]], [0.0, 0.2, 0.4, 0.6, 0.8, 0.95],
    ))->see('meaning 2');
    $before = $student->script('return scrollY');
    $student->touch(array_map(static fn (int $down): array => [[$x, $y - $down]], [0, 20, 60, 120, 200]));
    $student->until(fn (): bool => $student->script('return scrollY') > $before);
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
});

it('asks for a guess first where the teacher wants it, and leaves it to the student what it was', function (): void {
    $builder = Builder::ofNewGame('Guess');
    $builder->click('[data-add="cover"]');
    $builder->kept();
    $id = $builder->thing()['id'];
    $builder->type("[data-key='{$id}.front']", 'Who lives in here?')->type("[data-key='{$id}.back']", 'a hermit crab')
        ->click("[data-key='{$id}.guess']");
    $student = $builder->kept()->click('#rehearse')->see('Who lives in here?')->resize(390, 844);
    expect($student->text())->not->toContain('hermit');
    $student->press('Guess and lift it')->see('Make a guess first')->type('input[name=with]', 'a snail')
        ->press('Guess and lift it')->see('a hermit crab')->see('You guessed: a snail')->press('It was not');
    $student->find('button[aria-pressed=true] .mark');
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
});

it('keeps two hundred covers moving', function (): void {
    $builder = Board::begun();
    $rows = array_map(static fn (int $at): string => "c{$at}\tb{$at}", range(1, 200));
    $builder->choose('[data-key="pattern.field.opens"]', 'sliding it across')
        ->paste('[data-key="pattern.field.cards"]', implode("\n", $rows));
    $student = Board::built($builder);
    $student->until(fn (): bool => count(Board::covers($student)) === 200);
    Board::slide($student, 'c150', 1.2)->see('b150');
    expect($student->complaints())->toBe([]);
});

it('stands at the front of the room, without a network and for several fingers', function (): void {
    $builder = Board::begun();
    $builder->choose('[data-key="pattern.field.opens"]', 'sliding it across')
        ->paste('[data-key="pattern.field.cards"]', "Ebb\tthe sea goes out\nFlood\tthe sea comes in");
    $builder->press('Build it');
    $board = $builder->built()->kept();
    [, , $game] = explode('/', $board->path());
    $board->go("/games/{$game}/board")->find('.board-stage');
    Board::goOffline($board);
    Board::slide($board, 'Ebb', 1.2)->find('[aria-label="Ebb: the sea goes out"]');
    $board->keys('r')->find('[data-drawn] [aria-label="Ebb"]');
    expect(Board::rests($board, 'Ebb'))->toBeTrue();
    $places = $board->script(
        'return [...document.querySelectorAll(".drawer-handle")].map((one) => one.getBoundingClientRect())'
            .'.map(({ x, y, width, height }) => [x + width / 2, y + height / 2, width].map(Math.round))',
    );
    $board->touch(array_map(static fn (float $far): array => array_map(
        static fn (array $at): array => [(int) ($at[0] - $far * $at[2]), $at[1]], $places,
    ), [0.0, 0.3, 0.6, 0.9, 1.1]));
    $board->find('[aria-label="Ebb: the sea goes out"]');
    $board->find('[aria-label="Flood: the sea comes in"]');
    expect($board->barriers())->toBe([]);
});

it('makes a hidden picture of twelve questions in at most twelve actions, and shows what is earned', function (): void {
    $builder = Board::begun('mosaic');
    $rows = array_map(static fn (int $at): string => "Question {$at}?\tanswer {$at}\tLook again.", range(1, 12));
    $builder->paste('[data-key="pattern.field.questions"]', implode("\n", $rows))
        ->click('[data-key="pattern.field.hidden"]')->click(".picture-choice[title='key']");
    $builder->press('Build it');
    $builder->built()->kept()->click('[data-face="scene"]')->pressDrawn('[data-thing^="mosaic"]');
    $builder->browser->find('.mosaic-preview path');
    expect($builder->actions)->toBeLessThanOrEqual(12);
    $mosaic = $builder->document()['scenes'][0]['things'][0];
    expect(strlen($mosaic['cells']))->toBe(32 * 24)->and($builder->browser->barriers())->toBe([]);
    $lock = $mosaic['by'][2]['lock'];
    $builder->kept()->script('document.querySelector("[data-key$=\\".shares\\"]").open = true');
    $builder->browser->type("[data-key$='.share.{$lock}']", '2');
    $share = fn (): int => $builder->document()['scenes'][0]['things'][0]['by'][2]['share'] ?? 1;
    $builder->kept()->until(fn (): bool => $share() === 2);
    $builder->kept()->click('#rehearse')->find('.stage-mosaic');
    $student = $builder->browser->resize(390, 844);
    $cells = fn (): int => Board::cellsSeen($student);
    expect($cells())->toBe(0)->and($student->barriers())->toBe([])
        ->and($student->script('return document.body.innerHTML.includes(arguments[0])', $mosaic['cells']))->toBeFalse();
    $student->script('document.querySelectorAll(".flow-row")[2].click()');
    $student->type('dialog input[name=with]', 'no')->click('dialog .try')->see('Look again.');
    $student->type('dialog input[name=with]', 'answer 3')->click('dialog .try');
    $student->until(fn (): bool => $cells() === 118);
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
});

it('makes a find-it board of twenty-six pictures in at most ten actions, and is played to its end', function (): void {
    $builder = Board::begun('find');
    $letters = range('a', 'z');
    $rows = implode("\n", array_map(static fn (string $letter): string => "Which is {$letter}?\t{$letter}", $letters));
    $builder->paste('[data-key="pattern.field.finds"]', $rows)
        ->chooseFiles('[data-key="pattern.field.pictures"]', Board::flags($letters));
    $builder->browser->see('26 pictures');
    $student = Board::built($builder)->resize(390, 844);
    expect($builder->actions)->toBeLessThanOrEqual(10);
    $student->press('Begin')->until(fn (): bool => Board::boxes($student) === 26);
    expect($student->barriers())->toBe([]);
    $names = $student->script('return [...document.querySelectorAll("[data-box]")].map((one) => one.ariaLabel)');
    expect(implode('', $names))->not->toMatch('/\b[a-z]\b/');
    Board::pickBox($student, isWrong: true)->see('one wrong');
    $student->find('.find-said .said');
    foreach (range(1, 25) as $found) {
        Board::pickBox($student)->see("{$found} of 26 found");
    }
    expect($student->script('return document.activeElement.dataset.box ?? ""'))->not->toBe('');
    Board::pickBox($student)->see('You found all of it.')->press('Go on');
    $student->see('You are through');
    expect($student->complaints())->toBe([]);
});

it('asks on the board at the front too, judges there, and begins anew for all', function (): void {
    $board = Screens::teacher()->go('/games?seek=Find+the+Flag')->press('Find the Flag');
    [, , $game] = explode('/', $board->path());
    $board->go("/games/{$game}/board");
    Board::goOffline($board);
    $board->press('Begin');
    $right = fn (int $place): string => $board->script(
        'return JSON.parse(document.querySelector("[data-find]").dataset.questions)[arguments[0]].right[0]', $place,
    );
    $board->click("[data-box='{$right(4)}']")->see('one wrong')->see('0 of 26 found');
    $board->click("[data-box='{$right(0)}']")->see('1 of 26 found')->click("[data-box='{$right(1)}']")->see('2 of 26');
    expect($board->barriers())->toBe([])->and($board->script('return document.querySelectorAll(".is-found").length'))
        ->toBe(2);
    $board->keys('r')->see('Ready in the tower?')->press('Begin')->see('0 of 26 found');
});

it('gives cells to locks by drawing, by hand and by keys, and shows a wrong answer on its row', function (): void {
    $builder = Board::begun('mosaic');
    $builder->paste('[data-key="pattern.field.questions"]', "One?\tred\nTwo?\tblue")
        ->click('[data-key="pattern.field.hidden"]')->click(".picture-choice[title='key']")->press('Build it');
    $builder->built()->kept()->click('[data-face="scene"]')->pressDrawn('[data-thing^="mosaic"]');
    $card = $builder->browser;
    $card->find('.mosaic-preview path');
    $card->choose('[data-key$=".spread"]', 'the cells I draw')->find('.mosaic-board');
    $mosaic = fn (): array => $builder->document()['scenes'][0]['things'][0];
    $cells = fn (string $sign): int => substr_count($mosaic()['drawn'] ?? '', $sign);
    Board::drawAcross($card);
    expect($cells('a'))->toBeGreaterThan(3 * 14)->toBeLessThan(3 * 24);
    $card->choose('[data-key$=".draws"]', '2 · Question 2');
    $card->script('document.querySelector(".mosaic-board").focus()');
    $card->keys(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN, ' ');
    expect($cells('b'))->toBe(9)->and(substr($mosaic()['drawn'], 0, 3))->toBe('bbb')->and($card->barriers())->toBe([]);
    $student = $card->click('#rehearse')->resize(390, 844);
    $student->click('.flow-row')->type('dialog .answer-field input', 'green')->click('dialog .try')
        ->see('Not yet.')->click('dialog .panel-close')->find('.flow-row[data-state=wrong] > svg.tried-wrong');
    expect($student->barriers())->toBe([])->and($student->complaints())->toBe([]);
});
