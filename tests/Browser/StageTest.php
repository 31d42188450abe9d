<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser\StageCases;
use Tests\Support\Builder;
use Tests\Support\Screens;

it('builds a keypad door in at most ten actions, and plays it', function (): void {
    $builder = StageCases::stageOf('A keypad');
    $builder->actions = 0;
    $builder->click('[data-add="area"]')->drag(1226, 216, 1464, 652)->press('it asks for an answer instead');
    $id = $builder->thing()['id'];
    $builder->choose("[data-key='{$id}.type']", 'code of digits')
        ->type("[data-key='{$id}.rule.0.equals']", '0917')
        ->type("[data-key='{$id}.rule.0.say']", 'The bolt slides back. Well done!')
        ->choose("[data-key='{$id}.rule.0.go']", '＋ a new scene')
        ->type("[data-key='{$id}.otherwise']", 'The bolt does not move.');
    expect($builder->actions)->toBeLessThanOrEqual(10);
    $teacher = $builder->kept()->click('#rehearse')->click('.stage-lock');
    $teacher->enter('1111')->click('dialog .try')->see('The bolt does not move.');
    foreach (['0', '9', '1', '7'] as $digit) {
        $teacher->click("dialog [data-key='{$digit}']");
    }
    $teacher->click('dialog .try')->see('Well done!')->see('New scene');
    expect($teacher->complaints())->toBe([]);
});

it('moves, resizes, turns and nudges what is picked, and undoes each', function (): void {
    $builder = StageCases::stageOf('By hand');
    $builder->click('[data-add="picture"]')->type('[data-key="pictures.search"]', 'teapot')
        ->click('.picture-choice[title="teapot"]');
    $teacher = $builder->browser;
    $teacher->see('When it is tapped');
    expect($builder->thing()['box'])->toBe([710, 340, 180, 180]);
    $builder->drag(800, 430, 500, 300);
    expect($builder->thing()['box'][0])->toBeBetween(395, 425)->and($builder->thing()['box'][1])->toBeBetween(200, 220);
    [$x, $y] = $builder->thing()['box'];
    $builder->drag($x + 180, $y + 180, $x + 360, $y + 300);
    [, , $width, $height] = $builder->thing()['box'];
    expect($width)->toBeGreaterThan(300)->and(abs($width - $height))->toBeLessThan(3);
    $before = $builder->thing()['box'];
    $teacher->script('document.querySelector(".stage").focus()');
    $teacher->keys(WebDriverKeys::ARROW_RIGHT)->keys(WebDriverKeys::SHIFT, WebDriverKeys::ARROW_DOWN);
    expect($builder->thing()['box'])->toBe([$before[0] + 1, $before[1] + 10, $before[2], $before[3]]);
    $teacher->click('#undo')->click('#undo');
    expect($builder->thing()['box'])->toBe($before);
    $teacher->script('document.querySelector(".stage").focus()');
    $teacher->keys(WebDriverKeys::CONTROL, 'd');
    expect($builder->thing()['kind'])->toBe('picture')
        ->and($builder->thing()['id'])->not->toBe($builder->thing(-2)['id'])
        ->and($builder->thing()['asset'])->toBe($builder->thing(-2)['asset']);
    $teacher->script('document.querySelector(".stage").focus()');
    $teacher->keys(WebDriverKeys::DELETE);
    expect($builder->document()['scenes'][0]['things'])->toHaveCount(2)->and($teacher->complaints())->toBe([]);
});

it('picks several with a frame and lines them up; what is fixed stays', function (): void {
    $builder = StageCases::stageOf('Several');
    foreach ([[300, 300], [700, 420], [1100, 350]] as [$x, $y]) {
        $builder->click('[data-add="choice"]');
        [$left, $top, $width, $height] = $builder->thing()['box'];
        $builder->drag($left + $width / 2, $top + $height / 2, $x, $y);
    }
    $builder->click('[aria-label="Fix in place"]')->drag(30, 330, 1500, 560);
    $teacher = $builder->browser->see('2 things');
    $builder->click('[data-key="place.Upper edges in line"]');
    $boxes = array_column(array_slice($builder->document()['scenes'][0]['things'], 1), 'box');
    expect($boxes[0][1])->toBe($boxes[1][1])->and($boxes[2][1])->not->toBe($boxes[0][1]);
    $builder->click('[data-key="place.Group (Ctrl+G)"]');
    $groups = array_column(array_slice($builder->document()['scenes'][0]['things'], 1), 'group');
    expect($groups)->toHaveCount(2)->and($groups[0])->toBe($groups[1]);
});

