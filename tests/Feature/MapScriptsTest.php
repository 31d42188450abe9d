<?php

use Tests\Support\Feature\MapScriptsCases;
use Tests\Support\Scripts;

it('draws a track for each pair of scenes, with a gate where a lock is', function (): void {
    $tracks = array_column(MapScriptsCases::planOf(MapScriptsCases::fourScenes())['tracks'], null, 'id');

    expect(array_keys($tracks))->toBe(['one>two', 'two>three', 'three>four'])
        ->and($tracks['one>two']['both'])->toBeTrue()->and($tracks['one>two']['gate'])->toBeFalse()
        ->and($tracks['two>three']['gate'])->toBeTrue()->and($tracks['two>three']['why'])->toBe(['“gull”'])
        ->and($tracks['three>four']['gate'])->toBeFalse();
});

it('marks what a scene gives and wants, and shows no flag', function (): void {
    $stations = array_column(MapScriptsCases::planOf(MapScriptsCases::fourScenes())['stations'], null, 'id');

    expect($stations['two']['marks'])->toBe([['sign' => '+', 'words' => 'Lens']])->and($stations['three']['marks'])->toBe([['sign' => '?', 'words' => 'Lens']])
        ->and($stations['three']['isGate'])->toBeTrue()->and($stations['two']['isGate'])->toBeFalse()
        ->and($stations['four']['ending'])->toBeTrue()->and($stations['one']['note'])->toBe('start')
        ->and($stations['one']['titleLines'])->toBe(['The first of', 'all scenes'])
        ->and($stations['alone']['reached'])->toBeFalse()->and($stations['four']['reached'])->toBeTrue();
});

it('marks traps and counts what there is to mend', function (): void {
    $stations = array_column(MapScriptsCases::planOf(MapScriptsCases::fourScenes(), [['code' => 'play.trap', 'where' => ['three']], ['code' => 'feedback.missing', 'where' => ['q', 'two']], ['code' => 'lock.guessable', 'where' => ['q', 'two']]])['stations'], null, 'id');

    expect($stations['three']['isTrap'])->toBeTrue()->and($stations['two']['isTrap'])->toBeFalse()
        ->and([$stations['one']['found'], $stations['two']['found'], $stations['three']['found']])->toBe([0, 2, 1]);
});

it('leads every way from one scene to another elsewhere, and no other', function (string $from, string $to, array $sets): void {
    $edits = Scripts::run('workshop/editor/reroute.js', 'module.reroute(input.game, input.from, input.to, "else")', ['game' => MapScriptsCases::fourScenes(), 'from' => $from, 'to' => $to]);

    expect(array_map(fn (array $edit): array => [$edit['set'], $edit['field'], array_column($edit['to'], 'go')], $edits))->toBe($sets);
})->with([
    'a single reaction' => ['one', 'two', [['go', 'react', ['else']]]],
    'a rule' => ['two', 'three', [['q', 'rules', ['else']]]],
    'what is said otherwise' => ['two', 'one', [['q', 'otherwise', ['else']]]],
    'going on' => ['three', 'four', [['three', 'next', ['else']]]],
    'no way' => ['one', 'four', []],
]);

it('takes the start of the game for the scene it is', function (): void {
    $game = MapScriptsCases::fourScenes();
    $game['scenes'][2]['next'] = [['go' => '@start'], ['go' => 'four']];
    $edits = Scripts::run('workshop/editor/reroute.js', 'module.reroute(input, "three", "one", "two")', $game);

    expect(array_column($edits[0]['to'], 'go'))->toBe(['two', 'four']);
});

it('puts a scene into a track, in the same chapter', function (): void {
    ['game' => $game] = MapScriptsCases::onMap('module.insert(desk, { from: "two", to: "three" })');
    [$made, $lock] = [$game['scenes'][2], $game['scenes'][1]['things'][0]];

    expect($made['chapter'])->toBe('c')->and($made['next'])->toBe([['go' => 'three']])->and($lock['rules'][0]['go'])->toBe($made['id'])
        ->and($lock['rules'][0]['do'])->toBe([['give' => 'lens'], ['give' => 'mark']])->and($lock['otherwise'])->toBe([['go' => 'one']]);
});

