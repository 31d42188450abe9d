<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** Questions one after the other; each opens the way to the next. Each room is a chapter. */
final class Ladder implements Pattern
{
    public function name(): string
    {
        return 'ladder';
    }

    public function fields(): array
    {
        return [Field::questions('questions', ['question', 'answer', 'wrong', 'room'])];
    }

    public function build(Content $content, PatternBuilder $site): void
    {
        $rooms = $site->byRoom($content->questions('questions'), $site->say('questions'));
        $lines = array_map(static fn (array $rows): array => $site->ids('question', count($rows)), $rooms);
        $onward = [...array_slice(array_column($lines, 0), 1), PatternBuilder::ONWARD];
        foreach (array_keys($rooms) as $place => $room) {
            $chapter = $site->chapter((string) $room, $lines[$room][0]);
            $site->line($lines[$room], $rooms[$room], (string) $room, $onward[$place], static fn (Row $row, string $go): array => $site->lock($row, ['go' => $go]), ['chapter' => $chapter]);
        }
    }
}
