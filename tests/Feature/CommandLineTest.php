<?php

use Fravel\Support\Json;
use Tests\Support\Feature\CommandLineCases;
use Tests\Support\Games;

it('validates a sound game and says so', function (): void {
    [$code, $output] = CommandLineCases::fravel(['validate', CommandLineCases::fileOf(Games::twoRooms()), '--json']);

    expect($code)->toBe(0)->and(json_decode($output, true))->toBe(['valid' => true, 'errors' => []]);
});

it('names each error with its pointer and words', function (): void {
    [$code, $output] = CommandLineCases::fravel([
        'validate',
        CommandLineCases::fileOf(
            array_replace_recursive(
                Games::twoRooms(), ['scenes' => [1 => ['things' => [['react' => ['go' => 'attic']]]]]],
            ),
        ),
        '--json',
    ]);

    expect($code)->toBe(1)->and(json_decode($output, true)['errors'])->toBe([
        [
            'code' => 'route.missing', 'pointer' => '/scenes/1/things/0/react/go',
            'message' => 'This leads to the scene "attic", and there is none.',
        ],
    ]);
});

it('tries an answer, given as JSON or as plain text', function (
    string $answer, string $verdict, int|string|null $rule,
): void {
    [$code, $output] = CommandLineCases::fravel([
        'answer', CommandLineCases::fileOf(Games::twoRooms()), 'door', $answer, '--json',
    ]);
    $told = json_decode($output, true);

    expect($code)->toBe(0)->and([$told['verdict'], $told['rule']])->toBe([$verdict, $rule]);
})->with([
    ['gannet', 'open', 0],
    ['"gannet"', 'open', 0],
    ['gull', 'wrong', 'otherwise'],
    ['0917', 'wrong', 'otherwise'],
    ['', 'refused', null],
    ['["gannet"]', 'refused', null],
]);

it('keeps the digits of a code that looks like a number', function (): void {
    $lock = [
        'input' => ['type' => 'digits', 'length' => 4],
        'rules' => [['match' => ['equals' => '0917'], 'verdict' => 'open']],
    ] + Games::lock('safe', '');
    [, $output] = CommandLineCases::fravel([
        'answer', CommandLineCases::fileOf(Games::document([['id' => 'a', 'things' => [$lock]]])), 'safe', '0917',
        '--json',
    ]);

    expect(json_decode($output, true)['verdict'])->toBe('open');
});

it('plays a list of actions', function (): void {
    $actions = CommandLineCases::fileOf(
        [
            ['answer' => 'door', 'with' => 'gull'], ['after' => 5, 'answer' => 'door', 'with' => 'gannet'],
            ['jump' => 'x'], ['choose' => 'leave'],
        ],
        'actions.json',
    );
    [$code, $output] = CommandLineCases::fravel([
        'play', CommandLineCases::fileOf(Games::twoRooms()), '--actions', $actions, '--seed', '3', '--json',
    ]);
    $told = json_decode($output, true);

    expect($code)->toBe(0)
        ->and($told['state'])
        ->toBe([
            'scene' => 'end', 'tokens' => ['lamp'], 'tallies' => [], 'open' => ['door'], 'tries' => ['door' => 1],
            'lifted' => [], 'ended' => 'won',
        ])
        ->and($told['events'][0])->toBe(['entered', 'hall'])
        ->and($told['events'])->toContain(['refused', 'action.unknown', []]);
});

it('tells what is decided and ruled out, where something is', function (): void {
    $game = Games::document(
        [['id' => 'a', 'things' => [Games::choice('go', ['do' => [['must' => 'bold'], ['never' => 'calm']]])]]],
        [
            'tallies' => [
                ['id' => 'bold', 'name' => 'Bold', 'start' => 0], ['id' => 'calm', 'name' => 'Calm', 'start' => 0],
            ],
        ],
    );
    [, $output] = CommandLineCases::fravel([
        'play', CommandLineCases::fileOf($game), '--actions',
        CommandLineCases::fileOf([['choose' => 'go']], 'actions.json'), '--json',
    ]);
    $state = json_decode($output, true)['state'];

    expect([$state['decided'], $state['ruledOut']])->toBe([['bold'], ['calm']]);
});

