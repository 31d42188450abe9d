<?php

use Fravel\Document\GameDocument;
use Fravel\Edit\Commands;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Games;

/** A clue beside a door of any kind. */
function clueTo(array $input, array $match, string $md, string $language = 'en'): string
{
    $door = ['input' => $input, 'rules' => [['match' => $match, 'verdict' => 'open']]] + Games::lock('door', '');
    $game = Games::of(
        [
            ['id' => 'a', 'things' => [['id' => 'note', 'kind' => 'text', 'md' => $md]]],
            ['id' => 'b', 'things' => [$door]],
        ],
        ['language' => $language, 'assets' => [
            ['id' => 'moon', 'file' => 'assets/moon.svg', 'type' => 'image/svg+xml', 'alt' => 'A moon'],
        ]],
    );

    return $game->scene('a')->things[0]->md;
}

it('says the code of a lock, whole or in parts, as students read it', function (
    array $input, array $match, string $md, string $said,
): void {
    expect(clueTo($input, $match, $md, 'de'))->toBe($said);
})->with([
    'digits' => [['type' => 'digits', 'length' => 4], ['equals' => ['0917']], '{=code:door} {=code:door:2}', '0917 9'],
    'several' => [['type' => 'digits', 'length' => 4], ['equals' => ['0917', '1']], '{=code:door:2-3}', '91'],
    'letters with marks' => [['type' => 'text'], ['equals' => 'né'], '{=code:door:2}', 'é'],
    'directions' => [['type' => 'arrows', 'length' => 3], ['equals' => 'URD'], '{=code:door}', '↑→↓'],
    'colours' => [
        ['type' => 'colours', 'palette' => ['red', 'green'], 'length' => 2], ['order' => ['green', 'red']],
        '{=code:door} {=code:door:1}', 'grün rot grün',
    ],
    'pictures' => [
        [
            'type' => 'keys', 'length' => 2, 'columns' => 2,
            'keys' => [['id' => 'k', 'md' => '★'], ['id' => 'l', 'md' => '', 'asset' => 'moon']],
        ],
        ['order' => ['l', 'k']], '{=code:door:1} then {=code:door:2}', '![A moon](asset:moon) then ★',
    ],
    'a place too many' => [['type' => 'text'], ['equals' => 'ab'], '{=code:door:3}', '{=code:door:3}'],
    'no such lock' => [['type' => 'text'], ['equals' => 'ab'], '{=code:gate}', '{=code:gate}'],
    'nothing named' => [['type' => 'text'], ['anything' => true], '{=code:door}', '{=code:door}'],
]);

it('lets clues follow when a code is changed', function (): void {
    $words = require dirname(__DIR__, 3).'/lang/en/made.php';
    $game = GameDocument::of(Build::alone(
        Patterns::named('rooms'),
        new Content(['questions' => "2 + 2\t4\t\tHall\n3 + 3\t6\t\tHall", 'codes' => '317'], 'en'), $words['pattern'],
        new TeacherDefaults,
    ));
    $names = static fn (GameDocument $of): array => array_column($of->tokens(), 'name');
    expect($names($game))->toBe(['Clue 1, Hall: 31', 'Clue 2, Hall: 7']);
    $said = $game->scenes()[0]->things[0]->rules[0]->reaction->say;
    $doors = array_column($game->document['scenes'][0]['things'], null, 'id');
    $door = array_values(array_filter($doors, static fn (array $one): bool => $one['input']['type'] === 'digits'))[0];
    $rules = [['match' => ['equals' => ['985']]] + $door['rules'][0]];
    $changed = Commands::read(['set' => $door['id'], 'field' => 'rules', 'to' => $rules], $game)->apply($game)->game;

    expect($said)->toBe('Right. Clue 1 says **31**.')
        ->and($names($changed))->toBe(['Clue 1, Hall: 98', 'Clue 2, Hall: 5'])
        ->and($changed->scenes()[0]->things[0]->rules[0]->reaction->say)->toBe('Right. Clue 1 says **98**.')
        ->and($changed->settled()['tokens'][0]['name'])->toBe('Clue 1, Hall: 98')
        ->and($changed->document['tokens'][0]['name'])->toContain("{=code:{$door['id']}:1-2}");
});

it('lets a copied clue say the copied code', function (): void {
    $game = Games::of([['id' => 'a', 'things' => [
        ['id' => 'note', 'kind' => 'text', 'md' => '{=code:door:1}, {=code:other:1}'], Games::lock('door', 'xyz'),
        Games::lock('other', 'abc'),
    ]]]);
    $copied = Commands::read(['duplicate' => ['note', 'door'], 'times' => 1], $game)->apply($game)->game;
    $copies = array_values(array_filter(
        $copied->document['scenes'][0]['things'],
        static fn (array $thing): bool => ! in_array($thing['id'], ['note', 'door', 'other'], true),
    ));

    expect($copies[0]['md'])->toBe("{=code:{$copies[1]['id']}:1}, {=code:other:1}");
});

it('notices a mark that nothing can be put in for', function (string $md, array $found): void {
    $game = Games::of(
        [['id' => 'a', 'title' => 'Hall', 'things' => [['id' => 'note', 'kind' => 'text', 'md' => $md]]]],
        ['tallies' => [['id' => 'score', 'name' => 'Score', 'start' => 0, 'shown' => true]]],
    );
    $findings = array_filter(
        (new \Fravel\Check\Check)->of($game)->findings,
        static fn (\Fravel\Check\Finding $finding): bool => $finding->code === 'text.mark-unknown',
    );

    expect(array_column(array_column($findings, 'arguments'), 'mark'))->toBe($found);
})->with([
    ['{=player}, {=minutes}, {=score}', []], ['{=scroe} and {=code:door:2}', ['{=scroe}', '{=code:door:2}']],
]);
