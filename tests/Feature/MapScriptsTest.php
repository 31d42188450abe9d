<?php

use Tests\Support\Scripts;

/** @return array<string, mixed> four scenes in a row; the second asks, the third wants a token, the last ends it */
function fourScenes(): array
{
    return [
        'start' => 'one', 'chapters' => [['id' => 'c', 'title' => 'Chapter', 'start' => 'one']], 'tokens' => [['id' => 'lens', 'name' => 'Lens', 'kind' => 'item'], ['id' => 'mark', 'name' => 'Mark', 'kind' => 'flag']],
        'scenes' => [
            ['id' => 'one', 'chapter' => 'c', 'title' => 'The first of all scenes', 'things' => [['id' => 'go', 'kind' => 'choice', 'md' => 'Go', 'react' => ['go' => 'two']]]],
            ['id' => 'two', 'chapter' => 'c', 'title' => 'Two', 'things' => [['id' => 'q', 'kind' => 'lock', 'ask' => 'Who?', 'rules' => [['match' => ['equals' => ['gull']], 'verdict' => 'open', 'do' => [['give' => 'lens'], ['give' => 'mark']], 'go' => 'three']], 'otherwise' => [['go' => 'one']]]]],
            ['id' => 'three', 'title' => 'Three', 'needs' => ['has' => 'lens'], 'things' => [], 'next' => [['go' => 'four']]],
            ['id' => 'four', 'title' => 'Four', 'things' => [], 'ending' => ['kind' => 'won', 'md' => '']],
            ['id' => 'alone', 'title' => 'Alone', 'things' => []],
        ],
    ];
}

/** The plan of a game, with the findings of a check. */
function planOf(array $game, array $findings = []): array
{
    return Scripts::run('workshop/map/plan.js', 'module.plan(input.game, input.findings)', ['game' => $game, 'findings' => $findings]);
}

/**
 * Does something on the map of the four scenes, and gives the game after it with what was said of it.
 *
 * @return array{game: array<string, mixed>, label: string}
 */
function onMap(string $act, ?array $game = null): array
{
    $path = dirname(__DIR__, 2).'/resources/js/workshop';

    return Scripts::run('workshop/map/verbs.js', "(async () => { const { apply } = await import('{$path}/document.js'); const made = {}; const desk = { words: { newScene: 'New scene', newChoice: 'Go on', noChapter: 'no chapter', chapter: 'Chapter' }, store: { game: input, edit: (edits, label) => { made.label = label; made.edits = [edits].flat(); } } }; {$act}; made.game = made.edits.filter((edit) => !edit.deleteScene && !edit.duplicate).reduce(apply, input); return made; })()", $game ?? fourScenes());
}

it('draws a track for each pair of scenes, with a gate where a lock is', function (): void {
    $tracks = array_column(planOf(fourScenes())['tracks'], null, 'id');

    expect(array_keys($tracks))->toBe(['one>two', 'two>three', 'three>four'])
        ->and($tracks['one>two']['both'])->toBeTrue()->and($tracks['one>two']['gate'])->toBeFalse()
        ->and($tracks['two>three']['gate'])->toBeTrue()->and($tracks['two>three']['why'])->toBe(['“gull”'])
        ->and($tracks['three>four']['gate'])->toBeFalse();
});

it('marks what a scene gives and wants, and shows no flag', function (): void {
    $stations = array_column(planOf(fourScenes())['stations'], null, 'id');

    expect($stations['two']['marks'])->toBe([['sign' => '+', 'words' => 'Lens']])->and($stations['three']['marks'])->toBe([['sign' => '?', 'words' => 'Lens']])
        ->and($stations['three']['isGate'])->toBeTrue()->and($stations['two']['isGate'])->toBeFalse()
        ->and($stations['four']['ending'])->toBeTrue()->and($stations['one']['note'])->toBe('start')
        ->and($stations['one']['titleLines'])->toBe(['The first of', 'all scenes'])
        ->and($stations['alone']['reached'])->toBeFalse()->and($stations['four']['reached'])->toBeTrue();
});

