<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** Which of several are you? Each option counts for one outcome, in the order of the outcomes; the highest wins. */
final class Quiz implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'quiz';
    }

    public function fields(): array
    {
        return [
            Field::table('outcomes', ['outcome', 'what is said'], 2),
            Field::table('quizQuestions', ['question', 'first', 'second', 'third']),
        ];
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $outcomes = $content->table('outcomes', 2, ['outcome']);
        $questions = $content->table('quizQuestions', 1 + count($outcomes), ['question']);
        $tallies = array_map(static fn (array $outcome): string => $builder->tally($outcome[0]), $outcomes);
        $ids = $builder->ids('question', count($questions));
        $result = $builder->id('result');
        $endings = $builder->ids('outcome', count($outcomes));
        foreach ($questions as $place => $cells) {
            $builder->scene(
                $ids[$place],
                $builder->say('numbered', ['title' => $builder->say('question'), 'number' => $place + 1]),
                [self::question($builder, $cells, $tallies, $ids[$place + 1] ?? $result)],
            );
        }
        $builder->scene(
            $result,
            $builder->say('result'),
            [],
            [
                'arrive' => array_map(
                    static fn (string $tally, string $ending): array => [
                        'if' => ['leads' => $tally, 'among' => $tallies],
                        'go' => $ending,
                    ],
                    $tallies,
                    $endings,
                ),
            ],
        );
        foreach ($outcomes as $place => $outcome) {
            $builder->scene(
                $endings[$place],
                $outcome[0],
                [],
                ['ending' => ['kind' => 'open', 'md' => $outcome[1] === '' ? $outcome[0] : $outcome[1]]],
            );
        }
    }

    /**
     * @param  non-empty-list<string>  $cells
     * @param  list<string>  $tallies
     * @return array<string, mixed>
     */
    private static function question(PatternBuilder $builder, array $cells, array $tallies, string $go): array
    {
        $options = [];
        foreach (array_slice($cells, 1, count($tallies)) as $place => $md) {
            if ($md !== '') {
                $options[] = [
                    'id' => $builder->id('option'),
                    'md' => $md,
                    'do' => [['add' => $tallies[$place], 'by' => 1]],
                ];
            }
        }
        $lock = $builder->asking(
            $builder->id('lock'),
            $cells[0],
            ['type' => 'options', 'options' => $options, 'shuffle' => true],
            ['anything' => true],
            '',
            ['say' => '', 'go' => $go],
            null,
        );

        return array_diff_key($lock, ['guard' => true]);
    }
}
