<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Engine\SkipsCases;
use Tests\Support\Games;
use Tests\Support\Plays;

it('finds a lock that students can go round, and the way', function (array $beside, array $scenes = []): void {
    $game = SkipsCases::lockWith($beside, [], $scenes);
    [$finding] = SkipsCases::foundOf('lock.skipped', $game);
    $state = Plays::through($game, $finding->actions)->state;

    expect($finding->where)->toBe(['door', 'room'])->and($state->scene)->toBe('b')->and($state->open)->toBe([]);
})->with([
    'a plain choice beside it' => [[Games::choice('skip', ['go' => 'b'])]],
    'round a corner' => [[Games::choice('corner', ['go' => 'c'])], [['id' => 'c', 'next' => [['go' => 'b']]]]],
]);

it('leaves a lock alone that something depends on, or that one can’t go round', function (
    array $beside, array $opening = [], array $scenes = [],
): void {
    expect(SkipsCases::foundOf('lock.skipped', SkipsCases::lockWith($beside, $opening, $scenes)))->toBe([]);
})->with([
    'no way beside it' => [[]],
    'a way for those who hold something' => [[['if' => ['has' => 'key']] + Games::choice('skip', ['go' => 'b'])]],
    'another lock to the same scene' => [[Games::lock('window', 'y', [], ['go' => 'b'])]],
    'it gives what a gate wants' => [
        [Games::choice('skip', ['go' => 'b'])], ['do' => [['give' => 'key']]],
        [['id' => 'c', 'needs' => ['has' => 'key'], 'next' => [['go' => 'a']]]],
    ],
    'a wrong answer leads on' => [[['otherwise' => [['go' => 'b']]] + Games::lock('other', 'y')]],
]);

it('finds a conditional choice that students can go round', function (): void {
    $game = Games::of(
        [
            [
                'id' => 'a',
                'things' => [
                    ['if' => ['has' => 'key']] + Games::choice('gate', ['go' => 'b']),
                    Games::choice('plain', ['go' => 'b']), Games::choice('take', ['do' => [['give' => 'key']]]),
                ],
            ],
            ['id' => 'b', 'ending' => ['kind' => 'won', 'md' => '']],
        ],
        ['tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]],
    );

    expect(array_column(SkipsCases::foundOf('lock.skipped', $game), 'where'))->toBe([['gate', 'a']]);
});

it('notices a code that its clues no longer give', function (): void {
    $words = require dirname(__DIR__, 3).'/lang/en/made.php';
    $document = Build::alone(
        Patterns::named('rooms'),
        new Content(['questions' => "2 + 2\t4\t\tHall\n3 + 3\t6\t\tHall\n4 + 4\t8\t\tHall"], 'en'), $words['pattern'],
        new TeacherDefaults,
    );
    $door = array_key_last($document['scenes'][0]['things']);
    $changed = GameDocument::of($document)->settled();
    $code = $document['scenes'][0]['things'][$door]['rules'][0]['match']['equals'][0];
    $changed['scenes'][0]['things'][$door]['rules'][0]['match']['equals'] = [strtr($code, '0123456789', '5678901234')];

    expect(SkipsCases::foundOf('code.unexplained', GameDocument::of($document)))->toBe([])
        ->and(SkipsCases::foundOf('code.unexplained', GameDocument::of($changed)))->toHaveCount(1);
});

it('says nothing of codes whose clues have to be worked out', function (array $clues, string $code): void {
    $tokens = array_map(
        static fn (string $name, int $place): array => ['id' => "t{$place}", 'name' => $name, 'kind' => 'clue'], $clues,
        array_keys($clues),
    );
    $lock = [
        'input' => ['type' => 'digits', 'length' => strlen($code)],
        'needs' => ['hasOf' => array_column($tokens, 'id'), 'atLeast' => count($tokens)],
    ] + Games::lock('l', $code, [], ['go' => 'end']);
    $give = Games::choice(
        'take', ['do' => array_map(static fn (array $token): array => ['give' => $token['id']], $tokens)],
    );

    expect(
        SkipsCases::foundOf(
            'code.unexplained',
            Games::of(
                [['id' => 'a', 'things' => [$give, $lock]], ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']]],
                ['tokens' => $tokens],
            ),
        ),
    )->toBe([]);
})->with([
    [['A year: 1912', 'A street: 17'], '3824'], [['A red flag', 'A blue flag'], '12'],
    [['Clue 1: 4', 'Clue 2: 2'], '24'],
]);

it('knows names that were never changed', function (): void {
    $game = Games::of(
        [
            [
                'id' => 'a', 'title' => 'New scene',
                'things' => [Games::choice('on', ['go' => 'end', 'do' => [['add' => 'n']]])],
            ],
            ['id' => 'end', 'title' => 'End', 'ending' => ['kind' => 'won', 'md' => '']],
        ],
        ['title' => 'Keypad', 'tallies' => [['id' => 'n', 'name' => 'New tally', 'start' => 0, 'shown' => true]]],
    );
    $findings = array_filter(
        Check::of($game, 500, null, ['New scene', 'New tally', 'Keypad'])->findings,
        static fn (Finding $finding): bool => $finding->code === 'text.sample',
    );

    expect(array_values(array_column($findings, 'where')))->toEqualCanonicalizing([[], ['a'], ['n']]);
});
