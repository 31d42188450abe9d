<?php

use Fravel\Check\Scores;
use Fravel\Document\Game;

/**
 * @param  list<list<array<string, int>>>  $questions  what each option of each question adds
 * @param  list<string>  $tallies
 */
function scoresOf(array $questions, array $tallies): Scores
{
    $scenes = [];
    foreach ($questions as $place => $options) {
        $entries = array_map(fn (array $adds, int $at): array => ['id' => "o{$place}-{$at}", 'md' => (string) $at, 'do' => array_map(fn (string $tally, int $by): array => ['add' => $tally, 'by' => $by], array_keys($adds), $adds)], $options, array_keys($options));
        $scenes[] = ['id' => "s{$place}", 'title' => '', 'layout' => 'page', 'things' => [['id' => "q{$place}", 'kind' => 'lock', 'input' => ['type' => 'options', 'options' => $entries], 'rules' => [['match' => ['anything' => true], 'verdict' => 'open']]]]];
    }
    $scenes[] = ['id' => 'end', 'title' => '', 'layout' => 'page', 'things' => [], 'arrive' => [['if' => ['leads' => $tallies[0], 'among' => $tallies], 'go' => 's0']]];

    return Scores::of(Game::of(['fravel' => 1, 'title' => '', 'start' => 's0', 'tallies' => array_map(fn (string $id): array => ['id' => $id, 'name' => $id, 'start' => 0], $tallies), 'scenes' => $scenes]));
}

it('says the least and the most, and who can never win', function (): void {
    $scores = scoresOf([[['a' => 1], ['b' => 1], ['c' => 1]], [['a' => 1], ['b' => 2]]], ['a', 'b', 'c']);

    expect($scores->ranges)->toBe(['a' => ['least' => 0.0, 'most' => 2.0], 'b' => ['least' => 0.0, 'most' => 3.0], 'c' => ['least' => 0.0, 'most' => 1.0]])
        ->and($scores->wins['c'])->toBe(0.0);
});

it('agrees with trying every way to answer', function (int $seed): void {
    mt_srand($seed);
    $tallies = ['a', 'b', 'c'];
    $questions = array_map(fn (): array => array_map(fn (): array => array_combine($tallies, [mt_rand(-2, 3), mt_rand(-2, 3), mt_rand(-2, 3)]), range(0, mt_rand(1, 2))), range(0, mt_rand(0, 4)));
    $ways = [[0, 0, 0]];
    foreach ($questions as $options) {
        $ways = array_merge(...array_map(fn (array $sum): array => array_map(fn (array $adds): array => [$sum[0] + $adds['a'], $sum[1] + $adds['b'], $sum[2] + $adds['c']], $options), $ways));
    }
    $wins = fn (int $place): float => count(array_filter($ways, fn (array $sum): bool => array_search(max($sum), $sum, true) === $place)) / count($ways);
    $scores = scoresOf($questions, $tallies);

    foreach ($tallies as $place => $tally) {
        expect(abs($scores->wins[$tally] - $wins($place)))->toBeLessThan(1e-9)
            ->and($scores->ranges[$tally])->toBe(['least' => (float) min(array_column($ways, $place)), 'most' => (float) max(array_column($ways, $place))]);
    }
})->with(range(1, 20));
