<?php

use Fravel\Check\Scores;
use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Engine\ScoresCases;

it('says the least and the most, and who can never win', function (): void {
    $scores = ScoresCases::scoresOf([[['a' => 1], ['b' => 1], ['c' => 1]], [['a' => 1], ['b' => 2]]], ['a', 'b', 'c']);

    expect($scores->ranges)
        ->toBe([
            'a' => ['least' => 0.0, 'most' => 2.0], 'b' => ['least' => 0.0, 'most' => 3.0],
            'c' => ['least' => 0.0, 'most' => 1.0],
        ])
        ->and($scores->shares->wins['c'])->toBe(0.0);
});

it('agrees with trying every way to answer', function (int $seed): void {
    mt_srand($seed);
    $tallies = ['a', 'b', 'c'];
    $mark = fn (): int|string => mt_rand(0, 5) > 0 ? mt_rand(-2, 3) : ['must', 'never'][mt_rand(0, 1)];
    $questions = array_map(
        fn (): array => array_map(
            fn (): array => array_combine($tallies, [$mark(), $mark(), $mark()]), range(0, mt_rand(1, 2)),
        ),
        range(0, mt_rand(0, 4)),
    );
    $ways = [[]];
    foreach ($questions as $options) {
        $ways = array_merge(
            ...array_map(
                fn (array $picked): array => array_map(fn (array $option): array => [...$picked, $option], $options),
                $ways,
            ),
        );
    }
    $wins = array_count_values(
        array_map(fn (array $picked): string => ScoresCases::leaderOf($picked, $tallies) ?? 'none', $ways),
    );
    $scores = ScoresCases::scoresOf($questions, $tallies);

    expect(abs($scores->shares->none - ($wins['none'] ?? 0) / count($ways)))->toBeLessThan(1e-9);
    foreach ($tallies as $tally) {
        $sums = array_map(
            fn (array $picked): float => (float) array_sum(array_filter(array_column($picked, $tally), is_int(...))),
            $ways,
        );
        $example = array_map(function (string $option) use ($questions): array {
            [$place, $at] = sscanf($option, 'o%d-%d');

            return $questions[$place][$at];
        }, $scores->shares->examples[$tally] ?? []);
        expect(isset($wins[$tally]) ? ScoresCases::leaderOf($example, $tallies) : $tally)->toBe($tally)
            ->and(abs($scores->shares->wins[$tally] - ($wins[$tally] ?? 0) / count($ways)))->toBeLessThan(1e-9)
            ->and($scores->ranges[$tally])->toBe(['least' => min($sums), 'most' => max($sums)]);
    }
})->with(range(1, 40));

it('counts from where tallies start, each opening and each choice once or never', function (): void {
    expect(ScoresCases::scoresOfParts()->ranges)
        ->toBe([
            'a' => ['least' => -3.0, 'most' => 14.0], 'b' => ['least' => 2.0, 'most' => 11.0],
            'idle' => ['least' => 5.0, 'most' => 5.0],
        ]);
});

it('gives a tie to the one listed first, and says how often there is one', function (): void {
    $scores = ScoresCases::scoresOfParts();

    expect(array_keys($scores->shares->wins))->toBe(['b', 'a'])
        ->and(array_map(fn (float $share): float => round($share, 6), $scores->shares->wins))
        ->toBe(['b' => 0.666667, 'a' => 0.333333])->and($scores->shares->tied)->toBe(0.0)
        ->and(
            round(
                ScoresCases::scoresOf([[['a' => 1], ['b' => 1]], [['a' => 1], ['b' => 1]]], ['a', 'b'])->shares->tied,
                6,
            )
        )->toBe(0.5)
        ->and(ScoresCases::scoresOf([[['a' => 1], ['b' => 1]], [['a' => 1], ['b' => 1]]], ['b', 'a'])->shares->wins)
        ->toBe(['b' => 0.75, 'a' => 0.25]);
});

it('says no shares where nothing is compared, nor where there are too many sums', function (): void {
    $none = Scores::of(
        GameDocument::of([
            'fravel' => 1, 'title' => '', 'start' => 's', 'tallies' => [['id' => 'a', 'name' => 'A', 'start' => 0]],
            'scenes' => [['id' => 's', 'title' => '', 'layout' => 'page', 'things' => []]],
        ]),
    );
    $many = array_map(fn (int $place): array => [['a' => 2 ** $place], ['b' => 2 ** $place]], range(0, 17));

    expect([$none->shares->wins, $none->shares->tied])->toBe([[], 0.0])
        ->and([
            ScoresCases::scoresOf($many, ['a', 'b'])->shares->wins,
            ScoresCases::scoresOf($many, ['a', 'b'])->shares->tied,
        ])
        ->toBe([[], 0.0]);
});

it('works out what wins for those who answer as supposed', function (): void {
    $questions = [[['a' => 1], ['b' => 1]], [['a' => 1], ['b' => 2], ['a' => 'never']]];

    expect(ScoresCases::scoresOf($questions, ['a', 'b'], ['o0-1'])->shares->wins)->toBe(['a' => 1 / 3, 'b' => 2 / 3])
        ->and(ScoresCases::scoresOf($questions, ['a', 'b'], ['o0-0', 'o1-0'])->shares->wins)
        ->toBe(['a' => 1.0, 'b' => 0.0])
        ->and(
            round(ScoresCases::scoresOf($questions, ['a', 'b'], ['o1-1', 'o1-2', 'gone'])->shares->wins['b'], 9)
        )->toBe(1.0)
        ->and(ScoresCases::scoresOf($questions, ['a', 'b'], ['o0-0'])->ranges['a'])
        ->toBe(['least' => 1.0, 'most' => 2.0]);
});

it('counts a tie as the game settles it', function (string $ties, array $wins): void {
    $words = (require dirname(__DIR__, 3).'/lang/en/made.php')['pattern'];
    $built = Build::alone(Patterns::named('quiz'), new Content([
        'outcomes' => "A\nB\nC\nD", 'quizQuestions' => "One\ta\tb\tc\td\nTwo\ta\tb\tc\td", 'ties' => $ties,
    ], 'en'), $words, new TeacherDefaults());

    expect(array_values(Scores::of(GameDocument::of($built ?? []))->shares->wins))->toBe($wins);
})->with([
    'the one listed first' => ['earlier', [0.4375, 0.3125, 0.1875, 0.0625]],
    'all that are highest' => ['each', [0.4375, 0.4375, 0.4375, 0.4375]],
    'a question decides' => ['asked', [0.0625, 0.0625, 0.0625, 0.0625]],
]);