it('gives a clear area any shape, which plays as that shape and shows nothing', function (): void {
    $builder = StageCases::stageOf('Areas');
    $builder->click('[data-add="area"]')->press('Any shape: press at each corner, then Enter');
    foreach ([[600, 200], [900, 200], [750, 500]] as [$x, $y]) {
        $builder->drag($x, $y, $x, $y);
    }
    $builder->press('Close the shape');
    $teacher = $builder->browser->see('leads to');
    $area = $builder->thing();
    expect($area['shape'])->toBe('polygon')->and($area['box'])->toEqualWithDelta([600, 200, 300, 300], 4)
        ->and($area['points'])->toHaveCount(3);
    $builder->type("[data-key='{$area['id']}.say']", 'You found the spot.');
    $builder->kept()->click('#rehearse')->find('.stage-clear');
    $inPlay = new Builder($teacher);
    $inPlay->drag(620, 480, 620, 480);
    expect($teacher->script('return getComputedStyle(document.querySelector(".stage-clear")).cursor'))->toBe('default');
    $inPlay->drag(750, 300, 750, 300);
    $teacher->see('You found the spot.');
    // One tap was on the spot and one beside it.
    expect(
        $teacher->script(
            'return performance.getEntriesByType("resource").filter(({ name }) => name.includes("/act")).length',
        ),
    )
        ->toBeLessThanOrEqual(1);
});

it('makes a series of a scene, with routes and numbers that follow', function (): void {
    $builder = StageCases::stageOf('A series');
    $builder->type('[data-key="scene.title"]', 'Room 1')->click('[data-add="lock"]');
    $builder->choose("[data-key='{$builder->thing()['id']}.rule.0.go']", '＋ a new scene');
    $builder->kept()->click('[data-key="card-back"]');
    $id = $builder->document()['scenes'][0]['id'];
    $builder->type("[data-key='{$id}.times']", '3')->press('more like it');
    $builder->browser->until(fn (): bool => count($builder->document()['scenes']) === 5);
    $scenes = $builder->document()['scenes'];

    expect(array_column($scenes, 'title'))->toBe(['Room 1', 'Room 2', 'Room 3', 'Room 4', 'New scene'])
        ->and($scenes[3]['things'][1]['rules'][0]['go'])->toBe($scenes[4]['id']);
});

it('builds a room with three clues and a door in at most sixty actions, and plays it', function (): void {
    $builder = StageCases::stageOf('Three clues');
    $objects = [
        ['teapot', 'Tea'], ['candle', 'Wax'], ['compass', 'North'], ['cat', null], ['framed-picture', null],
        ['potted-plant', null],
    ];
    foreach ($objects as $place => [$name, $answer]) {
        $builder->click('[data-add="picture"]')->type('[data-key="pictures.search"]', str_replace('-', ' ', $name))
            ->click('.picture-choice[title="'.str_replace('-', ' ', $name).'"]');
        $builder->browser->see('When it is tapped');
        $builder->drag(800, 430, 180 + 170 * $place, 700);
        if ($answer === null) {
            continue;
        }
        $id = $builder->thing()['id'];
        $builder->press('it asks for an answer')
            ->type("[data-key='{$id}.card-ask']", "What belongs to the {$name}?")
            ->type("[data-key='{$id}.rule.0.equals']", $answer)
            ->choose("[data-key='{$id}.rule.0.gives']", '＋ a new token');
        $builder->kept();
        $builder->type('[data-key="'.$builder->document()['tokens'][$place]['id'].'.name"]', "Clue {$answer}");
    }
    $builder->click('[data-add="area"]')->drag(1226, 216, 1464, 600)->press('it asks for an answer instead');
    $door = $builder->thing()['id'];
    $tokens = array_column($builder->document()['tokens'], 'id');
    $builder->type("[data-key='{$door}.card-ask']", 'All three clues in one word?')
        ->type("[data-key='{$door}.rule.0.equals']", 'home')
        ->choose("[data-key='{$door}.rule.0.go']", '＋ a new scene')
        ->choose("[data-key='{$door}.needs.kind']", 'those who hold …')
        ->click("[data-key='{$door}.needs.{$tokens[1]}']")
        ->click("[data-key='{$door}.needs.{$tokens[2]}']");
    expect($builder->actions)->toBeLessThanOrEqual(60)
        ->and($builder->thing()['needs'])->toEqual(['hasOf' => $tokens, 'atLeast' => 3]);
    $student = $builder->kept()->click('#rehearse');
    $student->click('.stage-lock-clear')->type('dialog input[name=with]', 'home')->click('dialog .try')
        ->see('Something is missing')->click('.panel-close');
    foreach (['teapot' => 'Tea', 'candle' => 'Wax', 'compass' => 'North'] as $name => $answer) {
        $student->click("[aria-label='{$name}']")->type('dialog input[name=with]', $answer)->click('dialog .try')
            ->see("Clue {$answer}");
    }
    $student->click('.stage-lock-clear')->type('dialog input[name=with]', 'home')->click('dialog .try')
        ->see('New scene');
});

