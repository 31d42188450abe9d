<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Games that are short to write and long to look over: what is known to be bad, and more drawn from a seed. */
final class AdversarialGames
{
    /** @return array<string, array<string, mixed>> documents by what is bad about them */
    public static function known(): array
    {
        return [
            'any and all in a row of sixteen' => self::twoRules(
                self::nested(['any', 'all'], 16, ['equals' => ['q']]),
                self::nested(['all', 'any'], 16, ['has' => ['z']]),
            ),
            'a tree of any before a tree of all' => self::twoRules(self::tree('any', 6), self::tree('all', 6)),
            'a condition of any around all' => self::gated(self::cross(7, 4), self::tokens(12)),
            'rooms linked each to each with ways back' => self::rooms(40),
            'a hundred and fifty rooms linked each to each' => self::rooms(150),
            'a hundred and eighty choices that toggle' => self::toggles(180),
            'an answer of a billion characters' => self::oneRule(['length' => ['min' => 1_000_000_000]]),
            'no scenes at all' => ['scenes' => []] + Games::document([['id' => 'a']]),
            'six outcomes of twenty questions' => self::quiz(6, 20),
            'a rule twice in a lock of a clip' => self::clip(),
            'two thousand rules' => self::manyRules(2000),
            'thousands of answers and of lengths' => self::oneRule([
                'all' => [
                    [
                        'any' => array_map(
                            fn (int $number): array => [
                                'equals' => array_map(
                                    fn (int $word): string => "word {$number} {$word} ".str_repeat('x', 40),
                                    range(1, 20),
                                ),
                            ],
                            range(1, 200),
                        ),
                    ],
                    ...array_map(
                        fn (int $number): array => [
                            'not' => ['length' => ['min' => 7 * $number, 'max' => 7 * $number + 2]],
                        ],
                        range(1, 60),
                    ),
                ],
            ]),
            'repetitions of repetitions' => self::oneRule([
                'pattern' => '((((a{400}){400}){400}b|c){300}|(d{900}){900})e',
            ]),
            'three hundred areas' => self::oneRule(
                [
                    'any' => array_map(
                        fn (int $number): array => ['inside' => [[0, 0], [1, $number / 300], [$number / 300, 1]]],
                        range(1, 300),
                    ),
                ],
                ['type' => 'point'],
            ),
            'half of twenty-four tokens' => self::gated(
                ['hasOf' => array_column(self::tokens(24), 'id'), 'atLeast' => 12], self::tokens(24),
            ),
            'three hundred sums' => self::sums(300),
            'thirty locks with hints and ways back' => self::hinted(30),
            'four thousand scenes that nobody reaches' => self::unreached(4000),
            'two thousand tokens, asked for fifty times' => self::asked(2000, 50),
            'a code of twenty thousand signs, said as often' => self::said(20_000, 20_000),
            'five hundred stops of a film' => self::stops(500),
            'four thousand answers that are nearly right' => self::oneRule([
                'any' => array_map(
                    fn (int $number): array => ['close' => str_repeat("word{$number} ", 30), 'edits' => 10],
                    range(1, 400),
                ),
            ]),
        ];
    }

    /** @return array<string, mixed> one of these kinds, in a size and mixture of its own */
    public static function drawn(int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $size = static fn (int $least, int $most): int => $dice->getInt($least, $most);

        return match ($dice->getInt(0, 11)) {
            0 => self::twoRules(
                self::nested(['any', 'all', 'not'], $size(4, 24), ['has' => ['a']]),
                self::nested(['all', 'not', 'any'], $size(4, 24), ['equals' => ['a']]),
            ),
            1 => self::twoRules(self::tree('any', $size(3, 7)), self::tree('all', $size(3, 7))),
            2 => self::gated(self::cross($size(2, 10), $size(2, 6)), self::tokens(12)),
            3 => self::rooms($size(3, 150)),
            4 => self::toggles($size(10, 300)),
            5 => self::sums($size(10, 300)),
            6 => self::hinted($size(3, 40)),
            7 => self::asked($size(10, 1500), $size(1, 60)),
            8 => self::stops($size(10, 500)),
            9 => self::unreached($size(10, 5000)),
            10 => self::said($size(1, 20_000), $size(1, 20_000)),
            default => self::manyRules($size(100, 1500)),
        };
    }

    /** @return array<string, mixed> */
    private static function unreached(int $count): array
    {
        return Games::document(array_map(static fn (int $at): array => [
            'id' => "s{$at}", 'things' => [Games::choice("c{$at}", ['go' => "s{$at}"])],
        ], range(1, $count)));
    }

