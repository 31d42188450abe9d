<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** A box with several locks; when all are open, what is inside is there. */
final class Treasure implements Pattern
{
    public function name(): string
    {
        return 'treasure';
    }

    public function fields(): array
    {
        return [Field::line('title'), Field::questions('questions', ['question', 'answer', 'wrong']), Field::text('inside', true)];
    }

    public function build(Content $content, PatternBuilder $site): void
    {
        $locks = array_map(static fn (Row $row): array => $site->lock($row), $content->questions('questions'));
        $open = ['openOf' => array_column($locks, 'id'), 'atLeast' => count($locks)];
        $title = $content->text('title') === '' ? $site->say('box') : $content->text('title');
        $site->scene($site->id('box'), $title, [
            ['if' => ['not' => $open]] + $site->text($site->say('boxShut', ['count' => count($locks)])),
            ['if' => $open] + $site->text($content->text('inside')),
            ['if' => $open] + $site->choice($site->say('goOn'), PatternBuilder::ONWARD),
            ...$locks,
        ]);
    }
}