it('marks traps and counts what there is to mend', function (): void {
    $stations = array_column(planOf(fourScenes(), [['code' => 'play.trap', 'where' => ['three']], ['code' => 'feedback.missing', 'where' => ['q', 'two']], ['code' => 'lock.guessable', 'where' => ['q', 'two']]])['stations'], null, 'id');

    expect($stations['three']['isTrap'])->toBeTrue()->and($stations['two']['isTrap'])->toBeFalse()
        ->and([$stations['one']['found'], $stations['two']['found'], $stations['three']['found']])->toBe([0, 2, 1]);
});

it('leads every way from one scene to another elsewhere, and no other', function (string $from, string $to, array $sets): void {
    $edits = Scripts::run('workshop/reroute.js', 'module.reroute(input.game, input.from, input.to, "else")', ['game' => fourScenes(), 'from' => $from, 'to' => $to]);

    expect(array_map(fn (array $edit): array => [$edit['set'], $edit['field'], array_column($edit['to'], 'go')], $edits))->toBe($sets);
})->with([
    'a single reaction' => ['one', 'two', [['go', 'react', ['else']]]],
    'a rule' => ['two', 'three', [['q', 'rules', ['else']]]],
    'what is said otherwise' => ['two', 'one', [['q', 'otherwise', ['else']]]],
    'going on' => ['three', 'four', [['three', 'next', ['else']]]],
    'no way' => ['one', 'four', []],
]);

it('takes the start of the game for the scene it is', function (): void {
    $game = fourScenes();
    $game['scenes'][2]['next'] = [['go' => '@start'], ['go' => 'four']];
    $edits = Scripts::run('workshop/reroute.js', 'module.reroute(input, "three", "one", "two")', $game);

    expect(array_column($edits[0]['to'], 'go'))->toBe(['two', 'four']);
});

it('puts a scene into a track, in the same chapter', function (): void {
    ['game' => $game] = onMap('module.insert(desk, { from: "two", to: "three" })');
    [$made, $lock] = [$game['scenes'][2], $game['scenes'][1]['things'][0]];

    expect($made['chapter'])->toBe('c')->and($made['next'])->toBe([['go' => 'three']])->and($lock['rules'][0]['go'])->toBe($made['id'])
        ->and($lock['rules'][0]['do'])->toBe([['give' => 'lens'], ['give' => 'mark']])->and($lock['otherwise'])->toBe([['go' => 'one']]);
});

it('puts a scene before the start', function (): void {
    ['game' => $game] = onMap('module.insertFirst(desk)');

    expect($game['start'])->toBe($game['scenes'][0]['id'])->and($game['scenes'][0]['next'])->toBe([['go' => 'one']])->and($game['scenes'])->toHaveCount(6);
});

it('leads from a scene to another or to a new one', function (): void {
    ['game' => $there] = onMap('module.lead(desk, "three", "one")');
    ['game' => $new] = onMap('module.lead(desk, "three", null)');

    expect($there['scenes'][2]['things'][0]['react'])->toBe([['go' => 'one']])->and($there['scenes'])->toHaveCount(5)
        ->and($new['scenes'])->toHaveCount(6)->and($new['scenes'][2]['things'][0]['react'][0]['go'])->toBe($new['scenes'][3]['id']);
});

it('places a new choice on a stage, where there is one', function (): void {
    $game = fourScenes();
    $game['scenes'][2]['layout'] = 'stage';

    expect(onMap('module.lead(desk, "three", "one")', $game)['game']['scenes'][2]['things'][0]['box'])->toHaveCount(4);
});

