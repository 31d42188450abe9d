<?php

declare(strict_types=1);

namespace Tests\Support\Examples;

use Fravel\Answer\Refusal;
use Fravel\Support\Json;
use Tests\Support\Games;

/** What AnswersTest is about: games, and ways to ask. */
final class AnswersCases
{
    /** @return array<string, array{array<string, mixed>}> */
    public static function answerCases(string $file): array
    {
        $cases = Json::readObject((string) file_get_contents(dirname(__DIR__, 2)."/Examples/{$file}"))['cases'];

        return array_map(static fn (array $case): array => [$case], array_column($cases, null, 'name'));
    }

    public static function expectVerdicts(array $case): void
    {
        $lock = Games::of([['id' => 'room', 'things' => [$case['lock']]]], ['language' => $case['language']])
            ->lock($case['lock']['id']);
        foreach ($case['answers'] as $expected) {
            $answer = $lock->accept($expected['with'], $case['language']);
            $rule = $answer instanceof Refusal ? null : $lock->ruleFor($answer) ?? 'otherwise';
            $verdict = match (true) {
                $rule === null => 'refused',
                $rule === 'otherwise' => 'wrong',
                default => $lock->rules[$rule]->verdict->value,
            };
            expect([$verdict, $rule])
                ->toBe([$expected['verdict'], $expected['rule']], 'for '.Json::write($expected['with']));
        }
    }
}
