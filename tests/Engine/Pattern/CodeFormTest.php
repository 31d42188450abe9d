<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Engine\PatternCases;
use Tests\Support\Plays;

it('builds a door that opens on just the code that was given', function (
    string $code, string $type, mixed $right, array $wrong,
): void {
    $built = Build::alone(
        Patterns::named('keypad'), new Content(['ask' => 'What opens it?', 'code' => $code], 'en'),
        PatternCases::patternWords('words'), new TeacherDefaults(),
    );
    $game = GameDocument::of($built ?? []);
    $lock = $built['scenes'][0]['things'][0];
    $signs = array_column($lock['input']['keys'] ?? [], 'id', 'md');
    $sent = is_array($right) ? array_map(static fn (string $sign): string => $signs[$sign], $right) : $right;
    $played = static fn (mixed $with): ?string => Plays::through(
        $game, [['answer' => $lock['id'], 'with' => $with], ['continue' => true]],
    )->state->ended;

    expect($lock['input']['type'])->toBe($type)->and($played($sent))->toBe('won')
        ->and(array_filter(array_map($played, $wrong)))->toBe([])
        ->and(array_filter(Check::of($game)->findings, fn (Finding $one): bool => $one->severity->value === 'error'))
        ->toBe([]);
})->with([
    'digits' => ['0917', 'digits', '0917', ['0000', '0918']],
    'digits with blanks' => ['0 9 1 7', 'digits', '0917', ['0000']],
    'a word' => ['LANTERN', 'text', 'lantern', ['0000', 'lamp']],
    'letters and digits' => ['12-AB', 'text', '12-ab', ['12', '0000']],
    'arrows' => ['↑→↓', 'arrows', 'URD', ['0000', 'UUU']],
    'signs' => ['♀ ☿ ♂', 'keys', ['♀', '☿', '♂'], ['0000']],
    'a sign twice' => ['♀/♀/♂', 'keys', ['♀', '♀', '♂'], []],
    'drawn signs' => ['🐙🦀', 'keys', ['🐙', '🦀'], []],
    'a sum' => ['2x + 6', 'text', '2x+6', ['2x-6', '26']],
]);

it('puts other signs beside those of a code, in an order that tells nothing', function (): void {
    $orders = [];
    foreach (range(1, 8) as $seed) {
        $built = Build::alone(
            Patterns::named('keypad'), new Content(['ask' => 'Which?', 'code' => '♀☿'], 'en'), [],
            new TeacherDefaults(),
            new Random\Randomizer(new Random\Engine\Mt19937($seed)),
        );
        $orders[] = implode('', array_column($built['scenes'][0]['things'][0]['input']['keys'], 'md'));
    }
    expect(count(array_unique($orders)))->toBeGreaterThan(1)->and(min(array_map(mb_strlen(...), $orders)))->toBe(9);
});

it('says which codes the doors of rooms can’t have', function (string $codes, ?string $fault): void {
    $content = new Content(['questions' => "a?\tx\t\tOne\nb?\ty\t\tTwo", 'codes' => $codes], 'en');
    expect(Patterns::named('rooms')?->faultIn($content))->toBe($fault);
})->with([['12, 34', null], ['♀, 34', 'codeDigits'], ['LAMP', 'codeDigits'], ['1, 2, 3', 'codesMany'], ['', null]]);