it('puts a scene before the start', function (): void {
    ['game' => $game] = MapScriptsCases::onMap('module.insertFirst(desk)');

    expect($game['start'])->toBe($game['scenes'][0]['id'])->and($game['scenes'][0]['next'])->toBe([['go' => 'one']])->and($game['scenes'])->toHaveCount(6);
});

it('leads from a scene to another or to a new one', function (): void {
    ['game' => $there] = MapScriptsCases::onMap('module.lead(desk, "three", "one")');
    ['game' => $new] = MapScriptsCases::onMap('module.lead(desk, "three", null)');

    expect($there['scenes'][2]['things'][0]['react'])->toBe([['go' => 'one']])->and($there['scenes'])->toHaveCount(5)
        ->and($new['scenes'])->toHaveCount(6)->and($new['scenes'][2]['things'][0]['react'][0]['go'])->toBe($new['scenes'][3]['id']);
});

it('places a new choice on a stage, where there is one', function (): void {
    $game = MapScriptsCases::fourScenes();
    $game['scenes'][2]['layout'] = 'stage';

    expect(MapScriptsCases::onMap('module.lead(desk, "three", "one")', $game)['game']['scenes'][2]['things'][0]['box'])->toHaveCount(4);
});

it('splits a scene at a thing, with its way on and its ending', function (): void {
    $game = MapScriptsCases::fourScenes();
    $game['scenes'][1]['things'] = [['id' => 'a', 'kind' => 'text', 'md' => ''], ['id' => 'b', 'kind' => 'text', 'md' => ''], ['id' => 'd', 'kind' => 'text', 'md' => '']];
    $game['scenes'][1]['ending'] = ['kind' => 'won', 'md' => ''];
    ['game' => $after, 'label' => $label] = MapScriptsCases::onMap('module.split(desk, input.scenes[1], "b")', $game);

    expect(array_column($after['scenes'][1]['things'], 'id'))->toBe(['a'])->and(array_column($after['scenes'][2]['things'], 'id'))->toBe(['b', 'd'])
        ->and($after['scenes'][1]['next'])->toBe([['go' => $after['scenes'][2]['id']]])->and($after['scenes'][1]['ending'])->toBeNull()->and($after['scenes'][2]['ending']['kind'])->toBe('won')
        ->and($label)->toBe('split “Two”');
});

it('merges two scenes: things, ways and endings come together', function (): void {
    ['game' => $game, 'edits' => $edits] = MapScriptsCases::onMap('module.merge(desk, ["three", "four"])');

    expect($game['scenes'][2]['next'])->toBe([])->and($game['scenes'][2]['ending']['kind'])->toBe('won')->and(end($edits))->toBe(['deleteScene' => 'four', 'lead' => 'three']);
});

it('moves many to a chapter, old or new, and says how many', function (): void {
    ['game' => $old, 'label' => $label] = MapScriptsCases::onMap('module.toChapter(desk, ["three", "four"], "c")');
    ['game' => $new] = MapScriptsCases::onMap('module.toNewChapter(desk, ["three", "four"])');

    expect(array_column($old['scenes'], 'chapter'))->toBe(['c', 'c', 'c', 'c'])->and($label)->toBe('moved 2 scenes to Chapter')
        ->and($new['chapters'][1]['start'])->toBe('three')->and($new['scenes'][3]['chapter'])->toBe($new['chapters'][1]['id'])
        ->and(MapScriptsCases::onMap('module.toChapter(desk, ["one"], null)')['label'])->toBe('moved a scene to no chapter');
});

it('asks only of ways that lead in from outside', function (): void {
    $into = fn (array $ids): array => array_map(fn (array $way): string => "{$way['from']}>{$way['to']}", Scripts::run('workshop/editor/scenes.js', 'module.waysInto(input.game, input.ids)', ['game' => MapScriptsCases::fourScenes(), 'ids' => $ids]));

    expect($into(['two']))->toBe(['one>two'])->and($into(['one', 'two']))->toBe([])->and($into(['three', 'four']))->toBe(['two>three'])->and($into(['alone']))->toBe([]);
});

