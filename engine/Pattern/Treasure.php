<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** A box with several locks; when all are open, what is inside is there. */
final class Treasure implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'treasure';
    }

    public function fields(): array
    {
        return [
            Field::line('title'),
            self::questions(),
            Field::text('inside', true),
        ];
    }

    private static function questions(): Field
    {
        return Field::questions('questions', ['question', 'answer', 'wrong']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $locks = array_map(static fn (Row $row): array => $builder->lock($row), $content->questions(self::questions()));
        $open = ['openOf' => array_column($locks, 'id'), 'atLeast' => count($locks)];
        $title = $content->text('title') === '' ? $builder->say('box') : $content->text('title');
        $builder->scene($builder->id('box'), $title, [
            ['if' => ['not' => $open]] + $builder->text($builder->say('boxShut', ['count' => count($locks)])),
            ['if' => $open] + $builder->text($content->text('inside')),
            ['if' => $open] + $builder->choice($builder->say('goOn'), PatternBuilder::ONWARD),
            ...$locks,
        ]);
    }
}
