<?php

use Tests\Support\Browser\MapCases;
use Tests\Support\Builder;
use Tests\Support\Screens;

afterEach(fn () => Screens::closeAll());

it('builds a gauntlet of five questions in at most twenty-five actions, and plays it', function (): void {
    $builder = new Builder(Screens::teacher()->go('/games/new'));
    $builder->offer('gauntlet')
        ->paste('[data-key="pattern.field.questions"]', "First?\tred\nSecond?\tgreen\nThird?\tblue\nFourth?\twhite\n"
            ."Fifth?\tblack")
        ->click('[data-key="patterns.build"]');
    $actions = $builder->actions;
    $student = $builder->kept()->click('#rehearse')->press('Begin');
    $answer = fn (string $with) => $student->type('.lock .answer-field input', $with)->press('Try it');
    $answer('red');
    $student->see('Second?');
    $answer('yellow');
    $student->see('once more from the start')->press('Begin');
    foreach (
        [
            'First?' => 'red', 'Second?' => 'green', 'Third?' => 'blue', 'Fourth?' => 'white', 'Fifth?' => 'black',
        ] as $question => $colour
    ) {
        $student->see($question);
        $answer($colour);
    }
    $student->see('You made it');
    expect($actions)->toBeLessThanOrEqual(25);
});

it('builds a story of thirty-one scenes in three regions with a hub and a gate in at most 120 actions, and '
    .'plays it', function (): void {
        $rows = [];
        foreach (['Harbour', 'Cliffs', 'Marsh'] as $region) {
            foreach (range(1, 9) as $number) {
                $rows[] = "{$region}: what is {$number} plus two?\t".(
                    $number + 2
                )."\tCount on your fingers.\t{$region}";
            }
        }
        $builder = new Builder(Screens::teacher()->go('/games/new'));
        $builder->offer('hub')->type('[data-key="pattern.field.place"]', 'The crossroads')
            ->paste('[data-key="pattern.field.questions"]', implode("\n", $rows))
            ->type('[data-key="pattern.field.gate"]', 'The old gate')->click('[data-key="patterns.build"]');
        $builder->built()->kept();
        $builder->click('[data-key="map.first"]');
        $document = $builder->document();
        $actions = $builder->actions;
        expect($document['scenes'])->toHaveCount(31)->and($document['chapters'])->toHaveCount(3)
            ->and($actions)->toBeLessThanOrEqual(120);
        $student = $builder->browser->click('#rehearse');
        $student->until(fn (): bool => str_contains($student->path(), '/rehearsal'))
            ->press('Go on')->press('To the gate')->see('a stamp is missing');
        foreach (['Harbour', 'Cliffs', 'Marsh'] as $region) {
            $student->press($region);
            foreach (range(1, 9) as $number) {
                $student->see("what is {$number} plus two?")->type('.lock .answer-field input', (string) ($number + 2))
                    ->press('Try it');
            }
            $student->see("the stamp for {$region}");
        }
        $student->press('To the gate')->see('The gate stands open')->press('Go on')->see('You made it');
    });

it('puts a scene before everything and one in between with two actions each, and changes no other '
    .'route', function (): void {
        $builder = MapCases::ladderOf(19);
        $routes = fn (array $document): array => array_map(
            fn (array $scene): array => [
                $scene['id'],
                array_map(fn (array $thing): array => array_column($thing['rules'] ?? [], 'go'), $scene['things']),
                array_column($scene['next'] ?? [], 'go'),
            ],
            $document['scenes'],
        );
        $before = $builder->document();
        $builder->actions = 0;
        $builder->click('[data-key="map.first"]');
        $first = $builder->document();
        expect($builder->actions)->toBeLessThanOrEqual(2)->and(array_slice($routes($first), 1))->toBe($routes($before))
            ->and($first['start'])->toBe($first['scenes'][0]['id'])->and($first['scenes'][0]['next'][0]['go'])
            ->toBe($before['start']);

        [$from, $to] = [$before['scenes'][8]['id'], $before['scenes'][9]['id']];
        $builder->actions = 0;
        $builder->pressOn("[data-track='{$from}>{$to}'] .track-grip")->click('[data-key="map.insert"]');
        $after = $builder->document();
        $made = $after['scenes'][10];
        $expected = $routes($first);
        $expected[9][1][0] = [$made['id']];
        array_splice($expected, 10, 0, [[$made['id'], [], [$to]]]);
        expect($builder->actions)->toBeLessThanOrEqual(2)->and($routes($after))->toBe($expected);
    });

