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

    /** What an option says that decides for its outcome, or rules it out, in the languages of teachers. */
    private const DECIDING = ['must' => 'must|muss|doit|debe', 'never' => 'never|nie|jamais|nunca'];

    public function name(): string
    {
        return 'quiz';
    }

    public function fields(): array
    {
        return [
            self::outcomes(),
            self::questions(),
            Field::pictures('pictures'),
            Field::choice('ties', ['earlier', 'each', 'asked']),
            Field::choice('ranking', ['no', 'yes']),
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
                static fn (Cell $cell): Cell => $cell->as === 'options' ? self::told($cell, $rows, $most) : $cell,
                $row->cells,
            )));
    }

    private static function told(Cell $cell, Rows $rows, int $most): Cell
    {
        if ($rows->placeInOpen($cell) >= $most) {
            return $cell->leftOut(new Wording('rows.no-outcome'));
        }
        [$words, $by] = self::counted($cell->text);

        return $words === $cell->text
            ? $cell
            : $cell->meaning(new Wording(is_int($by) ? 'rows.weight' : "rows.{$by}", [
                'words' => $words, 'by' => is_int($by) ? $by : 0,
            ]));
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
            self::allInOne($content, $builder, $result, $outcomes, $tallies);

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
            $builder->scene($endings[$place], $outcome[0], [
                ...self::shown($content, $builder, $outcome[0]), ...self::ranking($content, $builder, $tallies),
            ], [
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
    private static function allInOne(
        Content $content, PatternBuilder $builder, string $id, array $outcomes, array $tallies,
    ): void {
        $texts = [];
        foreach ($outcomes as $place => $outcome) {
            $leads = ['if' => ['leads' => $tallies[$place], 'among' => $tallies, 'ties' => 'all']];
            $texts[] = $leads + $builder->text(trim("## {$outcome[0]}\n\n{$outcome[1]}"));
            foreach (self::shown($content, $builder, $outcome[0]) as $picture) {
                $texts[] = $leads + $picture;
            }
        }
        $texts = [...$texts, ...self::ranking($content, $builder, $tallies)];
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
                [$words, $by] = self::counted($md);
                $effect = is_int($by) ? ['add' => $tallies[$place], 'by' => $by] : [$by => $tallies[$place]];
                $options[] = ['id' => $builder->id('option'), 'md' => $words, 'do' => [$effect]];
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

    /**
     * The words of an option, and what it counts for its outcome: one, or as many as stand behind it ("steer +3"); or
     * it decides: "stay (must)", "flee (never)".
     *
     * @return array{string, int|'must'|'never'}
     */
    private static function counted(string $cell): array
    {
        if (preg_match('/^(.*\S)\s+\+(\d{1,2})$/Dsu', $cell, $part) === 1) {
            return [$part[1], (int) $part[2]];
        }
        foreach (self::DECIDING as $effect => $words) {
            if (preg_match('/^(.*\S)\s*\((?:'.$words.')\)$/Disu', $cell, $part) === 1) {
                return [$part[1], $effect];
            }
        }

        return [$cell, 1];
    }

    /** @return list<array<string, mixed>> the picture that is called as the outcome */
    private static function shown(Content $content, PatternBuilder $builder, string $outcome): array
    {
        $asset = $content->pictures('pictures')->face($outcome)['asset'] ?? null;

        return $asset === null ? [] : [['id' => $builder->id('picture'), 'kind' => 'picture', 'asset' => $asset]];
    }

    /**
     * @param  list<string>  $tallies
     * @return list<array<string, mixed>> how high all of them stand
     */
    private static function ranking(Content $content, PatternBuilder $builder, array $tallies): array
    {
        return $content->text('ranking') !== 'yes' ? [] : [[
            'id' => $builder->id('standing'), 'kind' => 'standing', 'label' => '', 'of' => $tallies,
            'order' => 'highest',
        ]];
    }
}
