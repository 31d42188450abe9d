<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\CheckReport;
use Fravel\Check\Finding;
use Tests\Support\Games;

/** What CheckTest is about: games, and ways to ask. */
final class CheckCases
{
    /** @return list<string> */
    public static function codesOf(CheckReport $verdicts): array
    {
        return array_map(static fn (Finding $finding): string => $finding->code, $verdicts->findings);
    }

    /** @return array<string, mixed> a hub of so many topics in any order, with a gate that wants all their stamps */
    public static function hubOf(int $topics, string $gate = 'hasOf'): array
    {
        $stamps = array_map(static fn (int $number): string => "stamp{$number}", range(1, $topics));
        $choices = array_map(
            static fn (int $number): array => Games::choice("to{$number}", ['go' => "topic{$number}"]),
            range(1, $topics),
        );
        $scenes = array_map(static fn (int $number): array => [
            'id' => "topic{$number}",
            'things' => [
                Games::lock(
                    "q{$number}", "answer{$number}", [], ['go' => 'hub', 'do' => [['give' => "stamp{$number}"]]],
                ),
            ],
        ], range(1, $topics));
        $needs = $gate === 'hasOf'
            ? ['hasOf' => $stamps, 'atLeast' => $topics]
            : ['all' => array_map(static fn (string $stamp): array => ['has' => $stamp], $stamps)];

        return Games::document([
            ['id' => 'hub', 'things' => [...$choices, Games::choice('to-end', ['go' => 'end'])]],
            ...$scenes,
            [
                'id' => 'end', 'needs' => $needs, 'refused' => [['say' => 'All stamps first.']],
                'ending' => ['kind' => 'won', 'md' => 'Done.'],
            ],
        ], [
            'tokens' => array_map(
                static fn (string $stamp): array => ['id' => $stamp, 'name' => $stamp, 'kind' => 'badge'], $stamps,
            ),
        ]);
    }
}