it('leads a way elsewhere by its end, merges, moves, duplicates and deletes many, and undoes all '
    .'of it', function (): void {
        $builder = MapCases::ladderOf(5);
        $before = $builder->document();
        $ids = array_column($before['scenes'], 'id');
        $builder->carry("[data-track='{$ids[0]}>{$ids[1]}'] .track-grip", "[data-scene='{$ids[3]}'] .station-grip");
        expect($builder->document()['scenes'][0]['things'][0]['rules'][0]['go'])->toBe($ids[3]);

        $browser = $builder->browser;
        foreach ([1, 2] as $place) {
            $browser->script("document.querySelector('[data-scene=\"{$ids[$place]}\"]').dispatchEvent(new "
                ."MouseEvent('click', {bubbles: true, shiftKey: true}))");
        }
        $browser->see('2 scenes picked')->choose('[data-key="map.chapter"]', '＋ a new chapter');
        expect($builder->document()['scenes'][2]['chapter'])->toBe($builder->document()['chapters'][1]['id']);
        $browser->click('[data-key="map.duplicate"]');
        $copied = $builder->document();
        expect($copied['scenes'])->toHaveCount(8)->and($copied['scenes'][3]['things'][0]['rules'][0]['go'])
            ->toBe($copied['scenes'][4]['id']);
        $browser->click('[data-key="map.merge"]');
        $merged = $builder->document();
        expect($merged['scenes'])->toHaveCount(7)->and($merged['scenes'][1]['things'])->toHaveCount(2);
        $browser->click('.map-as-list')->click("[data-key='list.pick.{$ids[3]}']")->click('[data-key="map.delete"]')
            ->choose('[data-key="map.delete.lead"]', 'Leave an open end');
        expect($builder->document()['scenes'])->toHaveCount(6)->and($browser->barriers())->toBe([])
            ->and($browser->complaints())->toBe([]);
        foreach (range(1, 5) as $step) {
            $browser->click('#undo');
            $builder->kept();
        }
        expect($builder->document())->toBe($before);
    });

it('picks with a frame, places by hand and by keys, tidies, and finds by name', function (): void {
    $builder = MapCases::ladderOf(5);
    $browser = $builder->browser;
    $ids = array_column($builder->document()['scenes'], 'id');
    [$x, $y, $right, $bottom] = $browser->script(
        'const all = [...document.querySelectorAll(".chart .station-place")].map((one) => '
            .'one.getBoundingClientRect()); return [Math.min(...all.map((one) => one.left)) - 8, '
            .'Math.min(...all.map((one) => one.top)) - 8, Math.max(...all.map((one) => one.right)) + 8, '
            .'Math.max(...all.map((one) => one.bottom)) + 8].map(Math.round)',
    );
    $builder->frame($x, $y, $right, $bottom);
    $browser->see('6 scenes picked')->keys(Facebook\WebDriver\WebDriverKeys::ESCAPE);

    $builder->carry("[data-scene='{$ids[2]}'] .station-title", '.map-tools');
    $placed = $builder->document()['scenes'][2]['at'];
    $browser->script("document.querySelector('[data-scene=\"{$ids[2]}\"]').focus()");
    $browser->keys(Facebook\WebDriver\WebDriverKeys::ALT, Facebook\WebDriver\WebDriverKeys::ARROW_LEFT);
    expect($builder->document()['scenes'][2]['at'])->toBe([$placed[0] - 20, $placed[1]]);
    $browser->click('[data-key="map.tidy"]');
    expect($builder->document()['scenes'][2]['at'])->toBe([$placed[0] - 20, $placed[1]]);
    $browser->script("document.querySelector('[data-scene=\"{$ids[2]}\"]').dispatchEvent(new MouseEvent('click', "
        .'{bubbles: true, shiftKey: true}))');
    $browser->click('[data-key="map.flow"]');
    expect($builder->document()['scenes'][2])->not->toHaveKey('at');

    $browser->type('.map-seek', 'questions 4');
    expect(
        $browser->script(
            'return [...document.querySelectorAll(".station-place.found")].map((one) => one.dataset.scene)',
        ),
    )
        ->toBe([$ids[3]])->and($browser->complaints())->toBe([]);
    $browser->keys(Facebook\WebDriver\WebDriverKeys::ENTER);
    expect($browser->script('return document.activeElement.dataset.scene'))->toBe($ids[3]);
});

