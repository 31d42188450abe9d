<?php

use Cli\Words;
use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Tests\Support\Engine\WordsCases;
use Tests\Support\Games;

test('every finding is a sentence with nothing left to fill in, and all it knows is in it', function (
    string $file,
): void {
    $example = Json::readObject((string) file_get_contents($file));
    $findings = Check::of(GameDocument::of($example['game']))->findings;
    expect(count($findings))
        ->toBe(
            count(
                array_unique(
                    array_map(
                        static fn (Finding $finding): string => json_encode([
                            $finding->code, $finding->where, $finding->arguments,
                        ]),
                        $findings,
                    ),
                ),
            ),
        );
    foreach ($findings as $finding) {
        $words = Words::ofFinding(GameDocument::of($example['game']), $finding);
        expect($words)->not->toMatch('/:[a-z]+/')->toMatch('/[.…]$/')->not->toBe($finding->code);
    }
})->with(
    fn () => array_map(
        static fn (string $file): array => [$file],
        array_combine(
            array_map(
                static fn (string $file): string => strtr(basename($file, '.json'), '-', ' '),
                $files = glob(dirname(__DIR__, 2).'/Examples/checks/*.json'),
            ),
            $files,
        ),
    ),
);

it('says it in these words', function (string $words, string $code, array $scenes, array $extra = []): void {
    $finding = WordsCases::findingOf($code, $scenes, $extra);

    expect(Words::ofFinding(Games::of($scenes, $extra), $finding))->toBe($words);
})->with([
    'guessable' => [
        '“The bolt” in “The hall” can be opened by guessing: about 6 tries, 17 seconds.', 'lock.guessable',
        [[
            'id' => 'a', 'title' => 'The hall',
            'things' => [
                [
                    'label' => 'The bolt', 'input' => ['type' => 'digits', 'length' => 1],
                ] + Games::lock('l', '7', [], ['go' => 'end']),
            ],
        ]],
    ],
    'loose' => [
        '“Which bird dives?” in “The hall” opens on wrong answers too, such as “not gull”, “never gull”, “anything '
            .'but gull”.',
        'answer.loose',
        [[
            'id' => 'a', 'title' => 'The hall',
            'things' => [
                [
                    'label' => '', 'ask' => 'Which bird dives?',
                    'rules' => [['match' => ['has' => ['gull']], 'verdict' => 'open', 'go' => 'end']],
                ] + Games::lock('l', ''),
            ],
        ]],
    ],
    'contrast' => [
        'In “The hall” the words of “Deep” are hard to read on what is behind them.', 'contrast.low',
        [[
            'id' => 'a', 'title' => 'The hall', 'layout' => 'stage', 'backdrop' => ['colour' => '#17414d'],
            'things' => [
                ['id' => 't', 'kind' => 'text', 'md' => 'Deep', 'box' => [0, 0, 9, 9]],
                Games::choice('on', ['go' => 'end']),
            ],
        ]],
    ],
    'crowded' => [
        '“The hall” has more in it than a student takes in; some of it could go to a scene of its own.',
        'scene.crowded',
        [[
            'id' => 'a', 'title' => 'The hall',
            'things' => [
                ['id' => 't', 'kind' => 'text', 'md' => str_repeat('word ', 1300)],
                Games::choice('on', ['go' => 'end']),
            ],
        ]],
    ],
    'constant' => [
        'In “The hall”, what “On” depends on never holds: the student holds 2 of Key.', 'condition.constant',
        [[
            'id' => 'a', 'title' => 'The hall',
            'things' => [
                ['if' => ['hasOf' => ['k'], 'atLeast' => 2]] + Games::choice('on', ['go' => 'end']),
                Games::choice('out', ['go' => 'end']),
            ],
        ]],
        ['tokens' => [['id' => 'k', 'name' => 'Key', 'kind' => 'item']]],
    ],
    'hidden' => [
        'Rule 2 of “L” in “The hall” (exactly Gull) never gets a turn: earlier rules take all its answers.',
        'rule.hidden',
        [[
            'id' => 'a', 'title' => 'The hall',
            'things' => [
                [
                    'rules' => [
                        ['match' => ['equals' => ['gull']], 'verdict' => 'open', 'go' => 'end'],
                        ['match' => ['equals' => ['Gull']], 'verdict' => 'almost'],
                    ],
                ] + Games::lock('l', ''),
            ],
        ]],
    ],
    'missing' => [
        '“On” in “The hall” leads to a scene that is not there.', 'route.missing',
        [[
            'id' => 'a', 'title' => 'The hall',
            'things' => [Games::choice('on', ['go' => 'attic']), Games::choice('out', ['go' => 'end'])],
        ]],
    ],
]);

it('speaks of one as of one, and of none as of none', function (): void {
    $said = static fn (int $steps): string => Words::of(
        'findings', 'play.trap', ['scene' => 'The hall', 'steps' => $steps],
    );

    expect($said(0))->toContain('from the very beginning')->not->toContain('0')
        ->and($said(1))->toContain('after the step shown')->not->toContain('steps')
        ->and($said(2))->toContain('after the 2 steps shown');
});