    /** @return array<string, mixed> */
    private static function said(int $signs, int $times): array
    {
        return self::ending([['id' => 'a', 'things' => [
            Games::lock('l', str_repeat('x', $signs), [], ['go' => 'end']),
            ['id' => 't', 'kind' => 'text', 'md' => str_repeat('{=code:l}', $times)],
        ]]]);
    }

    /** @return array<string, mixed> */
    private static function asked(int $tokens, int $texts): array
    {
        $held = self::tokens($tokens);

        return self::ending([['id' => 'a', 'things' => array_map(static fn (int $at): array => [
            'id' => "x{$at}", 'kind' => 'text', 'md' => 'x',
            'if' => ['hasOf' => array_column($held, 'id'), 'atLeast' => 2],
        ], range(1, $texts))]], ['tokens' => $held]);
    }

    /** @return array<string, mixed> */
    private static function stops(int $count): array
    {
        $film = ['id' => 'film', 'kind' => 'clip', 'length' => 10 * $count + 9];

        return self::ending([['id' => 'a', 'things' => [$film]], ...array_map(static fn (int $at): array => [
            'id' => "p{$at}", 'stop' => ['clip' => 'film', 'at' => 10 * $at],
            'things' => [Games::lock("q{$at}", "w{$at}")],
        ], range(1, $count))]);
    }

    /**
     * @param  list<array<string, mixed>>  $scenes
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function ending(array $scenes, array $more = []): array
    {
        return Games::document([...$scenes, ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']]], $more);
    }

    /** @return list<array<string, mixed>> */
    private static function tokens(int $count): array
    {
        return array_map(
            static fn (int $number): array => ['id' => "t{$number}", 'name' => "T{$number}", 'kind' => 'item'],
            range(0, $count - 1),
        );
    }

    /**
     * @param  array<string, mixed>  $match
     * @param  array<string, mixed>  $input
     * @return array<string, mixed>
     */
    private static function oneRule(array $match, array $input = ['type' => 'text']): array
    {
        return self::ending([[
            'id' => 'a',
            'things' => [
                [
                    'input' => $input, 'rules' => [['match' => $match, 'verdict' => 'open', 'go' => 'end']],
                ] + Games::lock('l', ''),
            ],
        ]]);
    }

    /**
     * @param  array<string, mixed>  $first
     * @param  array<string, mixed>  $second
     * @return array<string, mixed>
     */
    private static function twoRules(array $first, array $second): array
    {
        $rules = [
            ['match' => $first, 'verdict' => 'wrong', 'say' => 'No.'],
            ['match' => $second, 'verdict' => 'open', 'go' => 'end'],
        ];

        return self::ending([['id' => 'a', 'things' => [['rules' => $rules] + Games::lock('l', '')]]]);
    }

    /**
     * @param  list<string>  $kinds
     * @param  array<string, mixed>  $leaf
     * @return array<string, mixed>
     */
    private static function nested(array $kinds, int $depth, array $leaf): array
    {
        for ($level = 0; $level < $depth; $level++) {
            $kind = $kinds[$level % count($kinds)];
            $leaf = [$kind => $kind === 'not' ? $leaf : [$leaf]];
        }

        return $leaf;
    }

    /** @return array<string, mixed> */
    private static function tree(string $kind, int $depth, int $number = 1): array
    {
        return $depth === 0 ? ($kind === 'any' ? ['equals' => ["a{$number}"]] : ['has' => ["b{$number}"]]) : [
            $kind => [self::tree($kind, $depth - 1, 2 * $number), self::tree($kind, $depth - 1, 2 * $number + 1)],
        ];
    }

    /** @return array<string, mixed> all of so many, each any of so many */
    private static function cross(int $all, int $any): array
    {
        $part = static fn (int $row): array => [
            'any' => array_map(
                static fn (int $column): array => $column % 2 === 0 ? ['has' => 't'.(($row + $column) % 12)] : [
                    'all' => [
                        ['has' => 't'.(($row + 2 * $column) % 12)],
                        ['any' => [['has' => 't'.$row % 12], ['has' => 't'.(($row * $column) % 12)]]],
                    ],
                ],
                range(1, $any),
            ),
        ];

        return ['all' => array_map($part, range(1, $all))];
    }

    /**
     * @param  array<string, mixed>  $condition
     * @param  list<array<string, mixed>>  $tokens
     * @return array<string, mixed>
     */
    private static function gated(array $condition, array $tokens): array
    {
        $gives = array_map(
            static fn (array $token): array => Games::choice(
                "get-{$token['id']}", ['do' => [['give' => $token['id']]]],
            ),
            $tokens,
        );

        return self::ending(
            [['id' => 'a', 'things' => [['if' => $condition] + Games::choice('out', ['go' => 'end']), ...$gives]]],
            ['tokens' => $tokens],
        );
    }

