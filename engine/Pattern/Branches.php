<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** A story in which a problem can be solved in several ways, each with what comes of it. */
final class Branches implements Pattern
{
    public function name(): string
    {
        return 'ways';
    }

    public function fields(): array
    {
        return [Field::line('title'), Field::text('problem', true), Field::table('ways', ['way', 'what happens', 'how it ends'], 2)];
    }

    public function build(Content $content, PatternBuilder $site): void
    {
        $ways = $content->table('ways', 3, ['way']);
        $start = $site->id('problem');
        $ids = $site->ids('way', count($ways));
        $site->scene($start, $content->text('title') === '' ? $site->say('problem') : $content->text('title'), [$site->text($content->text('problem')), ...array_map(static fn (array $way, string $id): array => $site->choice($way[0], $id), $ways, $ids)]);
        foreach ($ways as $place => $way) {
            $what = [$site->text($way[1] === '' ? $way[0] : $way[1])];
            $way[2] === ''
                ? $site->scene($ids[$place], $way[0], [...$what, $site->choice($site->say('goOn'), PatternBuilder::ONWARD)])
                : $site->scene($ids[$place], $way[0], $what, ['ending' => ['kind' => 'open', 'md' => $way[2]]]);
        }
    }
}