it('calls nothing by its id', function (): void {
    $untitled = static fn (string $id, array $things, array $more = []): array => $more + [
        'id' => "worksheet-{$id}", 'title' => '', 'things' => $things,
    ];
    $game = Games::of([
        $untitled(
            'aaaa',
            [
                [
                    'label' => '', 'ask' => '', 'otherwise' => [], 'input' => ['type' => 'digits', 'length' => 1],
                ] + Games::lock('worksheet-bbbb', '7', [], ['go' => 'worksheet-gone']),
                ['md' => ''] + Games::choice('worksheet-cccc', ['do' => [['give' => 'worksheet-lost']]]),
                ['id' => 'worksheet-pict', 'kind' => 'picture'],
            ],
        ),
        $untitled('dddd', [['md' => '', 'if' => ['all' => []]] + Games::choice('worksheet-eeee', [])]),
    ], [
        'assets' => [[
            'id' => 'worksheet-file', 'file' => 'assets/worksheet-hash.png', 'type' => 'image/png', 'alt' => '',
        ]],
    ]);
    $findings = Check::of($game, 1000, [])->findings;

    expect(array_column($findings, 'code'))
        ->toContain(
            'route.missing', 'reference.missing', 'asset.missing', 'alt.missing', 'feedback.missing',
            'scene.unreachable',
        );
    foreach ($findings as $finding) {
        expect(Words::ofFinding($game, $finding))->not->toContain('worksheet-');
    }
});

it('makes a pause longer that is there, and offers none that changes nothing', function (
    int $wait, ?int $longer,
): void {
    $lock = [
        'input' => ['type' => 'digits', 'length' => 1], 'guard' => ['tries' => 3, 'wait' => $wait],
    ] + Games::lock('l', '7', [], ['go' => 'end']);
    $finding = array_values(
        array_filter(
            Check::of(
                Games::of([
                    ['id' => 'a', 'things' => [$lock]], ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
                ]),
            )->findings,
            static fn (Finding $finding): bool => $finding->code === 'lock.guessable',
        ),
    )[0] ?? null;

    expect($finding?->mend?->toArray()['to']['wait'] ?? null)->toBe($longer)
        ->and($longer === null || $finding->mendAs === 'lock.guessable.longer')->toBeTrue();
})->with([[10, null], [0, null], [60, null]]);

