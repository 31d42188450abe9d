<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Support\Palette;
use Fravel\Worksheet\Row;

/** Answers that check themselves, beside a picture that stays in view. */
final class Picture implements Pattern
{
    use TakesAll;

    /** Locks beside one picture; more go to a scene of their own. */
    private const MOST = 14;

    public function name(): string
    {
        return 'picture';
    }

    public function fields(): array
    {
        return [
            Field::line('title'),
            Field::picture('picture'),
            self::questions(),
        ];
    }

    private static function questions(): Field
    {
        return Field::questions('questions', ['question', 'answer', 'wrong']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $title = $content->text('title') === '' ? $builder->say('look') : $content->text('title');
        $groups = array_chunk($content->questions(self::questions()), self::MOST);
        $ids = $builder->ids('picture', count($groups));
        foreach ($groups as $place => $rows) {
            $builder->scene(
                $ids[$place],
                count($groups) > 1 ? $builder->say('numbered', ['title' => $title, 'number' => $place + 1]) : $title,
                self::things($builder, $content->text('picture'), $rows, $ids[$place + 1] ?? PatternBuilder::ONWARD),
                [
                    'layout' => 'stage',
                    'backdrop' => ['asset' => null, 'colour' => Palette::COLOURS['sand'], 'alt' => ''],
                ],
            );
        }
    }

    /**
     * @param  list<Row>  $rows
     * @return list<array<string, mixed>>
     */
    private static function things(PatternBuilder $builder, string $asset, array $rows, string $onward): array
    {
        $picture =
            $asset === ''
                ? []
                : [
                    [
                        'id' => $builder->id('shown'),
                        'kind' => 'picture',
                        'asset' => $asset,
                        'box' => [60, 60, 860, 780],
                        'stays' => true,
                    ],
                ];
        $height = min(96, intdiv(660, (int) ceil(count($rows) / 2)) - 14);
        $locks = [];
        foreach ($rows as $place => $row) {
            $box = [$place % 2 === 0 ? 960 : 1270, 60 + intdiv($place, 2) * ($height + 14), 290, $height];
            $locks[] =
                [
                    'label' => $builder->say('numbered', [
                        'title' => $builder->say('question'),
                        'number' => $place + 1,
                    ]),
                    'box' => $box,
                ] + $builder->lock($row);
        }
        $open = array_column($locks, 'id');
        $on =
            ['box' => [1115, 760, 290, 84], 'if' => ['openOf' => $open, 'atLeast' => count($open)]] +
            $builder->choice($builder->say('goOn'), $onward);

        return [...$picture, ...$locks, $on];
    }
}
