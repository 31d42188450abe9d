<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Support\Palette;
use Fravel\Thing\FindIt;

/** A find-it board: prompts, and among all boxes the one that each asks for. */
final class Find implements Pattern
{
    use TakesAll;

    private const BOARD = [40, 30, 1520, 760];

    /** Where the way on stands, apart from the boxes. */
    private const ONWARD = [1320, 815, 240, 70];

    public function name(): string
    {
        return 'find';
    }

    public function fields(): array
    {
        return [
            Field::line('title'),
            self::finds(),
            Field::pictures('pictures'),
            Field::text('start'),
            Field::choice('mixed', FindIt::MIXED),
            Field::choice('foundBoxes', FindIt::FOUND),
        ];
    }

    private static function finds(): Field
    {
        return Field::table('finds', ['prompt', 'box'], lacking: ['box']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $pictures = $content->pictures('pictures');
        $boxes = array_map(
            static fn (array $row): array => ['id' => $builder->id('box'), 'ask' => $row[0]] + $pictures->face($row[1]),
            $content->table(self::finds()),
        );
        $board = [
            'id' => $builder->id('find'),
            'kind' => 'find',
            'label' => $content->text('title'),
            'box' => self::BOARD,
            'start' => $content->text('start') === '' ? $builder->say('findStart') : $content->text('start'),
            'boxes' => $boxes,
            'mixed' => $content->oneOf('mixed', FindIt::MIXED),
            'found' => $content->oneOf('foundBoxes', FindIt::FOUND),
        ];
        $onward = ['box' => self::ONWARD, 'if' => ['found' => $board['id']]]
            + $builder->choice($builder->say('goOn'), PatternBuilder::ONWARD);
        $builder->scene(
            $builder->id('board'),
            $content->text('title') === '' ? $builder->say('findTitle') : $content->text('title'),
            [$board, $onward],
            ['layout' => 'stage', 'backdrop' => ['colour' => Palette::COLOURS['sand'], 'alt' => '']],
        );
    }
}
