<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Support\Palette;
use Fravel\Worksheet\Row;

/** Questions beside a picture that comes to light cell by cell. */
final class Mosaic implements Pattern
{
    use TakesAll;

    /** Locks below each other beside the picture. */
    private const IN_A_COLUMN = 12;

    /** Where the locks stand, and how far apart. */
    private const BESIDE = [970, 60, 600, 700];

    private const GAP = [20, 14];

    /** Columns and rows of the picture, and its colours. */
    public const GRID = [32, 24];

    public const COLOURS = 10;

    public function name(): string
    {
        return 'mosaic';
    }

    public function fields(): array
    {
        return [
            Field::line('title'),
            Field::cells('hidden'),
            self::questions(),
        ];
    }

    private static function questions(): Field
    {
        return Field::questions('questions', ['question', 'answer', 'wrong']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $locks = self::locks($builder, $content->questions(self::questions()));
        $open = array_column($locks, 'id');
        $hidden = $content->cells('hidden');
        $mosaic = [
            'id' => $builder->id('mosaic'),
            'kind' => 'mosaic',
            'label' => $builder->say('mosaic'),
            'box' => [50, 60, 880, 660],
            ...array_replace($hidden, ['asset' => $hidden['asset'] === '' ? null : $hidden['asset']]),
            'columns' => self::GRID[0],
            'rows' => self::GRID[1],
            'colours' => self::COLOURS,
            'by' => array_map(static fn (string $lock): array => ['lock' => $lock, 'share' => 1], $open),
            'spread' => 'scattered',
            'seed' => 1,
        ];
        $on = ['box' => [1110, 790, 290, 80], 'if' => ['openOf' => $open, 'atLeast' => count($open)]]
            + $builder->choice($builder->say('goOn'), PatternBuilder::ONWARD);
        $title = $content->text('title') === '' ? $builder->say('mosaicTitle') : $content->text('title');
        $builder->scene($builder->id('picture'), $title, [$mosaic, ...$locks, $on], [
            'layout' => 'stage',
            'backdrop' => ['asset' => null, 'colour' => Palette::COLOURS['sand'], 'alt' => ''],
        ]);
    }

    /**
     * @param  list<Row>  $rows
     * @return list<array<string, mixed>>
     */
    private static function locks(PatternBuilder $builder, array $rows): array
    {
        [$left, $top, $whole, $high] = self::BESIDE;
        $columns = max(1, (int) ceil(count($rows) / self::IN_A_COLUMN));
        $width = intdiv($whole + self::GAP[0], $columns);
        $height = min(150, intdiv($high, max(1, (int) ceil(count($rows) / $columns))));

        $lock = static function (Row $row, int $place) use ($builder, $left, $top, $columns, $width, $height): array {
            [$column, $line] = [$place % $columns, intdiv($place, $columns)];
            $box = [
                $left + $column * $width, $top + $line * $height, $width - self::GAP[0], $height - self::GAP[1],
            ];
            // Narrow locks have room for the number alone.
            $name = $columns > 2
                ? (string) ($place + 1)
                : $builder->say('numbered', ['title' => $builder->say('question'), 'number' => $place + 1]);

            return ['label' => $name, 'box' => $box] + $builder->lock($row);
        };

        return array_map($lock, $rows, array_keys($rows));
    }
}
