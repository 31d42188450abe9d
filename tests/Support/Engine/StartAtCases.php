<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\State\EventKind;
use Tests\Support\Games;

/** What StartAtTest is about: games, and ways to ask. */
final class StartAtCases
{
    /** A hall that greets those who hold a lamp, and counts who comes in. */
    public static function greetingGame(): \Fravel\Document\GameDocument
    {
        return Games::of([
            ['id' => 'gate', 'things' => [Games::choice('in', ['go' => 'hall'])]],
            [
                'id' => 'hall',
                'arrive' => [
                    ['if' => ['has' => 'lamp'], 'say' => 'You bring light.', 'do' => [['add' => 'points', 'by' => 1]]],
                    ['say' => 'It is dark.'],
                ],
                'things' => [
                    Games::choice('show', ['go' => 'end']) + [
                        'if' => ['tally' => 'points', 'is' => '>=', 'value' => 3],
                    ],
                ],
            ],
            ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
        ], [
            'tokens' => [['id' => 'lamp', 'name' => 'Lamp', 'kind' => 'item']],
            'tallies' => [['id' => 'points', 'name' => 'Points', 'start' => 1, 'shown' => true]],
        ]);
    }

    /** @return list<string> */
    public static function saidBy(\Fravel\Play\Outcome $outcome): array
    {
        return array_values(
            array_map(
                fn (array $event): string => (string) $event[1],
                array_filter($outcome->eventList(), fn (array $event): bool => $event[0] === EventKind::Said->value),
            ),
        );
    }
}
