<?php

use Tests\Support\Feature\SheetScriptsCases;
use Tests\Support\Scripts;

it('shows the right answers of a lock in one cell', function (array $lock, ?string $cell): void {
    expect(SheetScriptsCases::answers('module.answersOf(input)', $lock))->toBe($cell);
})->with([
    'one text' => [['rules' => [['match' => ['equals' => ['shingle']], 'verdict' => 'open']]], 'shingle'],
    'several texts' => [['rules' => [['match' => ['equals' => ['shingle', 'beach']], 'verdict' => 'open']]], 'shingle | beach'],
    'a number with its unit' => [['rules' => [['match' => ['number' => 1.5, 'unit' => 'km'], 'verdict' => 'open']]], '1.5 km'],
    'any of two numbers' => [['rules' => [['match' => ['any' => [['number' => 1], ['number' => 2]]], 'verdict' => 'open']]], '1 | 2'],
    'options by their words' => [['input' => ['options' => [['id' => 'a', 'md' => 'terns'], ['id' => 'b', 'md' => 'gulls']]], 'rules' => [['match' => ['options' => ['b']], 'verdict' => 'open']]], 'gulls'],
    'a sentence' => [['rules' => [['match' => ['length' => ['min' => 3, 'max' => null, 'of' => 'words']], 'verdict' => 'open']]], '*'],
    'only the rule that opens' => [['rules' => [['match' => ['equals' => ['no']], 'verdict' => 'almost'], ['match' => ['equals' => ['yes']], 'verdict' => 'open']]], 'yes'],
    'a matcher that no cell can hold' => [['rules' => [['match' => ['pattern' => 'a+'], 'verdict' => 'open']]], null],
    'no rule' => [['rules' => []], ''],
]);

it('reads a cell as what a lock of its kind must match', function (array $lock, string $cell, array $match): void {
    expect(SheetScriptsCases::answers('module.matchFrom(input.lock, input.cell)', ['lock' => $lock, 'cell' => $cell]))->toEqual($match);
})->with([
    'texts' => [['input' => ['type' => 'text']], 'shingle |  beach ', ['match' => ['equals' => ['shingle', 'beach']]]],
    'nothing' => [['input' => ['type' => 'text']], '', ['match' => ['equals' => []]]],
    'a number' => [['input' => ['type' => 'number'], 'rules' => []], '12,5', ['match' => ['number' => 12.5]]],
    'a minus as it is printed' => [['input' => ['type' => 'number'], 'rules' => []], '−3', ['match' => ['number' => -3]]],
    'a number keeps how far off one may be' => [['input' => ['type' => 'number'], 'rules' => [['match' => ['number' => 1, 'within' => '2%'], 'verdict' => 'open']]], '7', ['match' => ['number' => 7, 'within' => '2%']]],
    'a unit of its own becomes the lock’s' => [['input' => ['type' => 'number'], 'rules' => []], '3 km', ['match' => ['number' => 3, 'unit' => 'km'], 'input' => ['type' => 'number', 'unit' => 'km']]],
    'the lock’s unit stays' => [['input' => ['type' => 'number', 'unit' => 'm'], 'rules' => []], '3', ['match' => ['number' => 3, 'unit' => 'm']]],
    'two numbers' => [['input' => ['type' => 'number'], 'rules' => []], '3 | 4', ['match' => ['any' => [['number' => 3], ['number' => 4]]]]],
    'a code of another length' => [['input' => ['type' => 'digits', 'length' => 4]], '091', ['match' => ['equals' => ['091']], 'input' => ['type' => 'digits', 'length' => 3]]],
    'options, whatever their case' => [['input' => ['type' => 'options', 'options' => [['id' => 'a', 'md' => 'Terns']]]], 'terns', ['match' => ['options' => ['a']]]],
    'any sentence' => [['input' => ['type' => 'long']], '*', ['match' => ['length' => ['min' => 3, 'max' => null, 'of' => 'words']]]],
]);

it('refuses what a lock of its kind can’t take', function (array $input, string $cell, string $reason): void {
    expect(SheetScriptsCases::answers('module.matchFrom(input.lock, input.cell)', ['lock' => ['input' => $input, 'rules' => []], 'cell' => $cell]))->toBe(['refusal' => $reason]);
})->with([
    'words for a number' => [['type' => 'number'], 'twelve', 'number'],
    'letters for a code' => [['type' => 'digits', 'length' => 4], '09a7', 'digits'],
    'codes of two lengths' => [['type' => 'digits', 'length' => 4], '0917 | 091', 'digits'],
    'an option that is none' => [['type' => 'options', 'options' => [['id' => 'a', 'md' => 'terns']]], 'puffins', 'options'],
    'a kind that is answered otherwise' => [['type' => 'pairs'], 'a', 'kind'],
]);

