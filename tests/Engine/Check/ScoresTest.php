<?php

use Fravel\Check\Scores;
use Fravel\Document\GameDocument;

/**
 * @param  list<list<array<string, int|string>>>  $questions  what each option of each question adds, or "must" or "never"
 * @param  list<string>  $tallies
 * @param  list<string>  $supposed
 */
function scoresOf(array $questions, array $tallies, array $supposed = []): Scores
{
    $scenes = [];
    foreach ($questions as $place => $options) {
        $entries = array_map(fn (array $adds, int $at): array => ['id' => "o{$place}-{$at}", 'md' => (string) $at, 'do' => array_map(fn (string $tally, int|string $by): array => is_string($by) ? [$by => $tally] : ['add' => $tally, 'by' => $by], array_keys($adds), $adds)], $options, array_keys($options));
        $scenes[] = ['id' => "s{$place}", 'title' => '', 'layout' => 'page', 'things' => [['id' => "q{$place}", 'kind' => 'lock', 'input' => ['type' => 'options', 'options' => $entries], 'rules' => [['match' => ['anything' => true], 'verdict' => 'open']]]]];
    }
    $scenes[] = ['id' => 'end', 'title' => '', 'layout' => 'page', 'things' => [], 'arrive' => [['if' => ['leads' => $tallies[0], 'among' => $tallies], 'go' => 's0']]];

    return Scores::of(GameDocument::of(['fravel' => 1, 'title' => '', 'start' => 's0', 'tallies' => array_map(fn (string $id): array => ['id' => $id, 'name' => $id, 'start' => 0], $tallies), 'scenes' => $scenes]), $supposed);
}

it('says the least and the most, and who can never win', function (): void {
    $scores = scoresOf([[['a' => 1], ['b' => 1], ['c' => 1]], [['a' => 1], ['b' => 2]]], ['a', 'b', 'c']);

    expect($scores->ranges)->toBe(['a' => ['least' => 0.0, 'most' => 2.0], 'b' => ['least' => 0.0, 'most' => 3.0], 'c' => ['least' => 0.0, 'most' => 1.0]])
        ->and($scores->shares->wins['c'])->toBe(0.0);
});

/**
 * Which leads where these were picked, told anew from the words of the format.
 *
 * @param  list<array<string, int|string>>  $picked
 * @param  list<string>  $tallies
 */
function leaderOf(array $picked, array $tallies): ?string
{
    $ranks = [];
    foreach ($tallies as $tally) {
        $marks = array_column($picked, $tally);
        if (! in_array('never', $marks, true)) {
            $ranks[$tally] = array_sum(array_filter($marks, is_int(...))) + (in_array('must', $marks, true) ? 1e6 : 0);
        }
    }

    return $ranks === [] ? null : array_search(max($ranks), $ranks, true);
}

it('agrees with trying every way to answer', function (int $seed): void {
    mt_srand($seed);
    $tallies = ['a', 'b', 'c'];
    $mark = fn (): int|string => mt_rand(0, 5) > 0 ? mt_rand(-2, 3) : ['must', 'never'][mt_rand(0, 1)];
    $questions = array_map(fn (): array => array_map(fn (): array => array_combine($tallies, [$mark(), $mark(), $mark()]), range(0, mt_rand(1, 2))), range(0, mt_rand(0, 4)));
    $ways = [[]];
    foreach ($questions as $options) {
        $ways = array_merge(...array_map(fn (array $picked): array => array_map(fn (array $option): array => [...$picked, $option], $options), $ways));
    }
    $wins = array_count_values(array_map(fn (array $picked): string => leaderOf($picked, $tallies) ?? 'none', $ways));
    $scores = scoresOf($questions, $tallies);

    expect(abs($scores->shares->none - ($wins['none'] ?? 0) / count($ways)))->toBeLessThan(1e-9);
    foreach ($tallies as $tally) {
        $sums = array_map(fn (array $picked): float => (float) array_sum(array_filter(array_column($picked, $tally), is_int(...))), $ways);
        $example = array_map(function (string $option) use ($questions): array {
            [$place, $at] = sscanf($option, 'o%d-%d');

            return $questions[$place][$at];
        }, $scores->shares->examples[$tally] ?? []);
        expect(isset($wins[$tally]) ? leaderOf($example, $tallies) : $tally)->toBe($tally)
            ->and(abs($scores->shares->wins[$tally] - ($wins[$tally] ?? 0) / count($ways)))->toBeLessThan(1e-9)
            ->and($scores->ranges[$tally])->toBe(['least' => min($sums), 'most' => max($sums)]);
    }
})->with(range(1, 40));