it('builds ten self-checking questions over one picture in at most eighty actions', function (): void {
    $builder = StageCases::stageOf('Self-checking', 'desk');
    $builder->click('[data-add="area"]')->click('[data-key="area.many"]');
    $at = static fn (int $question, int $answer): array => [120 + 500 * $answer, 340 + 52 * $question];
    for ($question = 0; $question < 10; $question++) {
        for ($answer = 0; $answer < 3; $answer++) {
            [$x, $y] = $at($question, $answer);
            $builder->drag($x, $y, $x + 300, $y + 40);
        }
    }
    $builder->drag(1590, 20, 1590, 20)->drag(20, 330, 1590, 890);
    $teacher = $builder->browser->see('30 things');
    $builder->type('[data-key="several.say"]', 'Not this one. Look once more.');
    $builder->kept()->script('document.querySelector(".stage").focus()');
    $teacher->keys(WebDriverKeys::ESCAPE);
    $builder->actions++;
    for ($question = 0; $question < 10; $question++) {
        [$x, $y] = $at($question, $question % 3);
        $question === 0 ? $builder->drag($x + 20, $y + 20, $x + 20, $y + 20) : $builder->pickToo($x + 20, $y + 20);
    }
    $teacher->see('10 things');
    $builder->type('[data-key="several.say"]', 'Right!');
    $builder->kept();
    $said = array_count_values(
        array_map(
            static fn (array $thing): string => $thing['react'][0]['say'],
            array_slice($builder->document()['scenes'][0]['things'], 1),
        ),
    );
    expect($builder->actions)->toBeLessThanOrEqual(80)->and($said)
        ->toEqual(['Right!' => 10, 'Not this one. Look once more.' => 20]);
    $teacher->click('#rehearse')->find('.stage-clear');
    (new Builder($teacher))
        ->drag(
            ...[
                ...array_map(static fn (int $side): int => $side + 15, $at(4, 1)),
                ...array_map(static fn (int $side): int => $side + 15, $at(4, 1)),
            ],
        );
    $teacher->see('Right!');
});

it('keeps what there is to mend in view, and mends it with one press', function (): void {
    $builder = StageCases::stageOf('To mend');
    $builder->click('[data-add="lock"]');
    $lock = $builder->thing()['id'];
    $builder->type("[data-key='{$lock}.rule.0.equals']", 'gannet')
        ->choose("[data-key='{$lock}.rule.0.go']", '＋ a new scene');
    $teacher = $builder->kept()->click('#findings-count');
    $teacher->find('.findings-list:not([data-stale])');
    $teacher->see('The game has no ending')->press('make an ending behind the last scene');
    $looked = '.findings-list:not([data-stale], [aria-busy])';
    $teacher->find($looked);
    $teacher->press('say “not yet” there')->find($looked);
    expect(array_column(array_column($builder->document()['scenes'], 'ending'), 'kind'))->toBe(['won'])
        ->and($builder->document()['scenes'][0]['things'][1]['otherwise'])
        ->toBe([['say' => 'That is not it yet. Look again.']])
        ->and($teacher->barriers())->toBe([]);
    $teacher->see('4 to mend')->see('still has the words that it was made with');
});