it('builds a picture with questions beside it, in the look that is usual', function (): void {
    $builder = new Builder(Screens::teacher()->go('/games/new'));
    $builder->offer('picture')
        ->paste('[data-key="pattern.field.questions"]', "What is at A?\tthe mast\nWhat is at B?\tthe keel");
    $builder->browser->press('What I usually want')
        ->choose('[data-key="usual.look"]', 'A quay with a sailing boat, by day');
    $builder->click('[data-key="pattern.field.picture"]')->type('[data-key="pictures.search"]', 'sailboat')
        ->click('.picture-choice[title="sailboat"]');
    $builder->browser->find('dialog.patterns[open]');
    $builder->click('[data-key="patterns.build"]');
    $builder->built();
    $document = $builder->document();

    expect(array_column($document['assets'], 'alt'))->toContain('sailboat')
        ->and($document['scenes'][0]['things'][0])->toMatchArray(['kind' => 'picture', 'stays' => true])
        ->and($document['scenes'][1]['backdrop']['asset'])->toBe($document['assets'][1]['id'])
        ->and($builder->browser->complaints())->toBe([]);
    $student = $builder->browser->click('#rehearse')->click('.stage-lock')->see('What is at A?');
    $student->find('dialog .stays img');
    $student->type('dialog .answer-field input', 'the mast')->click('dialog .try')->see('Right.');
});

it('builds once, and complains of nothing, when the button is pressed twice', function (): void {
    $builder = new Builder(Screens::teacher()->go('/games/new'));
    $builder->offer('ladder')->paste('[data-key="pattern.field.questions"]', "One?\tred\nTwo?\tblue");
    $builder->browser->see('2 understood')
        ->script(
            'const button = document.querySelector("[data-key=\'patterns.build\']"); button.click(); button.click();',
        );
    $builder->built();

    expect($builder->document()['scenes'])->toHaveCount(3)
        ->and($builder->browser->script('return document.getElementById("alert").hidden'))->toBeTrue();
});

it('shows a new scene in the turn in which it is asked for, and labels free of tracks when a station is put '
    .'on them', function (): void {
        $builder = MapCases::ladderOf(6);
        $grown = $builder->browser->script(
            'const count = () => document.querySelectorAll(".station-place").length; const before = count(); '
                .'document.querySelector("[aria-label=\'A scene before the start\']").click(); return count() - '
                .'before;',
        );
        expect($grown)->toBe(1);
        $builder->kept();
        [$first, $second] = array_column($builder->document()['scenes'], 'id');
        $builder->carry("[data-scene='{$first}'] .station-title", "[data-scene='{$second}'] .station-title");
        $builder->kept();
        $over = $builder->browser->script(<<<'JS'
        const boxes = [...document.querySelectorAll('.station-title')].map((node) => ({
            id: node.closest('[data-scene]').dataset.scene,
            box: node.getBoundingClientRect(),
        }));
        const meets = (a, b) =>
            a.left < b.right - 1 && b.left < a.right - 1 && a.top < b.bottom - 1 && b.top < a.bottom - 1;
        const labels = boxes.flatMap((one, at) =>
            boxes.slice(at + 1).filter((other) => other.id !== one.id && meets(one.box, other.box)));
        const points = [...document.querySelectorAll('path.track')].flatMap((path) =>
            Array.from({ length: 200 }, (_, at) =>
                path.getPointAtLength((at / 199) * path.getTotalLength()).matrixTransform(path.getScreenCTM()),
            ),
        );
        const crossed = boxes.filter(({ box }) =>
            points.some(
                ({ x, y }) => x > box.left + 1 && x < box.right - 1 && y > box.top + 2 && y < box.bottom - 2,
            ),
        );

        return [labels.length, crossed.map(({ id }) => id)];
        JS);
        expect($over)->toBe([0, []])->and($builder->browser->complaints())->toBe([]);
    });
