<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Tests\Support\Engine\CheckCases;
use Tests\Support\Games;
use Tests\Support\Plays;

it('proves a hub of forty topics in any order', function (string $gate): void {
    $verdicts = Check::of(GameDocument::of(CheckCases::hubOf(40, $gate)));

    expect($verdicts->isProved)->toBeTrue()
        ->and(CheckCases::codesOf($verdicts))->toBe([])
        ->and($verdicts->facts['states'])->toBeLessThan(5000);
})->with(['hasOf', 'all']);

it('finds the hub that can’t be won because one stamp is missing', function (): void {
    $document = CheckCases::hubOf(4);
    unset($document['scenes'][2]['things'][0]['rules'][0]['do']);
    $codes = CheckCases::codesOf(Check::of(GameDocument::of($document)));

    expect($codes)->toContain('token.never-given')->toContain('ending.unreachable')->toContain('play.trap');
});

it('finds a trap with the fewest actions that lead there, and they replay', function (): void {
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [Games::choice('on', ['go' => 'b']), Games::choice('take', ['do' => [['give' => 'key']]])],
        ],
        ['id' => 'b', 'things' => [Games::lock('l', 'word', [], ['go' => 'c'])]],
        ['id' => 'c', 'things' => [Games::choice('out', ['go' => 'end'])]],
        [
            'id' => 'end', 'needs' => ['has' => 'key'], 'refused' => [['say' => 'No key.']],
            'ending' => ['kind' => 'won', 'md' => ''],
        ],
    ], ['tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]]);
    $verdicts = Check::of($game);
    $trap = array_values(
        array_filter($verdicts->findings, static fn (Finding $finding): bool => $finding->code === 'play.trap'),
    )[0];
    $state = Plays::through($game, $trap->actions)->state;

    expect($verdicts->isProved)->toBeTrue()
        ->and($trap->actions)->toBe([['choose' => 'on']])
        ->and($state->scene)->toBe($trap->where[0])
        ->and($state->ended)->toBeNull();
});

