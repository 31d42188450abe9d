<?php

use Fravel\Check\Check;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Blank;
use Fravel\Edit\Edited;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Fravel\Support\Json;
use Tests\Support\Engine\PatternCases;
use Tests\Support\Plays;

it('builds a sound game from every pattern', function (Pattern $pattern): void {
    $game = PatternCases::builtAlone($pattern->name(), PatternCases::patternWords('sample'));
    $verdicts = Check::of($game);

    expect(Validation::ofShape($game->document))->toBe([])->and($verdicts->isProved)->toBeTrue()
        ->and(array_filter($verdicts->findings, fn ($finding) => $finding->severity->value === 'error'))->toBe([]);
})->with(fn () => array_map(fn (Pattern $pattern): array => [$pattern], Patterns::all()));

it('builds into a game behind a scene, leads on to where that led, and is undone byte for byte', function (
    Pattern $pattern,
): void {
    $blank = Blank::game('Two', ['scene' => 'One', 'hello' => ''], 'en');
    $blank['scenes'][0]['next'] = [['go' => 'two']];
    $blank['scenes'][] = [
        'id' => 'two', 'title' => 'Two', 'layout' => 'page', 'things' => [], 'ending' => ['kind' => 'won', 'md' => ''],
    ];
    $game = GameDocument::of($blank);
    $edited = Build::into(
        $game, $pattern, new Content(PatternCases::patternWords('sample'), 'en'), PatternCases::patternWords('words'),
        new TeacherDefaults, 'first-scene',
    )?->apply($game);

    expect($edited)->toBeInstanceOf(Edited::class);
    $scenes = $edited->game->document['scenes'];
    expect($scenes[0]['next'][0]['go'])->toBe($scenes[1]['id'])->and(end($scenes)['id'])->toBe('two')
        ->and(str_contains(Json::write($scenes), '@onward'))->toBeFalse()
        ->and(Json::write($edited->inverse->apply($edited->game)->game->document))->toBe(Json::write($blank));
})->with(fn () => array_map(fn (Pattern $pattern): array => [$pattern], Patterns::all()));

it('builds nothing while something is lacking', function (): void {
    expect(PatternCases::builtAlone('ladder', ['questions' => 'only a question']))->toBeNull()
        ->and(PatternCases::builtAlone('keypad', ['ask' => 'The code?']))->toBeNull()
        ->and(PatternCases::builtAlone('ways', ['problem' => 'Fog.', 'ways' => 'only one way']))->toBeNull();
});

it('uses what a teacher usually wants', function (): void {
    $lock = PatternCases::builtAlone(
        'ladder', ['questions' => "What bends light?\ta lens"],
        new TeacherDefaults('Well read.', 'Look closer.', 4, 30),
    )->document['scenes'][0]['things'][0];

    expect($lock['rules'][0]['say'])->toBe('Well read.')->and($lock['otherwise'][0]['say'])->toBe('Look closer.')
        ->and($lock['guard'])->toBe(['tries' => 4, 'wait' => 30]);
});

it('leads back to the start of a gauntlet on any wrong answer, with every lock shut again', function (): void {
    $game = PatternCases::builtAlone('gauntlet', ['questions' => "One?\tred\nTwo?\tblue"]);
    $scenes = array_column($game->document['scenes'], 'id');
    $locks = PatternCases::idsOfKind($game, 'lock');
    $state = Plays::through(
        $game,
        [
            ['choose' => PatternCases::idsOfKind($game, 'choice')[0]], ['answer' => $locks[0], 'with' => 'red'],
            ['answer' => $locks[1], 'with' => 'green'],
        ],
    )->state;

    expect($state->scene)->toBe($scenes[0])->and($state->isOpen($locks[0]))->toBeFalse();
});

it('counts options for outcomes, and the highest wins', function (): void {
    $game = PatternCases::builtAlone(
        'quiz', ['outcomes' => "Keeper\nPilot", 'quizQuestions' => "One?\ta\tb\nTwo?\ta\tb\nThree?\ta\tb"],
    );
    $locks = array_map(fn (array $scene): array => $scene['things'][0], array_slice($game->document['scenes'], 0, 3));
    $pick = fn (int $lock, int $option): array => [
        'answer' => $locks[$lock]['id'], 'with' => $locks[$lock]['input']['options'][$option]['id'],
    ];
    $state = Plays::through($game, [$pick(0, 1), $pick(1, 0), $pick(2, 1)])->state;

    expect($game->scene($state->scene)?->title)->toBe('Pilot');
});

