<?php

use Fravel\Answer\Answer;
use Fravel\Check\Answers\Hiding;
use Fravel\Check\Answers\LockAnswers;
use Fravel\Check\Check;
use Tests\Support\Engine\AnswersProofCases;
use Tests\Support\Games;
use Tests\Support\RandomGames;

$numbers = [
    ['number' => 5], ['number' => 5, 'within' => 2], ['between' => [1, 4]], ['between' => [4, 9]], ['number' => 2.5],
    ['between' => [9, 1]], ['number' => 3, 'places' => 0],
];
$families = [
    'numbers' => [
        ['type' => 'number'], $numbers, array_map(static fn (int $n): string => (string) ($n / 8), range(-16, 100)),
    ],
    'words' => [
        ['type' => 'text'],
        [['equals' => 'ebb'], ['equals' => ['flow', 'ebb']], ['equals' => 'Tide'], ['anything' => true]],
        ['ebb', 'EBB', 'flow', 'tide', 'gull'],
    ],
    'numbers and words' => [
        ['type' => 'text'], [...$numbers, ['equals' => 'ebb']],
        ['ebb', 'gull', ...array_map(static fn (int $n): string => (string) ($n / 8), range(-16, 100))],
    ],
    'lengths' => [['type' => 'long'], [
        ['length' => ['min' => 3]], ['length' => ['min' => 5, 'max' => 9]], ['length' => ['min' => 2, 'of' => 'words']],
        ['length' => ['max' => 3, 'of' => 'words']],
    ],
        array_merge(
            ...array_map(
                static fn (int $c): array => [
                    '!'.str_repeat('!', $c),
                    ...array_map(
                        static fn (int $w): string => str_pad(trim(str_repeat('x ', $w)), $c, 'x'), range(1, 6),
                    ),
                ],
                range(1, 14),
            ),
        )],
    'codes' => [
        ['type' => 'digits', 'length' => 5],
        [
            ['equals' => '00042'], ['number' => 42], ['between' => [10, 50]], ['between' => [41.5, 41.9]],
            ['equals' => '99999'],
        ],
        array_map(
            static fn (int $n): string => str_pad((string) $n, 5, '0', STR_PAD_LEFT), [...range(0, 120), 99999, 70000],
        ),
    ],
    'orders' => [
        ['type' => 'order', 'items' => array_map(static fn (string $id): array => ['id' => $id], range('a', 'h'))],
        [['order' => range('a', 'h')], ['order' => range('h', 'a')], ['anything' => true]],
        [range('a', 'h'), range('h', 'a'), ['b', 'a', ...range('c', 'h')]],
    ],
    'areas' => [['type' => 'point'], [
        ['inside' => [[0.1, 0.1], [0.5, 0.1], [0.5, 0.5], [0.1, 0.5]]],
        ['inside' => [[0.3, 0.3], [0.9, 0.3], [0.9, 0.9]]],
        ['inside' => [[0.6, 0.0], [0.7, 0.0], [0.7, 1.0], [0.6, 1.0]]],
    ],
        array_merge(
            ...array_map(
                static fn (int $x): array => array_map(static fn (int $y): array => [$x / 40, $y / 40], range(0, 40)),
                range(0, 40),
            ),
        )],
];

it('decides exactly what numbers, sets, lengths and areas take, however they are joined', function (
    array $input, array $atoms, array $all,
): void {
    foreach (range(1, 60) as $seed) {
        $dice = new RandomGames($seed);
        $matches = array_map(static fn (): array => AnswersProofCases::drawnMatcher($dice, $atoms, 2), range(1, 3));
        $lock = AnswersProofCases::judged($matches, $input);
        $answers = LockAnswers::to($lock, 'en');
        $caught = [];
        foreach ($all as $sent) {
            $answer = $lock->accept($sent, 'en');
            $caught += $answer instanceof Answer ? [(string) $lock->ruleFor($answer) => true] : [];
        }
        expect($answers->isComplete)->toBeTrue();
        foreach (['', 0, 1, 2] as $rule) {
            $known = $answers->has($rule === '' ? null : $rule);
            $found = $lock->accept($answers->caughtBy($rule === '' ? null : $rule), 'en');
            // Whatever trying finds is known, and what is known is shown by an answer.
            expect(! isset($caught[$rule]) || $known)->toBeTrue(json_encode([$seed, $matches, $rule]))
                ->and(! $known || ($found instanceof Answer && (string) $lock->ruleFor($found) === (string) $rule))
                ->toBeTrue(json_encode([$seed, $matches, $rule]));
        }
    }
})->with($families);