it('keeps a reference beside the question, and shows a closer look', function (): void {
    $builder = StageCases::stageOf('To look at');
    $builder->click('[data-add="picture"]')->type('[data-key="pictures.search"]', 'world map')
        ->click('.picture-choice[title="world map"]');
    $picture = $builder->browser->see('When it is tapped') ? $builder->thing()['id'] : '';
    $builder->click("[data-key='{$picture}.stays']")->drag(800, 430, 300, 500);
    $builder->click('[data-add="choice"]')->drag(800, 430, 300, 200);
    $choice = $builder->thing()['id'];
    $builder->click("[data-key='{$choice}.closer']")->type('[data-key="pictures.search"]', 'compass')
        ->click('.picture-choice[title="compass"]');
    $builder->kept();
    $builder->click('[data-add="lock"]');
    $teacher = $builder->kept()->click('#rehearse')->click('.stage-lock');
    $teacher->find('dialog .stays img');
    $width = static fn (): int => (int) $teacher->script(
        'return document.querySelector("dialog .stays img").getBoundingClientRect().width',
    );
    $before = $width();
    $teacher->click('dialog .stays [aria-label="Nearer"]');
    $near = $width();
    expect($near)->toBeGreaterThan($before)->and($teacher->barriers())->toBe([]);
    $teacher->script(
        'const frame = document.querySelector("dialog .look-frame"); frame.focus(); frame.dispatchEvent(new '
            .'KeyboardEvent("keydown", {key: "-", bubbles: true})); frame.dispatchEvent(new WheelEvent("wheel", '
            .'{deltaY: 40, bubbles: true, cancelable: true}));',
    );
    expect($width())->toBe($before);
    $teacher->click('.panel-close')->click('.stage-choice')->find('#happened img[alt="compass"]');
    expect($teacher->complaints())->toBe([]);
});

it('chooses where a choice leads by the pictures of scenes', function (): void {
    $builder = StageCases::stageOf('Where to');
    $builder->click('[data-add="choice"]');
    $choice = $builder->thing()['id'];
    $builder->click("[data-key='{$choice}.go.picture']")->press('a new scene');
    $builder->kept();
    $builder->click("[data-key='{$choice}.go.picture']")->type('[data-key="scene-picker"] input', 'first')
        ->click('.scene-tile:not(.scene-tile-new)');

    expect($builder->thing()['react'][0]['go'])->toBe($builder->document()['scenes'][0]['id'])
        ->and($builder->document()['scenes'])->toHaveCount(2);
});

it('points at a scene on the small map, and reorders a page by hand', function (): void {
    $teacher = Screens::teacher()->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp')->click('[data-face="scene"]')
        ->click('[data-key="scene.next.picture"]');
    $teacher->pressDrawn('.small-map [data-scene="hearth"] .station-grip');
    expect($teacher->barriers())->toBe([])->and($teacher->find('[data-key="scene.next"]')->getAttribute('value'))
        ->toBe('hearth');
    $teacher->press('Undo');
    $builder = Builder::ofNewGame('In order');
    $builder->click('[data-add="choice"]')->click('[data-add="lock"]')->kept();
    $order = fn (): array => array_column($builder->document()['scenes'][0]['things'], 'kind');
    expect($order())->toBe(['text', 'choice', 'lock']);
    $builder->carry('.on-page-lock .on-page-grip', '.on-page-text .on-page-grip');

    expect($order())->toBe(['lock', 'text', 'choice']);
});

it('draws a text on the stage with its marks, in a frame that holds it', function (): void {
    $builder = StageCases::stageOf('Marks');
    $builder->click('[data-add="text"]')
        ->type('.card [data-key$=".card-md"]', "# Tide\n**high** and \$x^2\$\n\n- one\n- two\n- three\n- four");
    $thing = $builder->thing();
    // The library of formulas is fetched when the first one stands there.
    $builder->browser->until(fn (): bool => $builder->browser->has('.placed.picked .words .katex'));
    $drawn = $builder->browser->script(
        'const words = document.querySelector(".placed.picked .words"); return [words.querySelector("h1, '
            .'h2").textContent, words.querySelector("strong").textContent, words.querySelectorAll("li").length]',
    );

    expect($drawn)->toBe(['Tide', 'high', 4])->and($thing['box'][3])->toBeGreaterThan(200);
});
