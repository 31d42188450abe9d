<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/**
 * Questions with a page to revise: a wrong answer leads there, and from there back to the question or on to the next.
 */
final class Revise implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'revise';
    }

    public function fields(): array
    {
        return [
            self::questions(),
            Field::choice('then', ['same', 'next']),
        ];
    }

    private static function questions(): Field
    {
        return Field::questions('questions', ['question', 'answer', 'revise']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $rows = $content->questions(self::questions());
        $title = $builder->say('question');
        $ids = $builder->ids('question', count($rows));
        $pages = $builder->ids('revise', count($rows));
        $again = $content->text('then') !== 'next';
        $lock = static fn (Row $row, string $go, int $place): array => $builder->lock(
            $row->withFeedback(''),
            ['go' => $go],
            $row->feedback === '' ? null : ['go' => $pages[$place]],
        );
        $builder->line($ids, $rows, $title, PatternBuilder::ONWARD, $lock, [
            'chapter' => $builder->chapter($builder->say('questions'), $ids[0]),
        ]);
        foreach ($rows as $place => $row) {
            if ($row->feedback !== '') {
                $onward = $again ? $ids[$place] : $ids[$place + 1] ?? PatternBuilder::ONWARD;
                $builder->scene(
                    $pages[$place],
                    $builder->say('reviseTitle', ['number' => $place + 1]),
                    [
                        $builder->text($row->feedback),
                        $builder->choice($builder->say($again ? 'backToQuestion' : 'goOn'), $onward),
                    ],
                    ['chapter' => $builder->chapters[0]['id']],
                );
            }
        }
    }
}