it('never says surely what trying disproves', function (int $seed): void {
    $dice = new RandomGames($seed);
    $atoms = [
        ['has' => ['gull']], ['equals' => ['gull', '5', '-5']], ['number' => 5], ['between' => [-9, 3]],
        ['length' => ['min' => 4]], ['like' => 'g*'], ['close' => 'gull'], ['form' => 'whole'], ['pattern' => '-?\d+'],
        ['hasAll' => ['herring', 'gull']], ['length' => ['max' => 2]],
    ];
    $lock = AnswersProofCases::judged(
        array_map(static fn (): array => AnswersProofCases::drawnMatcher($dice, $atoms, 2), range(1, 3)),
        ['type' => 'text'],
    );
    foreach (
        [
            'gull', 'gulls', 'herring gull', 'gull herring', '5', '-5', '5.0', '0005', '3', '-9', 'x', 'g', 'xxxx',
            'the gull flies', '5 gulls', '-5!', 'ga',
        ] as $sent
    ) {
        $rule = $lock->ruleFor($lock->accept($sent, 'en'));
        expect($rule === null || ! Hiding::isIdle($lock, $rule, 'en'))->toBeTrue("{$sent} is caught by rule {$rule}");
    }
})->with(range(1, 150));

it('knows a lock that nothing can open', function (array $match, array $input = ['type' => 'text']): void {
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [
                [
                    'input' => $input, 'rules' => [['match' => $match, 'verdict' => 'open', 'go' => 'end']],
                ] + Games::lock('l', ''),
            ],
        ],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);
    $report = Check::of($game);

    expect($report->isProved)->toBeTrue()->and(array_column($report->findings, 'code'))
        ->toContain('lock.never-opens', 'ending.unreachable');
})->with([
    'a number outside its range' => [['all' => [['between' => [10, 20]], ['number' => 5]]]],
    'two words at once' => [['all' => [['equals' => 'ebb'], ['equals' => 'flow']]]],
    'neither here nor there' => [['all' => [['not' => ['between' => [0, 9]]], ['number' => 4]]], ['type' => 'number']],
    'longer and shorter' => [['all' => [['length' => ['min' => 9]], ['length' => ['max' => 4]]]], ['type' => 'long']],
    'a part of a whole number' => [['between' => [41.2, 41.8]], ['type' => 'digits', 'length' => 6]],
    'areas that do not meet' => [
        ['all' => [['inside' => [[0, 0], [0.2, 0], [0.2, 0.2]]], ['inside' => [[0.5, 0.5], [0.9, 0.5], [0.9, 0.9]]]]],
        ['type' => 'point'],
    ],
]);

it('finds an answer to a pattern, where it can read it', function (string $pattern): void {
    expect(
        LockAnswers::to(AnswersProofCases::judged([['pattern' => $pattern]], ['type' => 'text']), 'en')->has(0),
    )->toBeTrue();
})->with([
    '\d{3}', '[A-Z]{2}-\d+', '(ebb|flow) tide', 'col(ou|o)r', '(?i:north)\s*wind', '[^0-9]+', '\p{Lu}\p{L}*', 'a.c',
    '(?:x|y){2,3}z?', '[[:digit:]]+ cm', '\x41bc', '(?<n>7)',
]);
