<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** A place from which topics are done in any order; a gate lets in only those who have a stamp of each. */
final class Hub implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'hub';
    }

    public function fields(): array
    {
        return [
            Field::line('place'),
            Field::text('intro'),
            self::questions(),
            Field::line('gate'),
            Field::text('refused'),
        ];
    }

    private static function questions(): Field
    {
        return Field::questions('questions', ['question', 'answer', 'wrong', 'topic']);
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $topics = $builder->byRoom($content->questions(self::questions()), $builder->say('topic'));
        [$hub, $gate] = [$builder->id('hub'), $builder->id('gate')];
        $lines = array_map(static fn (array $rows): array => $builder->ids('topic', count($rows)), $topics);
        $stamps = array_map(
            static fn (string|int $topic): string => $builder->token(
                $builder->say('stamp', ['topic' => $topic]),
                'badge',
            ),
            array_keys($topics),
        );
        $place = $content->text('place') === '' ? $builder->say('hub') : $content->text('place');
        $ways = array_map(
            static fn (string|int $topic): array => $builder->choice((string) $topic, $lines[$topic][0]),
            array_keys($topics),
        );
        $builder->scene($hub, $place, [
            $builder->text($content->text('intro') === '' ? $builder->say('hubIntro') : $content->text('intro')),
            ...$ways,
            $builder->choice($builder->say('toGate'), $gate),
        ]);
        foreach (array_keys($topics) as $at => $topic) {
            $chapter = $builder->chapter((string) $topic, $lines[$topic][0]);
            $stamp = ['do' => [['give' => $stamps[$at]]], 'say' => $builder->say('stampGiven', ['topic' => $topic])];
            $builder->line(
                $lines[$topic],
                $topics[$topic],
                (string) $topic,
                $hub,
                static fn (Row $row, string $go): array => $builder->lock(
                    $row,
                    ['go' => $go] + ($go === $hub ? $stamp : []),
                ),
                ['chapter' => $chapter],
            );
        }
        $refused = $content->text('refused') === '' ? $builder->say('gateShut') : $content->text('refused');
        $builder->scene(
            $gate,
            $content->text('gate') === '' ? $builder->say('gate') : $content->text('gate'),
            [
                $builder->text($builder->say('gateOpen')),
                $builder->choice($builder->say('goOn'), PatternBuilder::ONWARD),
            ],
            ['needs' => ['hasOf' => $stamps, 'atLeast' => count($stamps)], 'refused' => [['say' => $refused]]],
        );
    }
}