it('reads a package', function (): void {
    $path = sys_get_temp_dir().'/fravel-cli-'.getmypid().'.fravel';
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
    $zip->addFromString('game.json', Json::write(Games::twoRooms()));
    $zip->close();

    expect(CommandLineCases::fravel(['validate', $path])[0])->toBe(0);
});

it('says what it can’t read, and ends with 2', function (array $words, string $says): void {
    [$code, , $errors] = CommandLineCases::fravel($words);

    expect($code)->toBe(2)->and($errors)->toContain($says);
})->with([
    'no such file' => [['validate', '/nowhere.json'], 'There is no file /nowhere.json.'],
    'no JSON' => fn () => [['validate', CommandLineCases::fileOf('{"fravel":', 'broken.json')], 'syntax error'],
    'no game' => fn () => [
        ['answer', CommandLineCases::fileOf(['fravel' => 1], 'poor.json'), 'l', 'x'], 'no sound game document',
    ],
    'no list of actions' => fn () => [
        [
            'play', CommandLineCases::fileOf(Games::twoRooms()), '--actions',
            CommandLineCases::fileOf(['a' => 1], 'none.json'),
        ],
        'no list of actions',
    ],
    'an empty package' => fn () => [
        ['validate', CommandLineCases::fileOf("PK\x03\x04", 'empty.fravel')], 'without a game.json',
    ],
    'no file at all' => [['play'], 'Not enough arguments'],
    'no such verb' => [['fly'], 'no verb "fly"'],
]);

it('says what there is when it is called alone', function (): void {
    [$code, $output] = CommandLineCases::fravel([]);

    expect($code)->toBe(0)->and($output)->toContain('./fravel demo')->toContain('./fravel test');
});

it('finds with check where a walkthrough parts, with the actions that show it', function (): void {
    $walkthrough = [
        'id' => 'walk', 'name' => 'The way',
        'steps' => [['answer' => 'door', 'with' => 'gannet', 'at' => 'store'], ['choose' => 'leave', 'at' => 'attic']],
    ];
    [$code, $output] = CommandLineCases::fravel([
        'check', CommandLineCases::fileOf(['walkthroughs' => [$walkthrough]] + Games::twoRooms()), '--json',
    ]);
    $found = array_values(
        array_filter(
            json_decode($output, true)['findings'],
            fn (array $finding): bool => $finding['code'] === 'walkthrough.parts',
        ),
    );

    expect($code)->toBe(0)->and($found[0]['message'])
        ->toBe(
            'The walkthrough “The way” no longer holds: step 2 led to a scene that is not there any more, now it ends '
                .'at “End”.',
        )
        ->and($found[0]['where'])->toBe(['walk', 'end']);
});

it('says of a package what is too much of it, and reads no more', function (callable $fill, string $words): void {
    $path = sys_get_temp_dir().'/fravel-cli-'.getmypid().'-bomb.fravel';
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
    $fill($zip);
    $zip->close();
    [$code, , $errors] = CommandLineCases::fravel(['check', $path]);
    unlink($path);
    expect($code)->toBe(2)->and($errors)->toContain($words);
})->with([
    'a document that swells' => [
        fn (ZipArchive $zip) => $zip->addFromString('game.json', '['.str_repeat('[],', 3_000_000).'[]]'), 'swells',
    ],
    'values without end' => [
        fn (ZipArchive $zip) => $zip->addFromString(
            'game.json', '{"x":['.implode(',', array_map(fn (int $n): string => "[{$n}]", range(1, 500_000))).']}',
        ),
        'more values than 600000',
    ],
    'files without end' => [function (ZipArchive $zip): void {
        foreach (range(1, 5001) as $number) {
            $zip->addFromString("assets/{$number}", '');
        }
    }, 'more than 5000 files'],
    'no game' => [fn (ZipArchive $zip) => $zip->addFromString('other.json', '{}'), 'without a game.json'],
]);
