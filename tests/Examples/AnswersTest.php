<?php

use Fravel\Answer\Refusal;
use Fravel\Support\Json;
use Tests\Support\Games;

/** @return array<string, array{array<string, mixed>}> */
function answerCases(string $file): array
{
    $cases = Json::readObject((string) file_get_contents(__DIR__."/{$file}"))['cases'];

    return array_map(static fn (array $case): array => [$case], array_column($cases, null, 'name'));
}

function expectVerdicts(array $case): void
{
    $lock = Games::of([['id' => 'room', 'things' => [$case['lock']]]], ['language' => $case['language']])->lock($case['lock']['id']);
    foreach ($case['answers'] as $expected) {
        $answer = $lock->accept($expected['with'], $case['language']);
        $rule = $answer instanceof Refusal ? null : $lock->ruleFor($answer) ?? 'otherwise';
        $verdict = match (true) {
            $rule === null => 'refused',
            $rule === 'otherwise' => 'wrong',
            default => $lock->rules[$rule]->verdict->value,
        };
        expect([$verdict, $rule])->toBe([$expected['verdict'], $expected['rule']], 'for '.Json::write($expected['with']));
    }
}

test('answers', fn (array $case) => expectVerdicts($case))->with(fn () => answerCases('answers.json'));

test('more answers', fn (array $case) => expectVerdicts($case))->with(fn () => answerCases('more-answers.json'));

test('every text matcher with every switch of cleaning', fn (array $case) => expectVerdicts($case))->with(fn () => answerCases('cleaning.json'));