it('finds no trap where going back or passing an open lock leads out again', function (array $scenes): void {
    expect(CheckCases::codesOf(Check::of(Games::of($scenes))))->not->toContain('play.trap');
})->with([
    'back' => [[
        ['id' => 'a', 'things' => [Games::choice('aside', ['go' => 'b']), Games::choice('on', ['go' => 'end'])]],
        ['id' => 'b', 'back' => true],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]],
    'an open lock' => [[
        ['id' => 'a', 'things' => [Games::lock('l', 'x', [], ['go' => 'b'])]],
        ['id' => 'b', 'things' => [Games::choice('again', ['go' => 'a']), Games::choice('on', ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]],
    'a condition on time' => [[
        ['id' => 'a', 'things' => [['if' => ['minutes' => 5, 'is' => '>=']] + Games::choice('late', ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]],
]);

it('proves a gauntlet that sends back to its start', function (): void {
    $example = Json::readObject((string) file_get_contents(dirname(__DIR__, 2).'/Examples/plays/gauntlet.json'));
    $verdicts = Check::of(GameDocument::of($example['game']));

    expect($verdicts->isProved)->toBeTrue()->and($verdicts->hasErrors())->toBeFalse()
        ->and($verdicts->facts['shortest'])->toBe(4);
});

it('says that nothing is proved when the search stops at its bound', function (): void {
    $document = CheckCases::hubOf(12);
    $document['scenes'][0]['things'][0]['react'] = [
        ['if' => ['not' => ['has' => 'stamp1']], 'go' => 'topic1'], ['do' => [['take' => 'stamp1']]],
    ];

    expect(Check::of(GameDocument::of($document), 200)->isProved)->toBeFalse();
});

it('finds what is wrong with a game, each where it is', function (array $scenes, string $code, array $where): void {
    $found = array_map(
        static fn (Finding $finding): array => [$finding->code, $finding->where],
        Check::of(Games::of([...$scenes, ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']]]))->findings,
    );

    expect($found)->toContain([$code, $where]);
})->with([
    'a lock that only ever says wrong' => [
        [['id' => 'a', 'things' => [['rules' => []] + Games::lock('l', 'x'), Games::choice('on', ['go' => 'end'])]]],
        'lock.never-opens', ['l', 'a'],
    ],
    'a lock without an answer' => [
        [[
            'id' => 'a',
            'things' => [
                ['rules' => [['match' => ['equals' => []], 'verdict' => 'open']]] + Games::lock('l', 'x'),
                Games::choice('on', ['go' => 'end']),
            ],
        ]],
        'lock.never-opens', ['l', 'a'],
    ],
    'a lock whose needs never hold' => [
        [[
            'id' => 'a',
            'things' => [
                ['needs' => ['visited' => 'nowhere']] + Games::lock('l', 'x'), Games::choice('on', ['go' => 'end']),
            ],
        ]],
        'lock.never-opens', ['l', 'a'],
    ],
    'a rule behind one that takes anything' => [
        [[
            'id' => 'a',
            'things' => [
                [
                    'rules' => [
                        ['match' => ['anything' => true], 'verdict' => 'open', 'go' => 'end'],
                        ['match' => ['has' => ['x']], 'verdict' => 'almost'],
                    ],
                ] + Games::lock('l', 'x'),
            ],
        ]],
        'rule.hidden', ['l', 'a'],
    ],
    'a rule behind a shorter phrase' => [
        [[
            'id' => 'a',
            'things' => [
                [
                    'rules' => [
                        ['match' => ['has' => ['gull']], 'verdict' => 'open', 'go' => 'end'],
                        ['match' => ['has' => ['Herring gull']], 'verdict' => 'almost'],
                    ],
                ] + Games::lock('l', 'x'),
            ],
        ]],
        'rule.hidden', ['l', 'a'],
    ],
    'a number behind its unit' => [
        [[
            'id' => 'a',
            'things' => [
                [
                    'input' => ['type' => 'number'],
                    'rules' => [
                        ['match' => ['between' => [0, 9]], 'verdict' => 'open', 'go' => 'end'],
                        ['match' => ['number' => 4], 'verdict' => 'almost'],
                    ],
                ] + Games::lock('l', 'x'),
            ],
        ]],
        'rule.hidden', ['l', 'a'],
    ],
    'no feedback' => [
        [['id' => 'a', 'things' => [['otherwise' => []] + Games::lock('l', 'x', [], ['go' => 'end'])]]],
        'feedback.missing', ['l', 'a'],
    ],
    'the answer in the question' => [
        [['id' => 'a', 'things' => [['ask' => 'Is it a Gannet?'] + Games::lock('l', 'gannet', [], ['go' => 'end'])]]],
        'answer.shown', ['l', 'a'],
    ],
    'nothing leads on' => [
        [
            ['id' => 'a', 'things' => [Games::choice('on', ['go' => 'end']), Games::choice('pit', ['go' => 'b'])]],
            ['id' => 'b'],
        ],
        'scene.stuck', ['b'],
    ],
    'no way leads there' => [
        [['id' => 'a', 'next' => ['go' => 'end']], ['id' => 'b', 'next' => ['go' => 'end']]], 'scene.unreachable',
        ['b'],
    ],
]);

it('keeps silent where it can’t decide', function (array $rules): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [['rules' => $rules] + Games::lock('l', 'x')]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(CheckCases::codesOf(Check::of($game)))->not->toContain('rule.hidden');
})->with([
    'a phrase that may come with more' => [[
        ['match' => ['equals' => ['gull']], 'verdict' => 'almost'],
        ['match' => ['has' => ['gull']], 'verdict' => 'open', 'go' => 'end'],
    ]],
    'a pattern' => [[
        ['match' => ['pattern' => '.*'], 'verdict' => 'almost'],
        ['match' => ['has' => ['gull']], 'verdict' => 'open', 'go' => 'end'],
    ]],
    'one answer of two' => [[
        ['match' => ['equals' => ['a']], 'verdict' => 'almost'],
        ['match' => ['equals' => ['a', 'b']], 'verdict' => 'open', 'go' => 'end'],
    ]],
]);

it('finds nothing wrong with the demo game, and proves it', function (): void {
    $game = GameDocument::of(
        Json::readObject((string) file_get_contents(dirname(__DIR__, 3).'/database/demo/dark-lamp/game.json')),
    );
    $verdicts = Check::of($game);

    expect($verdicts->isProved)->toBeTrue()->and($verdicts->hasErrors())->toBeFalse();
});

it('has no ending to find in a game without one', function (): void {
    expect(CheckCases::codesOf(Check::of(Games::of([['id' => 'a', 'next' => ['go' => '@start']]]))))
        ->toContain('ending.none')->not->toContain('play.trap');
});

it('takes deciding and ruling out for what changes a tally', function (): void {
    $tallies = ['tallies' => [['id' => 'bold', 'name' => 'Bold', 'start' => 0]]];
    $game = fn (array $effect): GameDocument => GameDocument::of(
        Games::document(
            [
                [
                    'id' => 'a',
                    'things' => [
                        Games::choice('mark', ['do' => [$effect], 'say' => 'Noted.']),
                        Games::choice('on', ['if' => ['leads' => 'bold', 'among' => ['bold']], 'go' => 'end']),
                        Games::choice('out', ['go' => 'end']),
                    ],
                ],
                ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
            ],
            $tallies,
        ),
    );

    expect(
        CheckCases::codesOf(Check::of($game(['never' => 'bold']))),
    )->not->toContain('tally.unused')->not->toContain('condition.constant')
        ->and(CheckCases::codesOf(Check::of($game(['must' => 'bold']))))->not->toContain('tally.unused')
        ->toContain('condition.constant');
});

it('finds what stands behind a reaction that always fires, and nothing else', function (
    array $reactions, bool $isIdle,
): void {
    $game = Games::of(
        [
            [
                'id' => 'a',
                'things' => [['react' => $reactions] + Games::choice('c', []), Games::choice('out', ['go' => 'end'])],
            ],
            ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
        ],
        ['tokens' => [['id' => 'k', 'name' => 'K', 'kind' => 'item']]],
    );

    expect(in_array('condition.constant', array_column(Check::of($game)->findings, 'code'), true))->toBe($isIdle);
})->with([
    'alone' => [[['say' => 'A']], false],
    'last' => [[['if' => ['has' => 'k'], 'say' => 'A'], ['say' => 'B']], false],
    'first of two' => [[['say' => 'A'], ['say' => 'B']], true],
    'in the middle' => [
        [['if' => ['has' => 'k'], 'say' => 'A'], ['say' => 'B'], ['if' => ['has' => 'k'], 'say' => 'C']], true,
    ],
]);

it('looks at moments of clips too for conditions that never change', function (): void {
    $clip = [
        'id' => 'film', 'kind' => 'clip', 'asset' => 'f',
        'cues' => [['id' => 'cue', 'at' => 1, 'react' => [['if' => ['all' => []], 'go' => 'end']]]],
    ];

    expect(
        array_column(
            Check::of(
                Games::of([
                    ['id' => 'a', 'things' => [$clip]], ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
                ]),
            )->findings,
            'where', 'code',
        ),
    )
        ->toHaveKey('condition.constant', ['cue', 'a']);
});

it('judges words on a picture by the light of its parts that they stand on', function (
    array $text, bool $isLow,
): void {
    $dark = array_fill(0, 12, '#1d2f38');
    $game = Games::of([
        [
            'id' => 'a', 'layout' => 'stage', 'backdrop' => ['asset' => 'night', 'colour' => null],
            'things' => [
                ['id' => 't', 'kind' => 'text', 'md' => 'Words', ...$text], Games::choice('out', ['go' => 'b']),
            ],
        ],
        ['id' => 'b', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['assets' => [
        ['id' => 'night', 'file' => 'assets/n.svg', 'shades' => array_replace($dark, [5 => '#eadfc8'])],
    ]]);

    expect(in_array('contrast.low', array_column(Check::of($game)->findings, 'code'), true))->toBe($isLow);
})->with([
    'ink in the dark' => [['box' => [0, 0, 300, 100]], true],
    'ink on the light part' => [['box' => [420, 320, 300, 100]], false],
    'ink from the light into the dark' => [['box' => [420, 320, 700, 100]], true],
    'ink on a plate in the dark' => [['box' => [0, 0, 300, 100], 'plate' => true], false],
    'paper in the dark' => [['box' => [0, 0, 300, 100], 'colour' => 'paper'], false],
    'paper on the light part' => [['box' => [420, 320, 300, 100], 'colour' => 'paper'], true],
]);

it('judges the contrast of words that stand on a plain colour, and of no others', function (
    array $thing, bool $isLow,
): void {
    $game = Games::of([
        [
            'id' => 'a', 'layout' => 'stage', 'backdrop' => ['colour' => '#17414d'],
            'things' => [$thing + ['id' => 't', 'box' => [0, 0, 9, 9]], Games::choice('out', ['go' => 'end'])],
        ],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(in_array('contrast.low', array_column(Check::of($game)->findings, 'code'), true))->toBe($isLow);
})->with([
    'ink on the deep' => [['kind' => 'text', 'md' => 'Deep'], true],
    'ink on paper' => [['kind' => 'text', 'md' => 'Deep', 'plate' => true], false],
    'a cover of that colour, whose words are light' => [
        ['kind' => 'cover', 'front' => ['md' => 'Lift', 'colour' => '#17414d'], 'back' => ['md' => '']], false,
    ],
    'a cover on which neither ink nor paper is read well' => [
        ['kind' => 'cover', 'front' => ['md' => 'Lift', 'colour' => '#7a7a7a'], 'back' => ['md' => '']], true,
    ],
    'a cover with a picture' => [
        ['kind' => 'cover', 'front' => ['md' => 'Lift', 'colour' => '#17414d', 'asset' => 'p'], 'back' => ['md' => '']],
        false,
    ],
    'a cover without a colour' => [['kind' => 'cover', 'front' => ['md' => 'Lift'], 'back' => ['md' => '']], false],
]);

it('says of no clip, picture or speaking choice that it leads nowhere yet', function (
    array $thing, bool $isOpen,
): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [$thing + ['id' => 't'], Games::choice('out', ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(in_array('route.open', array_column(Check::of($game)->findings, 'code'), true))->toBe($isOpen);
})->with([
    'a clip' => [['kind' => 'clip', 'asset' => 'f'], false],
    'a cover' => [['kind' => 'cover', 'front' => ['md' => 'A']], false],
    'a choice that speaks' => [['kind' => 'choice', 'md' => 'A', 'react' => [['say' => 'Hello.']]], false],
    'a choice that does nothing' => [['kind' => 'choice', 'md' => 'A', 'react' => []], true],
    'a lock with an open end' => [
        [
            'kind' => 'lock', 'ask' => 'A?', 'input' => ['type' => 'text'],
            'rules' => [['match' => ['equals' => 'x'], 'verdict' => 'open', 'go' => '']],
        ],
        true,
    ],
    'a lock that only asks' => [
        [
            'kind' => 'lock', 'ask' => 'A?', 'input' => ['type' => 'text'],
            'rules' => [['match' => ['equals' => 'x'], 'verdict' => 'open']],
        ],
        false,
    ],
    'a lock whose opening does something' => [
        [
            'kind' => 'lock', 'ask' => 'A?', 'input' => ['type' => 'text'],
            'rules' => [['match' => ['equals' => 'x'], 'verdict' => 'open', 'go' => '', 'do' => [['give' => 'k']]]],
        ],
        false,
    ],
]);