it('gives a tie to whom the teacher says', function (string $ties, string $scene, array $shown): void {
    $game = PatternCases::builtAlone('quiz', [
        'outcomes' => "Keeper\tStays.\nPilot\nCook", 'quizQuestions' => "One?\ta\tb\tc\nTwo?\ta\tb\tc", 'ties' => $ties,
    ]);
    $locks = array_map(fn (array $scene): array => $scene['things'][0], array_slice($game->document['scenes'], 0, 2));
    $state = Plays::through($game, array_map(static fn (array $lock, int $option): array => [
        'answer' => $lock['id'], 'with' => $lock['input']['options'][$option]['id'],
    ], $locks, [1, 0]))->state;
    $things = Fravel\Thing\Things::shown($game->scene($state->scene)->things, $state, 0);

    expect($game->scene($state->scene)->title)->toBe($scene)
        ->and(array_map(static fn (Fravel\Thing\Thing $thing): string => strtok($thing->words()[0]->md, "\n"), $things))
        ->toBe($shown);
})->with([
    'the first' => ['earlier', 'Keeper', []], 'all of them' => ['each', 'The result', ['## Keeper', '## Pilot']],
    'a question' => [
        'asked', 'Which fits you best?', ['Several fit equally well. Choose one.', 'Keeper', 'Pilot'],
    ],
]);

it('leads on by what was right at first try, and else back to practise with every lock shut', function (): void {
    $game = PatternCases::builtAlone(
        'practice', ['practice' => "One?\tred\nTwo?\tblue", 'revise' => 'Look.', 'least' => '2'],
    );
    [$one, $two] = PatternCases::idsOfKind($game, 'lock');
    $answer = fn (string $lock, string $with): array => ['answer' => $lock, 'with' => $with];
    $low = Plays::through($game, [$answer($one, 'green'), $answer($one, 'red'), $answer($two, 'blue')])->state;
    $again = Plays::through(
        $game,
        [
            $answer($one, 'green'), $answer($one, 'red'), $answer($two, 'blue'),
            ['choose' => PatternCases::idsOfKind($game, 'choice')[0]], $answer($one, 'red'), $answer($two, 'blue'),
        ],
    )->state;

    expect($game->scene($low->scene)?->title)->toBe('To revise')->and($game->scene($again->scene)?->title)
        ->toBe('The way out');
});

it('puts the picture that a question names above it', function (): void {
    $content = [
        'practice' => "What is this? Old Quay.png\tthe quay\tthe tower\nlens\tred\nIs it quayside.png?\tno",
        'questionPictures' => "old quay\tp1\nlens\tp2\nquay\tp3", 'revise' => 'Look.',
    ];
    $game = PatternCases::builtAlone('practice', $content);
    $scenes = array_slice(array_column($game->document['scenes'], 'things'), 0, 3);
    $account = Patterns::named('practice')->account(
        new Content($content, 'en'), Patterns::named('practice')->fields()[0],
    );

    expect(array_map(static fn (array $things): array => array_column($things, 'asset'), $scenes))
        ->toBe([['p1'], ['p2'], []])
        ->and(array_map(static fn (array $things): string => end($things)['ask'], $scenes))
        ->toBe(['What is this?', 'What is this?', 'Is it quayside.png?'])
        ->and($account->cells()[0]->said?->code)->toBe('rows.pictured');
});

it('gives a game without an ending one, and one that has an ending none', function (bool $ends): void {
    $document = Blank::game('Two', ['scene' => 'One', 'hello' => ''], 'en');
    $document['scenes'][] = [
        'id' => 'two', 'title' => 'Two', 'layout' => 'page', 'things' => [],
    ] + ($ends ? ['ending' => ['kind' => 'won', 'md' => '']] : []);
    $game = GameDocument::of($document);
    $built = Build::into(
        $game, Patterns::named('ladder'), new Content(['questions' => "One?\tred"], 'en'),
        PatternCases::patternWords('words'), new TeacherDefaults, 'first-scene',
    )?->apply($game);
    $endings = array_filter($built->game->scenes(), fn ($scene): bool => $scene->ending !== null);

    expect($endings)->toHaveCount(1)
        ->and(isset($endings[array_key_last($endings)]) && $endings[array_key_last($endings)]->id === 'two')
        ->toBe($ends);
})->with([true, false]);

it('puts the ending it makes into the chapter that leads there', function (
    string $pattern, array $given, ?string $chapter,
): void {
    $game = PatternCases::builtAlone($pattern, $given);
    $ending = array_values(array_filter($game->scenes(), fn ($scene): bool => $scene->ending !== null))[0];

    expect($game->chapterOf($ending->id) === null ? null : $game->chapters()[$game->chapterOf($ending->id)]->title)
        ->toBe($chapter);
})->with([
    'the last room' => ['ladder', ['questions' => "One?\tred\t\tQuay\nTwo?\tblue\t\tTower"], 'Tower'],
    'the only chapter' => ['gauntlet', ['title' => 'In one go', 'questions' => "One?\tred"], 'In one go'],
    'no chapter' => ['treasure', ['questions' => "One?\tred", 'inside' => 'A lens.'], null],
]);

