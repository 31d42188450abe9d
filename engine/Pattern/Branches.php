<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** A story in which a problem can be solved in several ways, each with what comes of it. */
final class Branches implements Pattern
{
    use TakesAll;

    /** What a cell says of a way that leads back, in the languages of teachers. */
    private const BACK = ['back', 'leads back', 'zurück', 'retour', 'atrás', 'vuelve'];

    public function name(): string
    {
        return 'ways';
    }

    public function fields(): array
    {
        return [
            Field::line('title'),
            Field::text('problem', true),
            self::ways(),
        ];
    }

    private static function ways(): Field
    {
        return Field::table('ways', ['way', 'what happens', 'how it ends'], 2);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $ways = $content->table(self::ways());
        $start = $builder->id('problem');
        $ids = $builder->ids('way', count($ways));
        $builder->scene($start, $content->text('title') === '' ? $builder->say('problem') : $content->text('title'), [
            $builder->text($content->text('problem')),
            ...array_map(static fn (array $way, string $id): array => $builder->choice($way[0], $id), $ways, $ids),
        ]);
        foreach ($ways as $place => $way) {
            $what = [$builder->text($way[1] === '' ? $way[0] : $way[1])];
            match (true) {
                $way[2] === '' => $builder->scene($ids[$place], $way[0], [
                    ...$what,
                    $builder->choice($builder->say('goOn'), PatternBuilder::ONWARD),
                ]),
                self::leadsBack($way[2]) => $builder->scene($ids[$place], $way[0], [
                    ...$what,
                    $builder->choice($builder->say('anotherWay'), $start),
                ]),
                default => $builder->scene($ids[$place], $way[0], $what, [
                    'ending' => ['kind' => 'open', 'md' => $way[2]],
                ]),
            };
        }
    }

    /** Whether a way fails, and leads back to the problem. */
    private static function leadsBack(string $end): bool
    {
        return in_array(mb_strtolower(trim($end, ' .!…')), self::BACK, true);
    }
}