/** What three tallies can come to in a game with a question, a lock, a choice and a start of their own. */
function scoresOfParts(): Scores
{
    $add = fn (string $tally, int $by): array => ['add' => $tally, 'by' => $by];
    $question = ['id' => 'q', 'kind' => 'lock', 'input' => ['type' => 'options', 'options' => [['id' => 'x', 'md' => 'x', 'do' => [$add('a', 2)]], ['id' => 'y', 'md' => 'y'], ['id' => 'z', 'md' => 'z', 'do' => [$add('b', 1), $add('b', 1)]]]], 'rules' => [['match' => ['options' => ['x']], 'verdict' => 'open', 'do' => [$add('a', 1)]], ['match' => ['options' => ['y']], 'verdict' => 'almost', 'do' => [$add('a', 50)]]]];
    $lock = ['id' => 'l', 'kind' => 'lock', 'input' => ['type' => 'text'], 'rules' => [['match' => ['equals' => ['no']], 'verdict' => 'wrong', 'do' => [$add('a', 70)]], ['match' => ['equals' => ['yes']], 'verdict' => 'open', 'do' => [$add('a', 10)]]]];
    $many = ['id' => 'm', 'kind' => 'lock', 'input' => ['type' => 'options', 'many' => true, 'options' => [['id' => 'p', 'md' => 'p', 'do' => [$add('b', 90)]]]], 'rules' => [['match' => ['options' => ['p']], 'verdict' => 'open']]];
    $choices = [['id' => 'c', 'kind' => 'choice', 'react' => [['if' => ['leads' => 'b', 'among' => ['b', 'a', 'gone']], 'do' => [$add('a', -4), ['set' => 'b', 'to' => 99]]], ['do' => [$add('b', 7)]]]]];

    return Scores::of(GameDocument::of(['fravel' => 1, 'title' => '', 'start' => 's', 'tallies' => [['id' => 'a', 'name' => 'A', 'start' => 1], ['id' => 'b', 'name' => 'B', 'start' => 2], ['id' => 'idle', 'name' => 'I', 'start' => 5]], 'scenes' => [['id' => 's', 'title' => '', 'layout' => 'page', 'things' => [$question, $lock, $many, ...$choices]]]]));
}

it('counts from where tallies start, each opening and each choice once or never', function (): void {
    expect(scoresOfParts()->ranges)->toBe(['a' => ['least' => -3.0, 'most' => 14.0], 'b' => ['least' => 2.0, 'most' => 11.0], 'idle' => ['least' => 5.0, 'most' => 5.0]]);
});

it('gives a tie to the one listed first, and says how often there is one', function (): void {
    $scores = scoresOfParts();

    expect(array_keys($scores->shares->wins))->toBe(['b', 'a'])->and(array_map(fn (float $share): float => round($share, 6), $scores->shares->wins))->toBe(['b' => 0.666667, 'a' => 0.333333])->and($scores->shares->tied)->toBe(0.0)
        ->and(round(scoresOf([[['a' => 1], ['b' => 1]], [['a' => 1], ['b' => 1]]], ['a', 'b'])->shares->tied, 6))->toBe(0.5)
        ->and(scoresOf([[['a' => 1], ['b' => 1]], [['a' => 1], ['b' => 1]]], ['b', 'a'])->shares->wins)->toBe(['b' => 0.75, 'a' => 0.25]);
});

it('says no shares where nothing is compared, nor where there are too many sums', function (): void {
    $none = Scores::of(GameDocument::of(['fravel' => 1, 'title' => '', 'start' => 's', 'tallies' => [['id' => 'a', 'name' => 'A', 'start' => 0]], 'scenes' => [['id' => 's', 'title' => '', 'layout' => 'page', 'things' => []]]]));
    $many = array_map(fn (int $place): array => [['a' => 2 ** $place], ['b' => 2 ** $place]], range(0, 17));

    expect([$none->shares->wins, $none->shares->tied])->toBe([[], 0.0])->and([scoresOf($many, ['a', 'b'])->shares->wins, scoresOf($many, ['a', 'b'])->shares->tied])->toBe([[], 0.0]);
});

it('works out what wins for those who answer as supposed', function (): void {
    $questions = [[['a' => 1], ['b' => 1]], [['a' => 1], ['b' => 2], ['a' => 'never']]];

    expect(scoresOf($questions, ['a', 'b'], ['o0-1'])->shares->wins)->toBe(['a' => 1 / 3, 'b' => 2 / 3])
        ->and(scoresOf($questions, ['a', 'b'], ['o0-0', 'o1-0'])->shares->wins)->toBe(['a' => 1.0, 'b' => 0.0])
        ->and(round(scoresOf($questions, ['a', 'b'], ['o1-1', 'o1-2', 'gone'])->shares->wins['b'], 9))->toBe(1.0)
        ->and(scoresOf($questions, ['a', 'b'], ['o0-0'])->ranges['a'])->toBe(['least' => 1.0, 'most' => 2.0]);
});