it('draws a code of its own each time, a digit for each question', function (): void {
    $given = ['questions' => "One?\tred\t\tQuay\nTwo?\tblue\t\tQuay\nThree?\tx\t\tTower"];
    $doors = fn (): array => array_map(
        fn (array $scene): string => end($scene['things'])['rules'][0]['match']['equals'][0],
        array_slice(PatternCases::builtAlone('rooms', $given)->document['scenes'], 0, 2),
    );
    $codes = array_map($doors, range(1, 12));

    expect(array_map(strlen(...), $codes[0]))->toBe([2, 1])->and(count(array_unique(array_column($codes, 0))))
        ->toBeGreaterThan(3);
});

it('opens the door of a room only to those who hold every clue of it', function (): void {
    $game = PatternCases::builtAlone('rooms', ['questions' => "One?\tred\t\tQuay\nTwo?\tblue\t\tQuay"]);
    $door = $game->document['scenes'][0]['things'][2];
    $code = ['answer' => $door['id'], 'with' => $door['rules'][0]['match']['equals'][0]];
    $answers = [
        ['answer' => PatternCases::idsOfKind($game, 'lock')[0], 'with' => 'red'],
        ['answer' => PatternCases::idsOfKind($game, 'lock')[1], 'with' => 'blue'],
    ];

    expect(Plays::through($game, [$answers[0], $code])->state->isOpen($door['id']))->toBeFalse()
        ->and(Plays::through($game, [...$answers, $code])->state->isOpen($door['id']))->toBeTrue();
});

it('leads back from a way that fails, and to the end from the others', function (): void {
    $words = (require dirname(__DIR__, 3).'/lang/en/made.php')['pattern'];
    $game = GameDocument::of(
        (array) Build::alone(
            Patterns::named('ways'),
            new Content(['problem' => 'Fog.', 'ways' => "Lamp\tIt burns.\nShout\tNobody hears.\tback\n"
                ."Wait\tToo late.\tThe ferry turns."], 'en'),
            $words, new TeacherDefaults,
        ),
    );
    $report = Check::of($game);

    expect($report->isProved)->toBeTrue()->and($report->hasErrors())->toBeFalse()
        ->and(array_map(static fn ($scene): ?string => $scene->ending?->kind, $game->scenes()))
        ->toBe([null, null, null, 'open', 'won'])
        ->and($game->scenes()[2]->things[1]->react[0]->go->to)->toBe($game->start());
});

it('takes codes that the teacher chose, and says where one has too few figures', function (
    string $codes, ?string $fault, array $expected,
): void {
    $content = new Content(
        ['codes' => $codes, 'questions' => "1 + 1\t2\t\tHall\n2 + 2\t4\t\tHall\n3 + 3\t6\t\tAttic"], 'en',
    );
    $built = Build::alone(
        Patterns::named('rooms'), $content, (require dirname(__DIR__, 3).'/lang/en/made.php')['pattern'],
        new TeacherDefaults,
    );
    $doors = array_map(
        static fn (array $scene): string => end($scene['things'])['rules'][0]['match']['equals'][0],
        array_slice($built['scenes'] ?? [], 0, 2),
    );

    expect(Patterns::named('rooms')->faultIn($content))->toBe($fault);
    foreach ($expected as $place => $code) {
        expect($doors[$place])->toMatch($code);
    }
})->with([
    'both' => ['317, 8', null, ['/^317$/', '/^8$/']],
    'the first only' => ['42', null, ['/^42$/', '/^\d$/']],
    'none' => ['', null, ['/^\d\d$/', '/^\d$/']],
    'too few figures' => ['5, 8', 'codes', []],
]);

it('gives the game the title that it begins with', function (): void {
    $blank = GameDocument::of(Blank::game('Untitled', ['scene' => 'One', 'hello' => 'Hello']));
    $into = static fn (GameDocument $game, string $title): string => Build::into(
        $game, Patterns::named('keypad'), new Content(['ask' => 'Code?', 'code' => '12'], 'en'), [],
        new TeacherDefaults, null, title: $title,
    )
        ->apply($game)->game->title();

    expect($into($blank, 'The cellar'))->toBe('The cellar')->and($into($blank, ''))->toBe('Untitled')
        ->and($into(GameDocument::of(Tests\Support\Games::twoRooms()), 'The cellar'))->toBe('Two rooms');
});
