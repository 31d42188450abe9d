<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Support\Palette;

/** A board of covers over what is hidden: to be tapped, pulled out or slid across, one by one. */
final class Reveal implements Pattern
{
    use TakesAll;

    private const OPENS = ['tap', 'pull', 'slide'];

    /** What a third cell says of the back, in the languages of teachers. */
    private const MARKS = [
        'right' => ['right', 'true', 'yes', '✓', 'richtig', 'wahr', 'ja', 'juste', 'vrai', 'oui', 'correcto', 'sí'],
        'wrong' => ['wrong', 'false', 'no', '✗', 'falsch', 'nein', 'faux', 'non', 'incorrecto'],
    ];

    /** Where the way on stands, apart from the covers. */
    private const ONWARD = [1320, 815, 240, 70];

    public function name(): string
    {
        return 'reveal';
    }

    public function fields(): array
    {
        return [
            Field::line('title'),
            self::cards(),
            Field::pictures('pictures'),
            Field::choice('opens', self::OPENS),
            Field::choice('leave', ['anytime', 'uncovered']),
        ];
    }

    private static function cards(): Field
    {
        return Field::table('cards', ['front', 'back', 'mark']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $cards = $content->table(self::cards());
        $opens = $content->oneOf('opens', self::OPENS);
        $pictures = $content->pictures('pictures');
        $face = static fn (string $cell): array => $pictures->face($cell);
        $layout = BoardLayout::of(
            array_map(static fn (array $card): array => [$face($card[0])['md'], $face($card[1])['md']], $cards), $opens,
        );
        $covers = array_map(
            static fn (array $card, array $box): array => array_filter([
                'id' => $builder->id('cover'),
                'kind' => 'cover',
                'label' => $card[0],
                'front' => $face($card[0]) + ['size' => $layout->size],
                'back' => $face($card[1]) + ['size' => $layout->size],
                'opens' => $opens,
                'toggle' => true,
                // The words stand on the left, to be read first.
                'toward' => ['tap' => '', 'pull' => 'right', 'slide' => 'left'][$opens],
                'box' => $box,
                ...self::mark($card[2]),
            ], static fn (mixed $field): bool => $field !== ''),
            $cards, $layout->boxes,
        );
        $onward = ['box' => self::ONWARD] + $builder->choice($builder->say('goOn'), PatternBuilder::ONWARD);
        if ($content->text('leave') === 'uncovered') {
            $onward['if'] = ['liftedOf' => array_column($covers, 'id'), 'atLeast' => count($covers)];
        }
        $builder->scene(
            $builder->id('board'),
            $content->text('title') === '' ? $builder->say('board') : $content->text('title'),
            [...$covers, $onward],
            ['layout' => 'stage', 'backdrop' => ['colour' => Palette::COLOURS['sand'], 'alt' => '']],
        );
    }

    /** @return array{mark?: string, markWords?: string} a mark by its name, or words of one's own */
    private static function mark(string $cell): array
    {
        foreach (self::MARKS as $mark => $words) {
            if (in_array(mb_strtolower($cell), $words, true)) {
                return ['mark' => $mark];
            }
        }

        return $cell === '' ? [] : ['markWords' => $cell];
    }
}