it('offers this mend', function (array $mend, string $code, array $scenes, array $extra = []): void {
    expect(WordsCases::findingOf($code, $scenes, $extra)->mend?->toArray())->toBe($mend);
})->with([
    'feedback in the language of the game' => [
        [
            'set' => 'l', 'field' => 'otherwise',
            'to' => [
                ['if' => ['tries' => 'l', 'is' => '>=', 'value' => 3], 'say' => ''],
                ['say' => 'Pas encore. Regarde de nouveau.'],
            ],
        ],
        'feedback.missing',
        [[
            'id' => 'a',
            'things' => [
                [
                    'otherwise' => [['if' => ['tries' => 'l', 'is' => '>=', 'value' => 3], 'say' => '']],
                ] + Games::lock('l', 'mouette', [], ['go' => 'end']),
            ],
        ]],
        ['language' => 'fr'],
    ],
    'a guard' => [
        ['set' => 'l', 'field' => 'guard', 'to' => ['tries' => 3, 'wait' => 30]], 'lock.guessable',
        [[
            'id' => 'a',
            'things' => [
                [
                    'input' => ['type' => 'number'],
                    'rules' => [['match' => ['number' => 9], 'verdict' => 'open', 'go' => 'end']],
                ] + Games::lock('l', ''),
            ],
        ]],
    ],
    'the exact words' => [
        [
            'set' => 'l', 'field' => 'rules',
            'to' => [
                ['match' => ['equals' => ['gull', 'mew']], 'verdict' => 'open', 'go' => 'end'],
                ['match' => ['has' => ['tern']], 'verdict' => 'almost'],
            ],
        ],
        'answer.loose',
        [[
            'id' => 'a',
            'things' => [
                [
                    'rules' => [
                        ['match' => ['has' => ['gull', 'mew']], 'verdict' => 'open', 'go' => 'end'],
                        ['match' => ['has' => ['tern']], 'verdict' => 'almost'],
                    ],
                ] + Games::lock('l', ''),
            ],
        ]],
    ],
    'a way on' => [
        ['set' => 'b', 'field' => 'next', 'to' => [['go' => 'end']]], 'scene.stuck',
        [['id' => 'a', 'things' => [Games::choice('on', ['go' => 'b'])]], ['id' => 'b']],
    ],
    'a way there' => [
        [
            'insert' => 'things', 'in' => 'a', 'after' => 'on',
            'value' => [
                'id' => 'choice-qwcwcd69', 'kind' => 'choice', 'look' => 'button', 'md' => 'The attic',
                'react' => [['go' => 'b']],
            ],
        ],
        'scene.unreachable',
        [
            ['id' => 'a', 'things' => [Games::choice('on', ['go' => 'end'])]],
            ['id' => 'b', 'title' => 'The attic', 'next' => ['go' => 'end']],
        ],
    ],
    'a token by the lock before' => [
        [
            'set' => 'l', 'field' => 'rules',
            'to' => [[
                'match' => ['equals' => ['x']], 'verdict' => 'open', 'say' => '', 'go' => 'b',
                'do' => [['give' => 'k']],
            ]],
        ],
        'token.never-given',
        [
            [
                'id' => 'a',
                'things' => [
                    [
                        'rules' => [['match' => ['equals' => ['x']], 'verdict' => 'open', 'say' => '', 'go' => 'b']],
                    ] + Games::lock('l', ''),
                ],
            ],
            [
                'id' => 'b',
                'things' => [
                    ['if' => ['has' => 'k']] + Games::choice('c', ['say' => 'Aha.']),
                    Games::choice('o', ['go' => 'end']),
                ],
            ],
        ],
        ['tokens' => [['id' => 'k', 'name' => 'Key', 'kind' => 'item']]],
    ],
    'a token at the start' => [
        ['set' => 'a', 'field' => 'arrive', 'to' => [['do' => [['give' => 'k']]]]], 'token.never-given',
        [[
            'id' => 'a',
            'things' => [
                ['if' => ['has' => 'k']] + Games::choice('c', ['say' => 'Aha.']), Games::choice('o', ['go' => 'end']),
            ],
        ]],
        ['tokens' => [['id' => 'k', 'name' => 'Key', 'kind' => 'item']]],
    ],
    'the rule first' => [
        [
            'set' => 'l', 'field' => 'rules',
            'to' => [
                ['match' => ['equals' => ['gull']], 'verdict' => 'almost'],
                ['match' => ['anything' => true], 'verdict' => 'open', 'go' => 'end'],
            ],
        ],
        'rule.hidden',
        [[
            'id' => 'a',
            'things' => [
                [
                    'rules' => [
                        ['match' => ['anything' => true], 'verdict' => 'open', 'go' => 'end'],
                        ['match' => ['equals' => ['gull']], 'verdict' => 'almost'],
                    ],
                ] + Games::lock('l', ''),
            ],
        ]],
    ],
    'without the repeated rule' => [
        [
            'set' => 'l', 'field' => 'rules',
            'to' => [['match' => ['equals' => ['gull']], 'verdict' => 'open', 'go' => 'end']],
        ],
        'rule.hidden',
        [[
            'id' => 'a',
            'things' => [
                [
                    'rules' => [
                        ['match' => ['equals' => ['gull']], 'verdict' => 'open', 'go' => 'end'],
                        ['match' => ['equals' => ['gull']], 'verdict' => 'almost'],
                    ],
                ] + Games::lock('l', ''),
            ],
        ]],
    ],
    'the route cut out' => [
        ['set' => 'on', 'field' => 'react', 'to' => [['say' => 'Up.']]], 'route.missing',
        [[
            'id' => 'a',
            'things' => [
                ['react' => [['say' => 'Up.', 'go' => 'attic']]] + Games::choice('on', []),
                Games::choice('o', ['go' => 'end']),
            ],
        ]],
    ],
    'the token that is named' => [
        [
            'insert' => 'tokens', 'in' => '@game', 'after' => 'k',
            'value' => ['id' => 'gone', 'name' => 'gone', 'kind' => 'item'],
        ],
        'reference.missing',
        [[
            'id' => 'a',
            'things' => [
                Games::choice('c', ['do' => [['give' => 'gone'], ['give' => 'k']]]),
                Games::choice('o', ['go' => 'end']),
            ],
        ]],
        ['tokens' => [['id' => 'k', 'name' => 'Key', 'kind' => 'item']]],
    ],
    'without what it never needs' => [
        ['set' => 'o', 'field' => 'if'], 'condition.constant',
        [['id' => 'a', 'things' => [['if' => ['all' => []]] + Games::choice('o', ['go' => 'end'])]]],
    ],
    'words that give nothing away' => [
        ['set' => 'l', 'field' => 'otherwise', 'to' => [['say' => 'That is not it yet. Look again.']]], 'answer.leaked',
        [[
            'id' => 'a',
            'things' => [
                ['otherwise' => [['say' => 'Think of a gannet.']]] + Games::lock('l', 'gannet', [], ['go' => 'end']),
            ],
        ]],
    ],
    'a way out of the trap' => [
        [
            'insert' => 'things', 'in' => 'b', 'after' => null,
            'value' => [
                'id' => 'choice-89dx389m', 'kind' => 'choice', 'look' => 'button', 'md' => 'A',
                'react' => [['go' => 'a']],
            ],
        ],
        'play.trap',
        [
            [
                'id' => 'a', 'title' => 'A',
                'things' => [Games::choice('in', ['go' => 'b']), Games::choice('o', ['go' => 'end'])],
            ],
            ['id' => 'b', 'arrive' => ['say' => 'Shut.']],
        ],
    ],
]);
