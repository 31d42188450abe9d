<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** Questions in one go: any wrong answer leads back to the first, and all have to be answered again. */
final class Gauntlet implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'gauntlet';
    }

    public function fields(): array
    {
        return [Field::line('title'), Field::text('intro'), self::questions()];
    }

    private static function questions(): Field
    {
        return Field::questions('questions', ['question', 'answer', 'wrong']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $rows = $content->questions(self::questions());
        $title = $content->text('title') === '' ? $builder->say('gauntlet') : $content->text('title');
        $start = $builder->id('gauntlet');
        $ids = $builder->ids('question', count($rows));
        $chapter = $builder->chapter($title, $start);
        $builder->scene(
            $start,
            $title,
            [
                $builder->text(
                    $content->text('intro') === '' ? $builder->say('gauntletIntro') : $content->text('intro'),
                ),
                $builder->choice($builder->say('begin'), $ids[0]),
            ],
            ['chapter' => $chapter],
        );
        $back = ['do' => [['forget' => $chapter]], 'go' => $start];
        $builder->line(
            $ids,
            $rows,
            $title,
            PatternBuilder::ONWARD,
            static fn (Row $row, string $go): array => $builder->lock(
                $row->withFeedback($row->feedback === '' ? $builder->say('fromTheStart') : $row->feedback),
                ['go' => $go],
                $back,
            ),
            ['chapter' => $chapter],
        );
    }
}