    /** @return array<string, mixed> */
    private static function rooms(int $count): array
    {
        $numbers = range(0, $count - 1);
        $room = static fn (int $from): array => ['id' => "r{$from}", 'back' => true, 'things' => [
            ...array_map(
                static fn (int $to): array => Games::choice("w{$from}-{$to}", ['go' => "r{$to}"]),
                array_values(array_diff($numbers, [$from])),
            ),
            ...($from === 0 ? [Games::choice('out', ['go' => 'end'])] : []),
        ]];

        return self::ending(array_map($room, $numbers));
    }

    /** @return array<string, mixed> */
    private static function toggles(int $count): array
    {
        $tokens = self::tokens($count);
        $toggle = static fn (array $token): array => Games::choice(
            "k-{$token['id']}",
            [
                ['if' => ['has' => $token['id']], 'do' => [['take' => $token['id']]]],
                ['do' => [['give' => $token['id']]]],
            ],
        );

        return self::ending(
            [['id' => 'a', 'things' => [...array_map($toggle, $tokens), Games::choice('out', ['go' => 'end'])]]],
            ['tokens' => $tokens],
        );
    }

    /** @return array<string, mixed> */
    private static function sums(int $count): array
    {
        $adding = array_map(
            static fn (int $by): array => Games::choice("k{$by}", ['do' => [['add' => 'p', 'by' => $by]]]),
            range(1, $count),
        );

        return self::ending(
            [[
                'id' => 'a',
                'things' => [
                    ...$adding,
                    ['if' => ['tally' => 'p', 'is' => '=', 'value' => 59_999]] + Games::choice('out', ['go' => 'end']),
                ],
            ]],
            ['tallies' => [['id' => 'p', 'name' => 'P', 'start' => 0]]],
        );
    }

    /** @return array<string, mixed> */
    private static function hinted(int $count): array
    {
        $lock = static fn (int $number): array => Games::lock(
            "l{$number}", "x{$number}",
            ['hints' => [['md' => 'One.', 'do' => [['take' => 't0']]], ['md' => 'Two.', 'do' => [['give' => 't0']]]]],
            ['go' => '@back', 'do' => [['close' => 'l'.($number % $count)]]],
        );

        return self::ending(
            [[
                'id' => 'a', 'back' => true,
                'things' => [
                    ...array_map($lock, range(1, $count)),
                    ['if' => ['not' => ['has' => 't0']]] + Games::choice('out', ['go' => 'end']),
                ],
            ]],
            ['tokens' => self::tokens(1)],
        );
    }

    /** @return array<string, mixed> */
    private static function quiz(int $outcomes, int $questions): array
    {
        $tallies = array_map(static fn (int $one): string => "y{$one}", range(1, $outcomes));
        $question = static fn (int $number): array => ['id' => "q{$number}", 'things' => [[
            'id' => "l{$number}", 'kind' => 'lock', 'ask' => '?',
            'rules' => [[
                'match' => ['anything' => true], 'verdict' => 'open',
                'go' => $number < $questions ? 'q'.($number + 1) : 'result',
            ]],
            'input' => [
                'type' => 'options',
                'options' => array_map(
                    static fn (string $tally): array => [
                        'id' => "o{$number}-{$tally}", 'md' => 'x', 'do' => [['add' => $tally, 'by' => 1]],
                    ],
                    $tallies,
                ),
            ],
        ]]];
        $result = [
            'id' => 'result',
            'arrive' => array_map(
                static fn (string $tally): array => ['if' => ['leads' => $tally, 'among' => $tallies], 'go' => 'end'],
                $tallies,
            ),
        ];

        return self::ending(
            [...array_map($question, range(1, $questions)), $result],
            [
                'tallies' => array_map(
                    static fn (string $id): array => ['id' => $id, 'name' => $id, 'start' => 0], $tallies,
                ),
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function clip(): array
    {
        $lock = [
            'rules' => array_fill(0, 2, ['match' => ['equals' => ['a']], 'verdict' => 'open', 'go' => 'end']),
        ] + Games::lock('l', '');

        return self::ending([[
            'id' => 'a',
            'things' => [[
                'id' => 'c', 'kind' => 'clip', 'asset' => '',
                'cues' => [['id' => 'cue', 'at' => 1, 'things' => [$lock]]],
            ]],
        ]]);
    }

    /** @return array<string, mixed> */
    private static function manyRules(int $count): array
    {
        $rules = array_map(
            static fn (int $number): array => [
                'match' => ['equals' => ["w{$number}"]], 'verdict' => $number === $count ? 'open' : 'wrong',
                'say' => '.',
            ] + ($number === $count ? ['go' => 'end'] : []),
            range(1, $count),
        );

        return self::ending([['id' => 'a', 'things' => [['rules' => $rules] + Games::lock('l', '')]]]);
    }
}