it('draws of a large map only what is in view', function (int $count, array $view, array $hidden): void {
    $stations = array_map(fn (int $place): array => ["s{$place}", ['x' => 500 * $place, 'y' => 0, 'width' => 20, 'height' => 20]], range(0, $count - 1));
    $shown = Scripts::run('workshop/map/culling.js', '{ const nodes = input.stations.map(() => ({ style: { display: "" } })); const nodeOf = (key) => nodes[Number(key.slice(1))]; const culling = module.cullingOf(); const placed = { stations: new Map(input.stations), tracks: new Map() }; culling.note(placed, nodeOf); culling.show({ k: 0.001, x: 0, y: 0 }, 1000, 600); culling.note(placed, nodeOf); culling.show(input.view, 1000, 600); const first = nodes.filter((node) => node.style.display === "none").length; culling.show({ k: 1, x: 0, y: 0 }, 1e9, 1e9); return [first, nodes.filter((node) => node.style.display === "none").length]; }', ['stations' => $stations, 'view' => $view]);

    expect($shown)->toBe($hidden);
})->with([
    'few are always drawn' => [20, ['k' => 1, 'x' => 0, 'y' => 0], [0, 0]],
    'many, near the left' => [400, ['k' => 1, 'x' => 0, 'y' => 0], [397, 0]],
    'many, farther on' => [400, ['k' => 1, 'x' => -50000, 'y' => 0], [397, 0]],
    'many, from afar' => [400, ['k' => 0.005, 'x' => 0, 'y' => 0], [0, 0]],
]);

it('lays no words over others or over a track, wherever a hand puts stations and whatever is new', function (int $count): void {
    $acts = [['hands' => ['s3' => [400, 300], 's4' => [410, 310]]], ['more' => [['s1', 'new'], ['new', 's5'], ['apart', 's2']]], ['hands' => ['s0' => [70, 500], 'new' => [500, 90]]], ['hands' => ['s2' => [300, 200], 's5' => [900, 640]], 'more' => [['s5', 's0'], ['s2', 's4']]]];

    foreach (MapScriptsCases::settledOf($count, $acts) as $step) {
        expect([$step['over'], $step['crossed'], $step['missing']])->toBe([0, 0, 0]);
    }
})->with([8, 40, 200]);

it('puts stations where the hand put them, what is new beside what leads there, and leaves the rest', function (): void {
    [$first, $moved, $new] = MapScriptsCases::settledOf(200, [['hands' => ['s7' => [-400, -300]]], ['more' => [['s20', 'new']]]]);

    expect($moved['at']['s7'])->toBe([-400, -300])->and(array_diff_key($moved['at'], ['s7' => 0]))->toEqual(array_diff_key($first['at'], ['s7' => 0]))
        ->and(hypot($new['at']['new'][0] - $first['at']['s20'][0], $new['at']['new'][1] - $first['at']['s20'][1]))->toBeLessThan(400)
        ->and($moved['same'])->toBeGreaterThan($moved['tracks'] - 10)->and($new['same'])->toBe($new['tracks'] - 1);
});

it('draws a map of which a hand put a part a world away', function (): void {
    [, $far] = MapScriptsCases::settledOf(40, [['hands' => ['s7' => [900_000_000, 40]]]]);

    expect($far['at']['s7'])->toBe([900_000_000, 40])->and([$far['over'], $far['missing']])->toBe([0, 0]);
});

it('leaves its place to what a hand puts there', function (): void {
    [$first] = MapScriptsCases::settledOf(40, []);
    [, $moved] = MapScriptsCases::settledOf(40, [['hands' => ['s9' => array_map(intval(...), $first['at']['s20'])]]]);

    expect($moved['at']['s9'])->toBe(array_map(intval(...), $first['at']['s20']))->and($moved['at']['s20'])->not->toBe($first['at']['s20'])->and([$moved['over'], $moved['crossed']])->toBe([0, 0]);

    [, $both] = MapScriptsCases::settledOf(40, [['hands' => ['s3' => [-300, -300], 's4' => [-290, -290]]]]);
    expect($both['at']['s3'])->toBe([-300, -300])->and($both['at']['s4'])->not->toBe([-290, -290]);
});

it('keeps a layout that knows most of the scenes', function (int $new, bool $isKept): void {
    $covers = fn (): mixed => Scripts::run('workshop/map/kept.js', 'module.covers({ stations: new Map(input.known.map((id) => [id, {}])) }, { stations: input.all.map((id) => ({ id })) })', ['known' => range(1, 100), 'all' => range(1, 100 + $new)]);

    expect($covers())->toBe($isKept);
})->with([[0, true], [20, true], [40, false]]);
