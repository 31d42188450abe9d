<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** Rooms in a row: each question of a room opens on a clue, a digit; all digits of a room open its door. */
final class Rooms implements Pattern
{
    public function name(): string
    {
        return 'rooms';
    }

    public function fields(): array
    {
        return [Field::questions('questions', ['question', 'answer', 'wrong', 'room'])];
    }

    public function build(Content $content, PatternBuilder $site): void
    {
        $rooms = $site->byRoom($content->questions('questions'), $site->say('room'));
        $ids = array_map(static fn (): string => $site->id('room'), $rooms);
        $onward = [...array_slice(array_values($ids), 1), PatternBuilder::ONWARD];
        foreach (array_keys($rooms) as $place => $room) {
            $chapter = $site->chapter((string) $room, $ids[$room]);
            $site->scene($ids[$room], (string) $room, self::room($site, (string) $room, $rooms[$room], $onward[$place]), ['chapter' => $chapter]);
        }
    }

    /**
     * @param  list<Row>  $rows
     * @return list<array<string, mixed>>
     */
    private static function room(PatternBuilder $site, string $room, array $rows, string $onward): array
    {
        $rows = array_slice($rows, 0, 20);
        [$code, $clues, $locks] = ['', [], []];
        foreach ($rows as $place => $row) {
            $digit = $site->digit();
            $code .= $digit;
            $clues[] = $clue = $site->token($site->say('clue', ['number' => $place + 1, 'room' => $room, 'digit' => $digit]), 'clue');
            $locks[] = $site->lock($row, ['say' => $site->say('clueFound', ['number' => $place + 1, 'digit' => $digit]), 'do' => [['give' => $clue]]]);
        }
        $door = $site->code($site->say('roomCode'), $code, $site->say('roomCodeWrong'), ['say' => $site->say('doorOpens'), 'go' => $onward]);

        return [...$locks, ['label' => $site->say('doorOf', ['room' => $room]), 'needs' => ['hasOf' => $clues, 'atLeast' => count($clues)]] + $door];
    }
}
