<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** Questions one after the other; each opens the way to the next. Each room is a chapter. */
final class Ladder implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'ladder';
    }

    public function fields(): array
    {
        return [self::questions()];
    }

    private static function questions(): Field
    {
        return Field::questions('questions', ['question', 'answer', 'wrong', 'room']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $rooms = $builder->byRoom($content->questions(self::questions()), $builder->say('questions'));
        $lines = array_map(static fn (array $rows): array => $builder->ids('question', count($rows)), $rooms);
        $onward = [...array_slice(array_column($lines, 0), 1), PatternBuilder::ONWARD];
        foreach (array_keys($rooms) as $place => $room) {
            $chapter = $builder->chapter((string) $room, $lines[$room][0]);
            $builder->line(
                $lines[$room],
                $rooms[$room],
                (string) $room,
                $onward[$place],
                static fn (Row $row, string $go): array => $builder->lock($row, ['go' => $go]),
                ['chapter' => $chapter],
            );
        }
    }
}