it('splits a scene at a thing, with its way on and its ending', function (): void {
    $game = fourScenes();
    $game['scenes'][1]['things'] = [['id' => 'a', 'kind' => 'text', 'md' => ''], ['id' => 'b', 'kind' => 'text', 'md' => ''], ['id' => 'd', 'kind' => 'text', 'md' => '']];
    $game['scenes'][1]['ending'] = ['kind' => 'won', 'md' => ''];
    ['game' => $after, 'label' => $label] = onMap('module.split(desk, input.scenes[1], "b")', $game);

    expect(array_column($after['scenes'][1]['things'], 'id'))->toBe(['a'])->and(array_column($after['scenes'][2]['things'], 'id'))->toBe(['b', 'd'])
        ->and($after['scenes'][1]['next'])->toBe([['go' => $after['scenes'][2]['id']]])->and($after['scenes'][1]['ending'])->toBeNull()->and($after['scenes'][2]['ending']['kind'])->toBe('won')
        ->and($label)->toBe('split “Two”');
});

it('merges two scenes: things, ways and endings come together', function (): void {
    ['game' => $game, 'edits' => $edits] = onMap('module.merge(desk, ["three", "four"])');

    expect($game['scenes'][2]['next'])->toBe([])->and($game['scenes'][2]['ending']['kind'])->toBe('won')->and(end($edits))->toBe(['deleteScene' => 'four', 'lead' => 'three']);
});

it('moves many to a chapter, old or new, and says how many', function (): void {
    ['game' => $old, 'label' => $label] = onMap('module.toChapter(desk, ["three", "four"], "c")');
    ['game' => $new] = onMap('module.toNewChapter(desk, ["three", "four"])');

    expect(array_column($old['scenes'], 'chapter'))->toBe(['c', 'c', 'c', 'c'])->and($label)->toBe('moved 2 scenes to Chapter')
        ->and($new['chapters'][1]['start'])->toBe('three')->and($new['scenes'][3]['chapter'])->toBe($new['chapters'][1]['id'])
        ->and(onMap('module.toChapter(desk, ["one"], null)')['label'])->toBe('moved 1 scene to no chapter');
});

it('asks only of ways that lead in from outside', function (): void {
    $into = fn (array $ids): array => array_map(fn (array $way): string => "{$way['from']}>{$way['to']}", Scripts::run('workshop/map/verbs.js', 'module.waysInto(input.game, input.ids)', ['game' => fourScenes(), 'ids' => $ids]));

    expect($into(['two']))->toBe(['one>two'])->and($into(['one', 'two']))->toBe([])->and($into(['three', 'four']))->toBe(['two>three'])->and($into(['alone']))->toBe([]);
});

it('keeps stations where a hand put them, with tracks that end there', function (): void {
    $laid = ['width' => 300, 'height' => 100, 'stations' => [['one', ['x' => 0, 'y' => 0, 'width' => 20, 'height' => 20]], ['two', ['x' => 200, 'y' => 0, 'width' => 20, 'height' => 20]]], 'tracks' => [['one>two', [[10, 10], [210, 10]]]]];
    $place = fn (array $scenes): array => Scripts::run('workshop/map/track.js', '{ const laid = { ...input.laid, stations: new Map(input.laid.stations), tracks: new Map(input.laid.tracks) }; const placed = module.handPlaced(laid, input.scenes, [{ id: "one>two", from: "one", to: "two" }]); return { ...placed, stations: [...placed.stations], tracks: [...placed.tracks], same: placed === laid }; }', ['laid' => $laid, 'scenes' => $scenes]);
    $moved = $place([['id' => 'one'], ['id' => 'two', 'at' => [400, 300]]]);

    expect($place([['id' => 'one'], ['id' => 'two']])['same'])->toBeTrue()
        ->and($moved['stations'][1][1])->toMatchArray(['x' => 400, 'y' => 300])->and($moved['tracks'][0][1])->toBe([[10, 10], [110, 10], [410, 310]])
        ->and($moved['width'])->toBe(520)->and($moved['height'])->toBe(420);
});

