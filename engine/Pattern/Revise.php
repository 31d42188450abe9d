<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** Questions with a page to revise: a wrong answer leads there, and from there back to the question or on to the next. */
final class Revise implements Pattern
{
    public function name(): string
    {
        return 'revise';
    }

    public function fields(): array
    {
        return [Field::questions('questions', ['question', 'answer', 'revise']), Field::choice('then', ['same', 'next'])];
    }

    public function build(Content $content, PatternBuilder $site): void
    {
        $rows = $content->questions('questions');
        $title = $site->say('question');
        $ids = $site->ids('question', count($rows));
        $pages = $site->ids('revise', count($rows));
        $again = $content->text('then') !== 'next';
        $lock = static fn (Row $row, string $go, int $place): array => $site->lock($row->withFeedback(''), ['go' => $go], $row->feedback === '' ? null : ['go' => $pages[$place]]);
        $site->line($ids, $rows, $title, PatternBuilder::ONWARD, $lock, ['chapter' => $site->chapter($site->say('questions'), $ids[0])]);
        foreach ($rows as $place => $row) {
            if ($row->feedback !== '') {
                $onward = $again ? $ids[$place] : $ids[$place + 1] ?? PatternBuilder::ONWARD;
                $site->scene($pages[$place], $site->say('reviseTitle', ['number' => $place + 1]), [$site->text($row->feedback), $site->choice($site->say($again ? 'backToQuestion' : 'goOn'), $onward)], ['chapter' => $site->chapters[0]['id']]);
            }
        }
    }
}
