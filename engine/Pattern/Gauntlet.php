<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** Questions in one go: any wrong answer leads back to the first, and all have to be answered again. */
final class Gauntlet implements Pattern
{
    public function name(): string
    {
        return 'gauntlet';
    }

    public function fields(): array
    {
        return [Field::line('title'), Field::text('intro'), Field::questions('questions', ['question', 'answer'])];
    }

    public function build(Content $content, PatternBuilder $site): void
    {
        $rows = $content->questions('questions');
        $title = $content->text('title') === '' ? $site->say('gauntlet') : $content->text('title');
        $start = $site->id('gauntlet');
        $ids = $site->ids('question', count($rows));
        $chapter = $site->chapter($title, $start);
        $site->scene($start, $title, [$site->text($content->text('intro') === '' ? $site->say('gauntletIntro') : $content->text('intro')), $site->choice($site->say('begin'), $ids[0])], ['chapter' => $chapter]);
        $back = ['do' => [['forget' => $chapter]], 'go' => $start];
        $site->line($ids, $rows, $title, PatternBuilder::ONWARD, static fn (Row $row, string $go): array => $site->lock($row->withFeedback($row->feedback === '' ? $site->say('fromTheStart') : $row->feedback), ['go' => $go], $back), ['chapter' => $chapter]);
    }
}