it('draws of a large map only what is in view', function (int $count, array $view, array $hidden): void {
    $stations = array_map(fn (int $place): array => ["s{$place}", ['x' => 500 * $place, 'y' => 0, 'width' => 20, 'height' => 20]], range(0, $count - 1));
    $shown = Scripts::run('workshop/map/culling.js', '{ const nodes = input.stations.map(([id]) => ({ dataset: { key: id }, style: { display: "" } })); const culling = module.cullingOf({ children: nodes }); culling.note({ stations: new Map(input.stations), tracks: new Map() }); culling.show(input.view, 1000, 600); const first = nodes.filter((node) => node.style.display === "none").length; culling.show({ k: 1, x: 0, y: 0 }, 1e9, 1e9); return [first, nodes.filter((node) => node.style.display === "none").length]; }', ['stations' => $stations, 'view' => $view]);

    expect($shown)->toBe($hidden);
})->with([
    'few are always drawn' => [20, ['k' => 1, 'x' => 0, 'y' => 0], [0, 0]],
    'many, near the left' => [400, ['k' => 1, 'x' => 0, 'y' => 0], [397, 0]],
    'many, farther on' => [400, ['k' => 1, 'x' => -50000, 'y' => 0], [397, 0]],
    'many, from afar' => [400, ['k' => 0.005, 'x' => 0, 'y' => 0], [0, 0]],
]);

/** @param  array<string, mixed>|null  $before */
function provisional(array $stations, array $tracks, ?array $before = null): array
{
    return Scripts::run('workshop/map/provisional.js', '{ const before = input.before && { ...input.before, stations: new Map(input.before.stations), tracks: new Map(input.before.tracks) }; const laid = module.provisionalLayout({ stations: input.stations.map((id) => ({ id })), tracks: input.tracks.map(([from, to]) => ({ id: `${from}>${to}`, from, to })) }, before); return { ...laid, stations: [...laid.stations], tracks: [...laid.tracks] }; }', ['stations' => $stations, 'tracks' => $tracks, 'before' => $before]);
}

it('places everything at once, none over another, until a fine layout is there', function (int $count): void {
    $ids = array_map(fn (int $place): string => "s{$place}", range(1, $count));
    $laid = provisional($ids, array_map(fn (int $place): array => ["s{$place}", 's'.($place + 1)], range(1, $count - 1)));
    $places = array_map(fn (array $station): string => "{$station[1]['x']},{$station[1]['y']}", $laid['stations']);

    expect(count(array_unique($places)))->toBe($count)->and($laid['tracks'])->toHaveCount($count - 1)
        ->and($laid['width'])->toBeGreaterThan(max(array_column(array_column($laid['stations'], 1), 'x')));
})->with([2, 7, 300]);

it('leaves what stood where it stood, and puts what is new beside where it is reached from', function (): void {
    $before = ['width' => 400, 'height' => 200, 'stations' => [['a', ['x' => 50, 'y' => 60, 'width' => 22, 'height' => 44]], ['b', ['x' => 180, 'y' => 60, 'width' => 22, 'height' => 22]]], 'tracks' => [['a>b', [[72, 80], [180, 71]]]]];
    $laid = provisional(['a', 'b', 'new', 'apart'], [['a', 'b'], ['a', 'new']], $before);
    $at = array_column(array_map(fn (array $entry): array => ['id' => $entry[0]] + $entry[1], $laid['stations']), null, 'id');

    expect($at['a'])->toMatchArray(['x' => 50, 'y' => 60, 'height' => 44])->and($at['b']['x'])->toBe(180)
        ->and($at['new']['x'])->toBeGreaterThan(50)->and([$at['new']['x'], $at['new']['y']])->not->toBe([180, 60])
        ->and($at['apart']['y'])->toBeGreaterThan(200)->and($laid['tracks'][0][1])->toBe([[72, 80], [180, 71]]);
});
