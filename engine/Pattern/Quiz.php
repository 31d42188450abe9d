<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Built\Promise;
use Fravel\Rows\Cell;
use Fravel\Rows\Row;
use Fravel\Rows\Rows;
use Fravel\Support\Wording;

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
            self::outcomes(),
            self::questions(),
            Field::choice('ties', ['earlier', 'each', 'asked']),
        ];
    }

    private static function outcomes(): Field
    {
        return Field::table('outcomes', ['outcome', 'what is said'], 2);
    }

    private static function questions(): Field
    {
        return Field::table('quizQuestions', ['question', 'options'], isOpen: true);
    }

    /** Options beyond the last outcome count for nothing. */
    public function account(Content $content, Field $field): Rows
    {
        $rows = $content->account($field);
        $most = count($content->table(self::outcomes()));

        return $field->name !== self::questions()->name
            ? $rows
            : $rows->map(static fn (Row $row): Row => new Row($row->number, array_map(
                static fn (Cell $cell): Cell => $cell->as === 'options' && $rows->placeInOpen($cell) >= $most
                    ? $cell->leftOut(new Wording('rows.no-outcome'))
                    : $cell,
                $row->cells,
            )));
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $outcomes = $content->table(self::outcomes());
        $questions = $content->table(self::questions());
        $tallies = array_map(static fn (array $outcome): string => $builder->tally($outcome[0]), $outcomes);
        $ids = $builder->ids('question', count($questions));
        $result = $builder->id('result');
        foreach ($questions as $place => $cells) {
            $builder->scene(
                $ids[$place],
                $builder->say('numbered', ['title' => $builder->say('question'), 'number' => $place + 1]),
                [self::question($builder, $cells, $tallies, $ids[$place + 1] ?? $result)],
            );
        }
        if ($content->text('ties') === 'each') {
            self::allInOne($builder, $result, $outcomes, $tallies);

            return;
        }
        $endings = $builder->ids('outcome', count($outcomes));
        $asks = $content->text('ties') === 'asked' ? $builder->id('decide') : null;
        $builder->scene($result, $builder->say('result'), [], [
            'arrive' => [
                ...$asks === null ? [] : [['if' => ['tied' => $tallies], 'go' => $asks]],
                ...array_map(static fn (string $tally, string $ending): array => [
                    'if' => ['leads' => $tally, 'among' => $tallies],
                    'go' => $ending,
                ], $tallies, $endings),
            ],
        ]);
        if ($asks !== null) {
            self::decision($builder, $asks, $outcomes, $tallies, $endings);
        }
        foreach ($outcomes as $place => $outcome) {
            $builder->scene($endings[$place], $outcome[0], [], [
                'ending' => ['kind' => 'open', 'md' => $outcome[1] === '' ? $outcome[0] : $outcome[1]],
            ]);
        }
    }

    /**
     * A question among those that are equal: who is asked decides.
     *
     * @param  list<non-empty-list<string>>  $outcomes
     * @param  list<string>  $tallies
     * @param  list<string>  $endings
     */
    private static function decision(
        PatternBuilder $builder, string $id, array $outcomes, array $tallies, array $endings,
    ): void {
        $choices = [];
        foreach ($outcomes as $place => $outcome) {
            $choices[] = ['if' => ['leads' => $tallies[$place], 'among' => $tallies, 'ties' => 'all']]
                + $builder->choice($outcome[0], $endings[$place], ['do' => [['must' => $tallies[$place]]]]);
        }
        $builder->scene($id, $builder->say('decide'), [$builder->text($builder->say('decideHow')), ...$choices]);
    }

    /**
     * One ending that says all that are highest.
     *
     * @param  list<non-empty-list<string>>  $outcomes
     * @param  list<string>  $tallies
     */
    private static function allInOne(PatternBuilder $builder, string $id, array $outcomes, array $tallies): void
    {
        $texts = [];
        foreach ($outcomes as $place => $outcome) {
            $texts[] = ['if' => ['leads' => $tallies[$place], 'among' => $tallies, 'ties' => 'all']]
                + $builder->text(trim("## {$outcome[0]}\n\n{$outcome[1]}"));
        }
        $builder->scene($id, $builder->say('result'), $texts, ['ending' => ['kind' => 'open', 'md' => '']]);
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
        $id = $builder->id('lock');
        $builder->promises[$id] = Promise::of(array_column($options, 'id') ?: ['']);
        $lock = $builder->asking(
            $id,
            $cells[0],
            ['type' => 'options', 'options' => $options, 'shuffle' => true],
            ['anything' => true],
            '',
            ['say' => '', 'go' => $go],
            null,
        );

        return ['tells' => 'noted'] + array_diff_key($lock, ['guard' => true]);
    }
}