it('writes each column where it belongs', function (string $column, string $text, Closure $seen, mixed $expected): void {
    expect($seen(SheetScriptsCases::written(SheetScriptsCases::sheetGame([]), [['row' => 'lock', 'column' => $column, 'text' => $text]])['game']))->toEqual($expected);
})->with([
    'what it asks' => ['ask', 'Where exactly?', fn (array $game) => $game['scenes'][0]['things'][0]['ask'], 'Where exactly?'],
    'the title of its scene' => ['scene', 'The beach', fn (array $game) => $game['scenes'][0]['title'], 'The beach'],
    'a chapter that is there' => ['chapter', 'birds', fn (array $game) => [$game['scenes'][0]['chapter'], count($game['chapters'])], ['birds', 1]],
    'a new chapter' => ['chapter', 'Tides', fn (array $game) => array_column($game['chapters'], 'title'), ['Birds', 'Tides']],
    'no chapter' => ['chapter', '', fn (array $game) => isset($game['scenes'][0]['chapter']), false],
    'feedback when wrong' => ['wrong', 'Look.', fn (array $game) => $game['scenes'][0]['things'][0]['otherwise'], [['say' => 'Look.']]],
    'words when right' => ['right', 'Well seen.', fn (array $game) => $game['scenes'][0]['things'][0]['rules'][0]['say'], 'Well seen.'],
    'a hint' => ['hint', 'Look down.', fn (array $game) => $game['scenes'][0]['things'][0]['hints'], [['md' => 'Look down.']]],
    'an open end' => ['next', '', fn (array $game) => $game['scenes'][0]['things'][0]['rules'][0]['go'], ''],
    'a scene by its title' => ['next', 'one', fn (array $game) => $game['scenes'][0]['things'][0]['rules'][0]['go'], 'one'],
    'a route by its words' => ['next', 'Back where they came from', fn (array $game) => $game['scenes'][0]['things'][0]['rules'][0]['go'], '@back'],
    'a scene that is made for it' => ['next', 'The cliff', fn (array $game) => [array_column($game['scenes'], 'title'), $game['scenes'][0]['things'][0]['rules'][0]['go'] === $game['scenes'][1]['id']], [['One', 'The cliff', 'Two'], true]],
    'points, with a tally made for them' => ['points', '5', fn (array $game) => [$game['tallies'][0]['name'], $game['scenes'][0]['things'][0]['rules'][0]['do'][0]['by']], ['Points', 5]],
]);

it('works several cells of one lock out one after the other', function (): void {
    $cells = array_map(fn (string $column, string $text): array => ['row' => 'lock', 'column' => $column, 'text' => $text], ['answers', 'right', 'points', 'next'], ['beach', 'Seen.', '3', 'Two']);
    $rule = SheetScriptsCases::written(SheetScriptsCases::sheetGame([]), $cells)['game']['scenes'][0]['things'][0]['rules'][0];

    expect($rule['match'])->toBe(['equals' => ['beach']])->and($rule['say'])->toBe('Seen.')->and($rule['do'][0]['by'])->toBe(3)->and($rule['go'])->toBe('two');
});

it('keeps what a refused cell held, takes the rest, and makes no edit of what says the same', function (): void {
    $game = SheetScriptsCases::sheetGame(['input' => ['type' => 'number'], 'rules' => [['match' => ['number' => 2], 'verdict' => 'open', 'say' => '', 'go' => 'two']]]);
    $after = SheetScriptsCases::written($game, [['row' => 'lock', 'column' => 'answers', 'text' => 'two'], ['row' => 'lock', 'column' => 'wrong', 'text' => 'No.'], ['row' => 'gone', 'column' => 'ask', 'text' => 'x']]);

    expect($after['refused'])->toBe([['row' => 'lock', 'column' => 'answers', 'key' => 'number', 'text' => 'two']])
        ->and($after['game']['scenes'][0]['things'][0]['rules'])->toBe($game['scenes'][0]['things'][0]['rules'])
        ->and($after['game']['scenes'][0]['things'][0]['otherwise'])->toBe([['say' => 'No.']])
        ->and(SheetScriptsCases::written($game, [['row' => 'lock', 'column' => 'ask', 'text' => 'Where?']])['game'])->toBe($game);
});

it('finds what a file would change, and only that', function (): void {
    $csv = "id,Asks,Check,Nothing\nlock,\"Where, exactly?\",sound,x\nlock-2,What?,,\ngone,Who?,,\n";
    $columns = [['id' => 'ask', 'title' => 'Asks', 'isFixed' => false], ['id' => 'state', 'title' => 'Check', 'isFixed' => true]];
    $rows = [['id' => 'lock', 'cells' => ['Where?', 'to mend']], ['id' => 'lock-2', 'cells' => ['What?', '']]];
    $read = fn (string $text): array => Scripts::run('workshop/sheet/exchange.js', 'module.readChanges({ text: async () => input.text }, input.columns, input.rows)', ['text' => $text, 'columns' => $columns, 'rows' => $rows]);

    expect($read($csv))->toEqual(['cells' => [['row' => 'lock', 'column' => 'ask', 'text' => 'Where, exactly?', 'before' => 'Where?']], 'unknown' => 1, 'isReadable' => true])
        ->and($read("\u{FEFF}{$csv}")['cells'])->toHaveCount(1)
        ->and($read("id,Asks\nlock,'=1+1")['cells'][0]['text'])->toBe('=1+1')
        ->and($read("a,b\n1,2")['isReadable'])->toBeFalse()
        ->and($read('')['isReadable'])->toBeFalse();
});

