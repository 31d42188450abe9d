<?php

declare(strict_types=1);

namespace Tools\Bench;

/** Games to measure the engine on, made to measure. */
final class LargeGames
{
    /**
     * Scenes in a row, each with words, a lock and a way back; wrong answers lead back too, every tenth lock gives a
     * token that the scene after it wants.
     *
     * @return array<string, mixed>
     */
    public static function ladder(int $scenes): array
    {
        $made = array_map(static fn (int $number): array => self::rung($number, $scenes), range(0, $scenes - 1));
        $tokens = array_map(
            static fn (int $number): array => ['id' => "t{$number}", 'name' => "Token {$number}", 'kind' => 'item'],
            range(0, $scenes - 1, 10),
        );
        $chapters = array_map(
            static fn (int $number): array => ['id' => "c{$number}", 'title' => "Chapter {$number}"],
            range(0, intdiv($scenes - 1, 100)),
        );

        return self::document([...$made, self::ending(null)], $tokens, $chapters);
    }

    /**
     * A hub of topics in any order, with a gate at the end that wants the stamps of all.
     *
     * @return array<string, mixed>
     */
    public static function hub(int $topics): array
    {
        $numbers = range(1, $topics);
        $stamps = array_map(
            static fn (int $number): array => [
                'id' => "stamp{$number}", 'name' => "Stamp {$number}", 'kind' => 'badge',
            ],
            $numbers,
        );
        $choices = array_map(static fn (int $number): array => self::choice("to{$number}", "topic{$number}"), $numbers);
        $scenes = array_map(
            static fn (int $number): array => self::scene("topic{$number}", [
                self::lock("q{$number}", 'hub', [['give' => "stamp{$number}"]], null),
            ]),
            $numbers,
        );
        $gate = ['hasOf' => array_column($stamps, 'id'), 'atLeast' => $topics];

        return self::document(
            [self::scene('hub', [...$choices, self::choice('out', 'end')]), ...$scenes, self::ending($gate)],
            $stamps,
            [],
        );
    }

    /** @return array<string, mixed> */
    private static function rung(int $number, int $scenes): array
    {
        $gives = $number % 10 === 0 ? [['give' => "t{$number}"]] : [];
        $before = $number > 0 ? 's'.($number - 1) : '@stay';
        $scene = self::scene("s{$number}", [
            [
                'id' => "x{$number}",
                'kind' => 'text',
                'md' => "What there is to read in scene {$number}, with a clue in it.",
            ],
            self::lock("l{$number}", $number + 1 < $scenes ? 's'.($number + 1) : 'end', $gives, $before),
            self::choice("b{$number}", $before),
        ]);

        return [
            'chapter' => 'c'.intdiv($number, 100),
            'needs' => $number % 10 === 1 ? ['has' => 't'.($number - 1)] : null,
            'refused' => [['say' => 'Not yet.']],
        ] + $scene;
    }

    /**
     * @param  list<array<string, mixed>>  $things
     * @return array<string, mixed>
     */
    private static function scene(string $id, array $things): array
    {
        return ['id' => $id, 'title' => ucfirst($id), 'layout' => 'page', 'things' => $things];
    }

    /** @return array<string, mixed> */
    private static function choice(string $id, string $go): array
    {
        return ['id' => $id, 'kind' => 'choice', 'look' => 'button', 'md' => ucfirst($id), 'react' => [['go' => $go]]];
    }

    /**
     * @param  list<array<string, string>>  $do
     * @return array<string, mixed>
     */
    private static function lock(string $id, string $go, array $do, ?string $wrong): array
    {
        return [
            'id' => $id,
            'kind' => 'lock',
            'label' => $id,
            'ask' => 'Which word?',
            'input' => ['type' => 'text'],
            'rules' => [
                [
                    'match' => ['equals' => ["word {$id}", "term {$id}"]],
                    'verdict' => 'open',
                    'say' => 'Yes.',
                    'do' => $do,
                    'go' => $go,
                ],
                ['match' => ['has' => ['near']], 'verdict' => 'almost', 'say' => 'Almost.'],
            ],
            'otherwise' => [array_filter(['say' => 'No.', 'go' => $wrong])],
        ];
    }

    /**
     * @param  array<string, mixed>|null  $needs
     * @return array<string, mixed>
     */
    private static function ending(?array $needs): array
    {
        return [
            'needs' => $needs,
            'refused' => [['say' => 'Not yet.']],
            'ending' => ['kind' => 'won', 'md' => 'Done.'],
        ] + self::scene('end', []);
    }

    /**
     * @param  list<array<string, mixed>>  $scenes
     * @param  list<array<string, mixed>>  $tokens
     * @param  list<array<string, mixed>>  $chapters
     * @return array<string, mixed>
     */
    private static function document(array $scenes, array $tokens, array $chapters): array
    {
        return [
            'fravel' => 1,
            'title' => 'Made to measure',
            'language' => 'en',
            'start' => $scenes[0]['id'],
            'about' => [],
            'chapters' => $chapters,
            'tokens' => $tokens,
            'tallies' => [],
            'assets' => [],
            'scenes' => $scenes,
        ];
    }
}
