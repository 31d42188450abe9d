<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Rows\Row as Given;
use Fravel\Rows\Rows;
use Fravel\Support\Wording;
use Fravel\Worksheet\Row;

/** Questions, then by how many were right at first try: on, or back to revise and once more. */
final class Practice implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'practice';
    }

    public function fields(): array
    {
        return [
            self::questions(),
            Field::pictures('questionPictures'),
            Field::number('least', 1),
            Field::text('revise', true),
        ];
    }

    private static function questions(): Field
    {
        return Field::table(
            'practice', ['question', 'right answer', 'another'],
            lacking: ['question', 'right answer'], isOpen: true,
        );
    }

    public function account(Content $content, Field $field): Rows
    {
        $pictures = $content->pictures('questionPictures');
        $rows = $content->account($field);

        return $field->name !== self::questions()->name
            ? $rows
            : $rows->map(static fn (Given $row): Given => $pictures->above($row->in('question'))[1] === null
                ? $row
                : $row->meaning('question', new Wording('rows.pictured', [
                    'words' => $pictures->above($row->in('question'))[0],
                ])));
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $rows = $content->table(self::questions());
        $ids = $builder->ids('practice', count($rows));
        [$score, $revise] = [$builder->id('score'), $builder->id('revise')];
        $chapter = $builder->chapter($builder->say('practice'), $ids[0]);
        $locks = [];
        $pictures = $content->pictures('questionPictures');
        foreach ($rows as $place => $cells) {
            [$cells[0], $picture] = $pictures->above($cells[0]);
            $cells[0] = $cells[0] === '' ? $builder->say('askPicture') : $cells[0];
            // The last one leads to how it went, which speaks for itself.
            $next = $ids[$place + 1] ?? null;
            $lock = self::question(
                $content, $builder, $cells, $next === null ? ['say' => '', 'go' => $score] : ['go' => $next],
            );
            $locks[] = (string) $lock['id'];
            $builder->scene(
                $ids[$place],
                $builder->say('numbered', ['title' => $builder->say('question'), 'number' => $place + 1]),
                $picture === null
                    ? [$lock]
                    : [['id' => $builder->id('picture'), 'kind' => 'picture', 'asset' => $picture], $lock],
                ['chapter' => $chapter],
            );
        }
        $least = $content->number('least', max(1, (int) ceil(count($rows) * 0.7)), 1, count($rows));
        $builder->scene(
            $score,
            $builder->say('score'),
            [],
            [
                'chapter' => $chapter,
                'arrive' => [
                    [
                        'if' => ['firstTry' => $locks, 'atLeast' => $least],
                        'go' => PatternBuilder::ONWARD,
                        'say' => $builder->say('scoreEnough'),
                    ],
                    ['go' => $revise, 'say' => $builder->say('scoreLow', ['least' => $least, 'all' => count($rows)])],
                ],
            ],
        );
        $builder->scene(
            $revise,
            $builder->say('revision'),
            [
                $builder->text($content->text('revise')),
                $builder->choice($builder->say('onceMore'), $ids[0], ['do' => [['forget' => $chapter]]]),
            ],
            ['chapter' => $chapter],
        );
    }

    /**
     * With further cells the answer is chosen among them, without it is typed.
     *
     * @param  non-empty-list<string>  $cells
     * @param  array<string, string>  $open  of the rule that opens it
     * @return array<string, mixed>
     */
    private static function question(Content $content, PatternBuilder $builder, array $cells, array $open): array
    {
        $options = array_values(array_filter(array_slice($cells, 1), static fn (string $cell): bool => $cell !== ''));
        if (count($options) > 1) {
            return $builder->options($cells[0], $options, $open);
        }

        return $builder->lock(Row::asked($cells[0], $options[0] ?? '', $content->language), $open);
    }
}