it('says what each option adds, and lets it decide or rule out', function (string $text, string $shown, array $do): void {
    $option = ['id' => 'a', 'md' => 'stay', 'do' => [['give' => 'lamp']]];
    $game = ['tallies' => [['id' => 'keeper', 'name' => 'Keeper']], 'scenes' => [['id' => 's', 'title' => 'S', 'things' => [['id' => 'q', 'kind' => 'lock', 'ask' => 'What?', 'input' => ['type' => 'options', 'options' => [$option]]]]]]];
    $result = Scripts::run('workshop/sheet/outcomes.js', '{ const column = module.outcomeColumns(input.game).at(-1); const sheet = { words: { sheet: { must: "must", neverWord: "never" } } }; const row = module.optionRows(input.game)[0]; const made = column.write(row, input.text, sheet); const option = made[0].to.options[0]; return [column.read({ ...row, option }, sheet), option.do, column.isGap({ ...row, option })]; }', ['game' => $game, 'text' => $text]);

    expect($result)->toEqual([$shown, $do, count($do) === 1]);
})->with([
    'a weight' => ['2', '2', [['give' => 'lamp'], ['add' => 'keeper', 'by' => 2]]],
    'nothing' => ['', '', [['give' => 'lamp']]],
    'must' => ['Must', 'must', [['give' => 'lamp'], ['must' => 'keeper']]],
    'never' => ['never', 'never', [['give' => 'lamp'], ['never' => 'keeper']]],
]);

it('lists what students hold and count, with where it is given and asked for', function (array $cell, array $field, ?string $refused): void {
    $effects = [['react' => [['do' => [['give' => 'lens'], ['add' => 'points', 'by' => 1]], 'if' => ['not' => ['hasOf' => ['lens', 'oil'], 'atLeast' => 1]]]], 'id' => 'c', 'kind' => 'choice']];
    $game = ['tokens' => [['id' => 'lens', 'name' => 'Lens', 'kind' => 'item']], 'tallies' => [['id' => 'points', 'name' => 'Points', 'shown' => true]], 'scenes' => [['id' => 's', 'title' => 'Store', 'needs' => ['tally' => 'points', 'is' => '>', 'value' => 1], 'things' => $effects]]];
    $words = ['sheet' => ['sorts' => ['item' => 'item', 'flag' => 'hidden flag', 'shown' => 'shown', 'hidden' => 'hidden']]];
    [$rows, $made] = Scripts::run('workshop/sheet/named.js', '{ const rows = module.namedRows(input.game); const sheet = { words: input.words }; const column = module.NAMED.find((one) => one.id === input.cell[1]); return [rows.map((row) => module.NAMED.map((one) => one.read(row, sheet))), column.write(rows[input.cell[0]], input.cell[2], sheet)]; }', ['game' => $game, 'words' => $words, 'cell' => $cell]);

    expect($rows)->toBe([['Lens', 'item', '', null, 'Store', 'Store'], ['Points', 'shown', null, '0', 'Store', 'Store']])
        ->and($made)->toBe($refused === null ? [['set' => ['lens', 'points'][$cell[0]], 'field' => $field[0], 'to' => $field[1]]] : ['refusal' => $refused]);
})->with([
    'a name' => [[0, 'name', 'Brass lens'], ['name', 'Brass lens'], null],
    'a kind of token' => [[0, 'sort', 'Hidden flag'], ['kind', 'flag'], null],
    'a token is no tally' => [[0, 'sort', 'shown'], [], 'token'],
    'no word at all' => [[1, 'sort', 'loud'], [], 'tally'],
    'a tally shown or not' => [[1, 'sort', 'hidden'], ['shown', false], null],
    'where it begins' => [[1, 'begins', '2,5'], ['start', 2.5], null],
    'no number' => [[1, 'begins', 'many'], [], 'number'],
]);

it('makes a token of each name below the last row', function (): void {
    $made = Scripts::run('workshop/sheet/beyond.js', '{ const kept = []; const store = { game: { tokens: [{ id: "lens" }] }, edit: (edits, label) => kept.push(...edits, label) }; module.BEYOND.named([["Wick"], [" "], ["Oil"]], { store }); return kept; }');

    expect(array_column(array_column(array_slice($made, 0, 2), 'value'), 'name'))->toBe(['Wick', 'Oil'])
        ->and([$made[0]['after'], $made[1]['after'], $made[2]])->toBe(['lens', $made[0]['value']['id'], '2 new tokens']);
});
