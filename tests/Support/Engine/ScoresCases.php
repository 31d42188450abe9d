<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\Scores;
use Fravel\Document\GameDocument;

/** What ScoresTest is about: games, and ways to ask. */
final class ScoresCases
{
    /**
     * @param  list<list<array<string, int|string>>>  $questions  what each option adds, or "must" or "never"
     * @param  list<string>  $tallies
     * @param  list<string>  $supposed
     */
    public static function scoresOf(array $questions, array $tallies, array $supposed = []): Scores
    {
        $scenes = [];
        foreach ($questions as $place => $options) {
            $entries = array_map(
                fn (array $adds, int $at): array => [
                    'id' => "o{$place}-{$at}", 'md' => (string) $at,
                    'do' => array_map(
                        fn (
                            string $tally, int|string $by,
                        ): array => is_string($by) ? [$by => $tally] : ['add' => $tally, 'by' => $by],
                        array_keys($adds), $adds,
                    ),
                ],
                $options, array_keys($options),
            );
            $scenes[] = [
                'id' => "s{$place}", 'title' => '', 'layout' => 'page',
                'things' => [[
                    'id' => "q{$place}", 'kind' => 'lock', 'input' => ['type' => 'options', 'options' => $entries],
                    'rules' => [['match' => ['anything' => true], 'verdict' => 'open']],
                ]],
            ];
        }
        $scenes[] = [
            'id' => 'end', 'title' => '', 'layout' => 'page', 'things' => [],
            'arrive' => [['if' => ['leads' => $tallies[0], 'among' => $tallies], 'go' => 's0']],
        ];

        return Scores::of(
            GameDocument::of([
                'fravel' => 1, 'title' => '', 'start' => 's0',
                'tallies' => array_map(fn (string $id): array => ['id' => $id, 'name' => $id, 'start' => 0], $tallies),
                'scenes' => $scenes,
            ]),
            $supposed,
        );
    }

    /**
     * Which leads where these were picked, told anew from the words of the format.
     *
     * @param  list<array<string, int|string>>  $picked
     * @param  list<string>  $tallies
     */
    public static function leaderOf(array $picked, array $tallies): ?string
    {
        $ranks = [];
        foreach ($tallies as $tally) {
            $marks = array_column($picked, $tally);
            if (! in_array('never', $marks, true)) {
                $ranks[$tally] = array_sum(array_filter($marks, is_int(...))) + (
                    in_array('must', $marks, true) ? 1e6 : 0
                );
            }
        }

        return $ranks === [] ? null : array_search(max($ranks), $ranks, true);
    }

    /** What three tallies can come to in a game with a question, a lock, a choice and a start of their own. */
    public static function scoresOfParts(): Scores
    {
        $add = fn (string $tally, int $by): array => ['add' => $tally, 'by' => $by];
        $question = [
            'id' => 'q', 'kind' => 'lock',
            'input' => [
                'type' => 'options',
                'options' => [
                    ['id' => 'x', 'md' => 'x', 'do' => [$add('a', 2)]], ['id' => 'y', 'md' => 'y'],
                    ['id' => 'z', 'md' => 'z', 'do' => [$add('b', 1), $add('b', 1)]],
                ],
            ],
            'rules' => [
                ['match' => ['options' => ['x']], 'verdict' => 'open', 'do' => [$add('a', 1)]],
                ['match' => ['options' => ['y']], 'verdict' => 'almost', 'do' => [$add('a', 50)]],
            ],
        ];
        $lock = [
            'id' => 'l', 'kind' => 'lock', 'input' => ['type' => 'text'],
            'rules' => [
                ['match' => ['equals' => ['no']], 'verdict' => 'wrong', 'do' => [$add('a', 70)]],
                ['match' => ['equals' => ['yes']], 'verdict' => 'open', 'do' => [$add('a', 10)]],
            ],
        ];
        $many = [
            'id' => 'm', 'kind' => 'lock',
            'input' => [
                'type' => 'options', 'many' => true, 'options' => [['id' => 'p', 'md' => 'p', 'do' => [$add('b', 90)]]],
            ],
            'rules' => [['match' => ['options' => ['p']], 'verdict' => 'open']],
        ];
        $choices = [[
            'id' => 'c', 'kind' => 'choice',
            'react' => [
                [
                    'if' => ['leads' => 'b', 'among' => ['b', 'a', 'gone']],
                    'do' => [$add('a', -4), ['set' => 'b', 'to' => 99]],
                ],
                ['do' => [$add('b', 7)]],
            ],
        ]];

        return Scores::of(
            GameDocument::of([
                'fravel' => 1, 'title' => '', 'start' => 's',
                'tallies' => [
                    ['id' => 'a', 'name' => 'A', 'start' => 1], ['id' => 'b', 'name' => 'B', 'start' => 2],
                    ['id' => 'idle', 'name' => 'I', 'start' => 5],
                ],
                'scenes' => [[
                    'id' => 's', 'title' => '', 'layout' => 'page', 'things' => [$question, $lock, $many, ...$choices],
                ]],
            ]),
        );
    }
}
