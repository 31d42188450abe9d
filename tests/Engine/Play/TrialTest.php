<?php

use Fravel\Play\Trial;
use Fravel\State\Verdict;
use Tests\Support\Games;

it('tells what a fresh lock makes of an answer', function (
    string $typed, ?int $rule, Verdict $verdict, string $say, ?string $go,
): void {
    $lock = Games::of([['id' => 'a', 'things' => [[
        'rules' => [
            ['match' => ['equals' => 'herring gull'], 'verdict' => 'open', 'say' => 'Yes.', 'go' => 'b'],
            ['match' => ['has' => ['gull']], 'verdict' => 'almost', 'say' => 'Which one?'],
        ],
        'otherwise' => [
            ['if' => ['tries' => 'l', 'is' => '>=', 'value' => 2], 'say' => 'It is white.'],
            ['say' => 'No.', 'go' => '@stay'],
        ],
    ] + Games::lock('l', '')]]])->lock('l');
    $trial = Trial::of($lock, $lock->accept($typed, 'en'));

    expect([$trial->rule, $trial->verdict, $trial->say, $trial->go])->toBe([$rule, $verdict, $say, $go]);
})->with([
    ['Herring Gull', 0, Verdict::Open, 'Yes.', 'b'],
    ['a gull', 1, Verdict::Almost, 'Which one?', null],
    ['tern', null, Verdict::Wrong, 'No.', '@stay'],
]);

it('counts the present try for feedback from the first try on', function (): void {
    $otherwise = [['if' => ['tries' => 'l', 'is' => '>=', 'value' => 1], 'say' => 'First try.'], ['say' => 'Never.']];
    $lock = Games::of([['id' => 'a', 'things' => [['otherwise' => $otherwise] + Games::lock('l', 'x')]]])->lock('l');

    expect(Trial::of($lock, $lock->accept('no', 'en'))->say)->toBe('First try.');
});
